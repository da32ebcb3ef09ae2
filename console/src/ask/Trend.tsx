import { chakra, HStack, Text } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { rest, type Answer, type AnswerColumn } from "../rest/client";
import { cellText } from "./cells";
import { trendOf, type Point } from "./trendPoints";

const WIDTH = 180;
const HEIGHT = 44;
const DOT = 3;

/** How a single number came about: a small line without axes, and the same in words. */
export function Trend({ answer, onPick }: { answer: Answer; onPick: (question: string) => void }) {
  const rows = useQuery({
    queryKey: ["trend", answer.model, answer.trend],
    queryFn: () => rest.allRows(answer.model, answer.trend),
    staleTime: Infinity,
    retry: false,
  });
  const column = answer.columns[0];
  const points = trendOf(rows.data ?? [], WIDTH - 2 * DOT, HEIGHT - 2 * DOT);
  const first = points[0];
  const last = points[points.length - 1];
  if (!column || !first || !last || points.length < 2) return null;
  const unit = answer.trend.includes(" by month") ? "month" : "year";
  const words = `From ${told(first, column, unit)} to ${told(last, column, unit)}`;
  return (
    <chakra.button
      type="button"
      title={`Ask: ${answer.trend}`}
      aria-label={`${words}. Ask for it by ${unit}.`}
      cursor="pointer"
      onClick={() => onPick(answer.trend)}
    >
      <HStack gap="3" wrap="wrap">
        <svg width={WIDTH} height={HEIGHT} aria-hidden="true">
          <g transform={`translate(${DOT} ${DOT})`}>
            <polyline
              points={points.map((p) => `${p.x},${p.y}`).join(" ")}
              fill="none"
              stroke="#0072B2"
              strokeWidth="2"
            />
            <circle cx={last.x} cy={last.y} r={DOT} fill="#0072B2" />
          </g>
        </svg>
        <Text textStyle="sm" color="fg.muted">
          {words}
        </Text>
      </HStack>
    </chakra.button>
  );
}

function told(point: Point, column: AnswerColumn, unit: string) {
  const when = cellText(point.at, { name: "", unit: "", shownAs: "plain", kind: unit });
  return `${cellText(point.value, column)} in ${when}`;
}
