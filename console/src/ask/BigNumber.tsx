import { HStack, Text } from "@chakra-ui/react";
import type { Answer } from "../rest/client";
import { cellText } from "./cells";

/** An answer that is one number. */
export function BigNumber({ answer }: { answer: Answer }) {
  const column = answer.columns[0];
  if (!column) return null;
  const text = cellText(answer.rows[0]?.[0], column);
  // An author's own SQL names its number itself; a plan's is named by the restatement.
  const unit =
    answer.plan === null ? column.name : column.name.endsWith(column.unit) ? "" : column.unit;
  return (
    <HStack align="baseline" gap="2" data-testid="number">
      <Text textStyle="5xl" fontWeight="semibold" fontVariantNumeric="tabular-nums">
        {text === "" ? "No value" : text}
      </Text>
      {text !== "" && <Text color="fg.muted">{unit}</Text>}
    </HStack>
  );
}
