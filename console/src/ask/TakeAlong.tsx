import { Button, Menu, Portal, Text } from "@chakra-ui/react";
import { useState } from "react";
import { FORMATS, rest, type Answer } from "../rest/client";
import type { Picture } from "./Chart";
import { addressOf } from "./place";

interface TakeAlongProps {
  answer: Answer;
  picture: Picture | undefined;
}

/** Ways to use an answer elsewhere: files, pictures, a link, words. */
export function TakeAlong({ answer, picture }: TakeAlongProps) {
  const [said, setSaid] = useState("");
  const tell = (done: Promise<string>) => {
    done.then(setSaid, (e: unknown) => setSaid(e instanceof Error ? e.message : "It failed."));
  };
  const rows = async (format: keyof typeof FORMATS) => {
    const file = await rest.rows(answer.model, answer.restatement, format);
    save(file.blob, file.name);
    return `${file.name} was saved.`;
  };
  const image = async (format: "png" | "svg") => {
    const blob = await picture?.image(format);
    if (blob) save(blob, `chart.${format}`);
    return `chart.${format} was saved.`;
  };
  const specification = () => {
    const text = JSON.stringify(picture?.specification, null, 2);
    save(new Blob([text], { type: "application/json" }), "chart.vl.json");
    return Promise.resolve("chart.vl.json was saved.");
  };
  const asItWas = async () => {
    const kept = await rest.keepAnswer(answer.model, answer.restatement);
    await navigator.clipboard.writeText(`${window.location.origin}/kept/${kept.id}`);
    return "Link copied. It shows this answer as it is now.";
  };
  const copy = async (what: string, text: string) => {
    await navigator.clipboard.writeText(text);
    return `${what} copied.`;
  };
  const items: [string, () => Promise<string>][] = [
    ["Rows as CSV", () => rows("csv")],
    ["Rows as XLSX", () => rows("xlsx")],
    ["Rows as Parquet", () => rows("parquet")],
    ["Rows as JSON", () => rows("json")],
    ...(picture
      ? ([
          ["Picture as PNG", () => image("png")],
          ["Picture as SVG", () => image("svg")],
          ["Picture's specification", specification],
        ] as [string, () => Promise<string>][])
      : []),
    ["Copy a link to this question", () => copy("Link", link(answer))],
    ["Copy a link to the answer as it is now", asItWas],
    ["Copy how it was read", () => copy("Words", answer.restatement)],
    ["Copy the SQL", () => copy("SQL", answer.readableSql)],
  ];
  return (
    <>
      <Menu.Root lazyMount>
        <Menu.Trigger asChild>
          <Button size="xs" variant="outline">
            Take along
          </Button>
        </Menu.Trigger>
        <Portal>
          <Menu.Positioner>
            <Menu.Content>
              {items.map(([label, act]) => (
                <Menu.Item key={label} value={label} onClick={() => tell(act())}>
                  {label}
                </Menu.Item>
              ))}
            </Menu.Content>
          </Menu.Positioner>
        </Portal>
      </Menu.Root>
      <Text textStyle="xs" color="fg.muted" role="status">
        {said}
      </Text>
    </>
  );
}

/** Asks the same of whoever opens it, with what that person may see. */
function link(answer: Answer): string {
  return window.location.origin + addressOf(answer.model, answer.restatement);
}

function save(blob: Blob, name: string) {
  const url = URL.createObjectURL(blob);
  const anchor = document.createElement("a");
  anchor.href = url;
  anchor.download = name;
  anchor.click();
  URL.revokeObjectURL(url);
}
