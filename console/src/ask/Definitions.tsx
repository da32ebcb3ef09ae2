import { Code, DataList, Text } from "@chakra-ui/react";
import type { Answer } from "../rest/client";

interface DefinitionsProps {
  definitions: Answer["definitions"];
  /** What stands beside them already and is not said again. */
  said?: string[];
}

/** What words of the model mean, each with its formula. */
export function Definitions({ definitions, said = [] }: DefinitionsProps) {
  return (
    <DataList.Root orientation="horizontal">
      {definitions.map((d) => (
        <DataList.Item key={d.word} alignItems="start">
          <DataList.ItemLabel minW="40">{d.word}</DataList.ItemLabel>
          <DataList.ItemValue display="block">
            {d.meaning && !said.includes(d.meaning) && <Text>{d.meaning}</Text>}
            <Text textStyle="sm" color="fg.muted">
              {d.over && `Over ${d.over}: `}
              <Code colorPalette="gray">{d.formula}</Code>
            </Text>
          </DataList.ItemValue>
        </DataList.Item>
      ))}
    </DataList.Root>
  );
}
