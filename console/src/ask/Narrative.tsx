import { Flex, NativeSelect, Stack, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { Answer } from "../rest/client";

const VOICES = ["brief", "plain", "technical"];
const KEY = "ropebridge.voice";

/** What the rows tell, in as many words as the reader likes. */
export function Narrative({ answer }: { answer: Answer }) {
  const [voice, setVoice] = useState(() => localStorage.getItem(KEY) ?? "plain");
  if (answer.narrative.length === 0) return null;
  const told = answer.narrative.filter((s) => VOICES.indexOf(s.voice) <= VOICES.indexOf(voice));
  return (
    <Flex
      align="start"
      gap="4"
      direction={{ base: "column", sm: "row" }}
      as="section"
      aria-label="In words"
    >
      <Stack flex="1" gap="1">
        <Text>{told.map((s) => s.text).join(" ")}</Text>
      </Stack>
      <NativeSelect.Root size="xs" w="28">
        <NativeSelect.Field
          aria-label="How much is told"
          value={voice}
          onChange={(e) => {
            setVoice(e.target.value);
            localStorage.setItem(KEY, e.target.value);
          }}
        >
          {VOICES.map((v) => (
            <option key={v}>{v}</option>
          ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator />
      </NativeSelect.Root>
    </Flex>
  );
}
