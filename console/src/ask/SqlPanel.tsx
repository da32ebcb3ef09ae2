import { Accordion, Button, Card, Clipboard, Code, HStack, Text } from "@chakra-ui/react";
import type { Answer } from "../rest/client";
import { Definitions } from "./Definitions";

/** What the numbers mean; the SQL behind an answer, to read and to copy; how long each step took. */
export function SqlPanel({ answer }: { answer: Answer }) {
  const trail = answer.trail.map((s) => `${s.step} ${s.milliseconds.toFixed(1)} ms`).join(", ");
  return (
    <Card.Root>
      <Accordion.Root collapsible multiple px="5">
        {answer.definitions.length > 0 && (
          <Accordion.Item value="meaning">
            <Accordion.ItemTrigger>
              <Text flex="1">What the numbers mean</Text>
              <Accordion.ItemIndicator />
            </Accordion.ItemTrigger>
            <Accordion.ItemContent>
              <Accordion.ItemBody>
                <Definitions definitions={answer.definitions} />
              </Accordion.ItemBody>
            </Accordion.ItemContent>
          </Accordion.Item>
        )}
        <Accordion.Item value="sql" borderBottomWidth="0">
          <Accordion.ItemTrigger>
            <Text flex="1">How it was computed</Text>
            <Accordion.ItemIndicator />
          </Accordion.ItemTrigger>
          <Accordion.ItemContent>
            <Accordion.ItemBody>
              <Clipboard.Root value={answer.readableSql}>
                <HStack justify="space-between" mb="2">
                  <Text textStyle="sm" color="fg.muted">
                    Model {answer.model}, edition {answer.edition}; {trail}
                  </Text>
                  <Clipboard.Trigger asChild>
                    <Button size="xs" variant="surface">
                      <Clipboard.Indicator copied="Copied">Copy SQL</Clipboard.Indicator>
                    </Button>
                  </Clipboard.Trigger>
                </HStack>
              </Clipboard.Root>
              <Code
                as="pre"
                display="block"
                colorPalette="gray"
                overflowX="auto"
                p="3"
                whiteSpace="pre"
                data-testid="sql"
                tabIndex={0}
              >
                {answer.readableSql}
              </Code>
            </Accordion.ItemBody>
          </Accordion.ItemContent>
        </Accordion.Item>
      </Accordion.Root>
    </Card.Root>
  );
}
