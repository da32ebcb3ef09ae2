import { Box, useToken } from "@chakra-ui/react";
import { useTheme } from "next-themes";
import { useEffect, useRef } from "react";
import { parse, View, type Spec as VegaSpec } from "vega";
import { expressionInterpreter } from "vega-interpreter";
import { compile, type TopLevelSpec } from "vega-lite";
import type { Answer } from "../rest/client";
import { axisRoom } from "./axisRoom";
import { chartData, withWholeTicks } from "./chartData";
import { goOnWith } from "./rows";

/** Colours that people with any colour vision tell apart (Okabe and Ito 2008). */
const SERIES = ["#0072B2", "#E69F00", "#009E73", "#CC79A7", "#56B4E9", "#D55E00", "#8C8C8C"];
const HEIGHT = 280;
const BAR_STEP = 22;
const AXIS_ROOM = 100;
const LEGEND_ROOM = 70;
const BETWEEN = 16;
const NARROW = 500;
const LEAST_WIDTH = 90;
const NESTED_HEIGHT = 380;

/** A drawn chart, to be taken along. */
export interface Picture {
  specification: unknown;
  image: (format: "png" | "svg") => Promise<Blob>;
}

interface ChartProps {
  answer: Answer;
  /** Told the picture when it is there, and nothing when it goes. */
  onDrawn: (picture: Picture | undefined) => void;
  /** Asks on with only what a bar or point stands for. */
  onOnly?: (question: string) => void;
}

/** Draws an answer's specification, of Vega-Lite or Vega. Expressions are interpreted, never evaluated. */
export default function Chart({ answer, onDrawn, onOnly }: ChartProps) {
  const host = useRef<HTMLDivElement>(null);
  const { resolvedTheme } = useTheme();
  const [dark, light] = useToken("colors", ["gray.300", "gray.700"]);

  useEffect(() => {
    const element = host.current;
    if (!element) return;
    let view: View | undefined;
    try {
      const ink = resolvedTheme === "dark" ? dark : light;
      const spec = specification(answer, element.clientWidth, ink ?? "gray");
      const drawn = draw(element, spec);
      view = drawn;
      drawn.addEventListener("click", (_, item) => {
        const only = item && pointedAt(answer, item.datum as Record<string, unknown>);
        if (only) onOnly?.(only);
      });
      onDrawn({ specification: spec, image: (format) => image(drawn, format) });
    } catch (e) {
      // The table below says the same; a chart that cannot be drawn must not take the page down.
      console.error(e);
      element.hidden = true;
    }
    return () => {
      view?.finalize();
      onDrawn(undefined);
    };
  }, [answer, onDrawn, onOnly, resolvedTheme, dark, light]);

  return (
    <Box ref={host} w="full" minH="40" role="img" aria-label={`Chart: ${answer.restatement}`} />
  );
}

function specification(answer: Answer, width: number, ink: string) {
  const values = chartData(answer);
  const config = {
    view: { stroke: null },
    axis: {
      labelColor: ink,
      titleColor: ink,
      titleFontWeight: "normal",
      grid: true,
      gridOpacity: 0.15,
      domain: false,
      ticks: false,
      labelFontSize: 12,
      titleFontSize: 12,
    },
    axisBand: { grid: false },
    header: { labelColor: ink, labelFontSize: 12 },
    legend: { labelColor: ink, titleColor: ink },
    range: { category: SERIES },
  };
  if (isVega(answer.chart)) {
    const [rows, ...others] = answer.chart.data;
    return {
      ...answer.chart,
      width,
      height: NESTED_HEIGHT,
      data: [{ ...rows, values }, ...others],
      background: "transparent",
      config: { ...config, text: { fill: ink } },
    };
  }
  return {
    ...(withWholeTicks(answer) as object),
    ...sized(answer, width),
    data: { name: "rows", values },
    background: "transparent",
    config: {
      ...config,
      bar: { color: SERIES[0], cornerRadiusEnd: 2 },
      line: { color: SERIES[0], strokeWidth: 2 },
      point: { color: SERIES[0], filled: true },
      text: { color: ink },
    },
  };
}

interface Nested {
  $schema: string;
  data: object[];
}

function isVega(chart: unknown): chart is Nested {
  return String((chart as Nested | null)?.$schema).includes("/vega/");
}

/** The follow-up for the first group that a mark names. */
function pointedAt(answer: Answer, datum: Record<string, unknown>): string | undefined {
  return answer.columns
    .map((column, i) => goOnWith(column, datum[`c${i}`]))
    .find((only) => only !== undefined);
}

async function image(view: View, format: "png" | "svg"): Promise<Blob> {
  if (format === "svg") {
    return new Blob([await view.toSVG()], { type: "image/svg+xml" });
  }
  const canvas = await view.toCanvas(2);
  return new Promise((resolve, reject) => {
    canvas.toBlob((blob) => {
      if (blob) resolve(blob);
      else reject(new Error("The browser could not make the picture."));
    }, "image/png");
  });
}

function draw(element: HTMLElement, spec: object): View {
  const vega = isVega(spec) ? (spec as VegaSpec) : compile(spec as TopLevelSpec).spec;
  const view = new View(parse(vega, undefined, { ast: true }), {
    expr: expressionInterpreter,
    renderer: "canvas",
    hover: true,
  });
  view.initialize(element);
  void view.runAsync();
  return view;
}

/**
 * The chart with its size. Lying bars need room for each. Charts under each other cannot take their
 * width from the page by themselves, so it is given to them.
 */
function sized(answer: Answer, width: number): Record<string, unknown> {
  const chart = answer.chart as Spec | null;
  const down = chart?.vconcat?.[0]?.encoding?.y;
  const room =
    down?.type === "ordinal"
      ? axisRoom(
          answer.rows.map((row) => row[Number(down.field?.slice(1))]),
          AXIS_ROOM,
        )
      : AXIS_ROOM;
  const views = chart?.vconcat?.map((v) => ({ ...v, width: width - room, height: HEIGHT / 2 }));
  if (views) return { vconcat: views };
  if (chart?.facet) {
    const columns = width < NARROW ? 1 : (chart.columns ?? 1);
    const room = width - AXIS_ROOM - (chart.spec?.encoding?.color ? LEGEND_ROOM : 0);
    const small = room / columns - BETWEEN;
    return { columns, spec: { ...chart.spec, width: Math.max(small, LEAST_WIDTH) } };
  }
  // Maps have a projection, and keep their own height.
  if (chart?.projection) return { width };
  const lying = chart?.encoding?.y?.type === "ordinal";
  return lying ? { height: { step: BAR_STEP } } : { height: HEIGHT };
}

interface Encoding {
  y?: { type?: string; field?: string };
}

interface Spec {
  encoding?: Encoding;
  vconcat?: (Record<string, unknown> & { encoding?: Encoding })[];
  facet?: unknown;
  projection?: unknown;
  columns?: number;
  spec?: { encoding?: { color?: unknown } };
}
