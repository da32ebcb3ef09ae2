import { Box, Flex, Text, VisuallyHidden } from "@chakra-ui/react";
import type { WordPart } from "../rest/client";

/** Colours say the kind; the label under each word says it too, so that no one needs the colour. */
const PALETTES: Record<string, string> = {
  metric: "teal",
  statistic: "teal",
  figure: "teal",
  table: "blue",
  column: "blue",
  link: "blue",
  breakdown: "blue",
  value: "purple",
  condition: "purple",
  limit: "purple",
  comparison: "purple",
  number: "purple",
  time: "orange",
  ranking: "pink",
  order: "pink",
  picture: "pink",
  change: "cyan",
  "answer before": "cyan",
  sample: "teal",
  unread: "red",
};

/** The question, word by word, each with what it became written underneath. */
export function Words({ words }: { words: WordPart[] }) {
  if (words.length === 0) {
    return null;
  }
  return (
    <Flex wrap="wrap" columnGap="1" rowGap="3" as="section" aria-label="How each word was read">
      {words.map((w) => (
        <Word key={w.start} word={w} />
      ))}
    </Flex>
  );
}

function Word({ word }: { word: WordPart }) {
  const palette = PALETTES[word.kind];
  const unread = word.kind === "unread";
  return (
    <Box colorPalette={palette ?? "gray"} px="1" textAlign="center">
      <Text
        fontWeight={palette ? "medium" : "normal"}
        color={palette ? "fg" : "fg.muted"}
        borderBottomWidth="3px"
        borderBottomStyle={unread ? "dotted" : "solid"}
        borderColor={palette ? "colorPalette.solid" : "transparent"}
      >
        {word.text}
      </Text>
      <Text textStyle="xs" color={unread ? "fg.error" : "fg.muted"} minH="4">
        {label(word)}
      </Text>
      {word.found !== "" && word.found !== "exact" && (
        <VisuallyHidden>found as {word.found}</VisuallyHidden>
      )}
    </Box>
  );
}

/** What stands under a word: what it means where that adds something, else its kind. */
export function label(word: WordPart): string {
  switch (word.kind) {
    case "filler":
    case "word":
      return "";
    case "unread":
      return "not understood";
    case "sample":
      return "an agreed sample question";
    case "value":
      return word.means;
    case "metric":
    case "table":
    case "column":
    case "link":
    case "condition": {
      const same = word.means.toLowerCase() === word.text.toLowerCase();
      return same ? word.kind : word.means;
    }
    default:
      return word.kind;
  }
}
