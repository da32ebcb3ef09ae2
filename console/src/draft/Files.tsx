import { Button, Flex, HStack, Stack, Text, Textarea } from "@chakra-ui/react";
import { useState } from "react";
import type { DraftHold } from "./useDraft";

/** The files as they stand in version control; a text that is changed here is checked like all. */
export function Files({ hold: { draft, edit, isSaving } }: { hold: DraftHold }) {
  const names = Object.keys(draft.files).sort();
  const [chosen, setChosen] = useState(names[0] ?? "model.yaml");
  const [typed, setTyped] = useState<string>();
  const text = draft.files[chosen] ?? "";
  const choose = (name: string) => {
    setChosen(name);
    setTyped(undefined);
  };
  return (
    <Flex gap="3" direction={{ base: "column", lg: "row" }} align="start">
      <Stack gap="0" w={{ base: "full", lg: "48" }} flexShrink="0">
        {names.map((name) => (
          <Button
            key={name}
            size="xs"
            variant="ghost"
            justifyContent="start"
            fontFamily="mono"
            aria-pressed={name === chosen}
            bg={name === chosen ? "bg.emphasized" : undefined}
            onClick={() => choose(name)}
          >
            {name}
          </Button>
        ))}
      </Stack>
      <Stack flex="1" w="full" minW="0">
        <Textarea
          aria-label={`Text of ${chosen}`}
          fontFamily="mono"
          textStyle="xs"
          bg="bg"
          rows={26}
          spellCheck={false}
          value={typed ?? text}
          onChange={(e) => setTyped(e.target.value)}
        />
        <HStack>
          <Button
            size="sm"
            loading={isSaving}
            disabled={typed === undefined || typed === text}
            onClick={() => {
              edit({ file: chosen, path: [], value: typed });
              setTyped(undefined);
            }}
          >
            Save the file
          </Button>
          {typed !== undefined && typed !== text && (
            <Button size="sm" variant="ghost" onClick={() => setTyped(undefined)}>
              Take back
            </Button>
          )}
          <Text textStyle="sm" color="fg.muted">
            With the client: ropebridge model pull {draft.model}
          </Text>
        </HStack>
      </Stack>
    </Flex>
  );
}
