import {
  Badge,
  Box,
  Button,
  Card,
  Heading,
  HStack,
  Skeleton,
  Stack,
  Table,
  Text,
} from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { Fragment, useState } from "react";
import { ModelField } from "../draft/ModelField";
import { useDraftChoice } from "../draft/useDraft";
import { authoring, type Gap } from "../rest/client";
import { Failure } from "../shell/Failure";
import { ChoiceField } from "../shell/fields";
import { GapPanel } from "./GapPanel";
import { causeOf, people, STATES } from "./words";

/** What people asked and did not get, by cause; those first that trouble most people. */
export default function GapsPage() {
  const choice = useDraftChoice();
  const { models, chosen } = choice;
  const [state, setState] = useState("open");
  const [opened, setOpened] = useState<string>();
  const gaps = useQuery({
    queryKey: ["gaps", chosen],
    queryFn: () => authoring.gaps(chosen ?? ""),
    enabled: chosen !== undefined,
  });
  if (models.error) return <Failure error={models.error} />;
  const shown = (gaps.data ?? []).filter((g) => g.state === state);
  return (
    <Stack gap="4">
      <HStack justify="space-between" wrap="wrap" gap="3">
        <Heading as="h1" size="xl">
          Gaps
        </Heading>
        <HStack>
          <ModelField {...choice} />
          <ChoiceField bare label="State" value={state} options={STATES} onSave={setState} />
        </HStack>
      </HStack>
      <Text color="fg.muted">
        What people asked in the last 90 days and did not get, one row for each cause. Those that
        trouble most people come first.
      </Text>
      {gaps.error && <Failure error={gaps.error} />}
      {gaps.isPending && <Skeleton h="40" aria-label="Loading" />}
      {gaps.data && shown.length === 0 && (
        <Text>
          {state === "open"
            ? "No gap is open: every question was answered, or its cause is mended."
            : "There is none in this state."}
        </Text>
      )}
      {shown.length > 0 && (
        <Card.Root overflow="hidden">
          <Table.ScrollArea>
            <Table.Root size="sm">
              <Table.Header>
                <Table.Row>
                  <Table.ColumnHeader>Cause</Table.ColumnHeader>
                  <Table.ColumnHeader textAlign="end">People</Table.ColumnHeader>
                  <Table.ColumnHeader textAlign="end">Questions</Table.ColumnHeader>
                  <Table.ColumnHeader>Last asked</Table.ColumnHeader>
                  <Table.ColumnHeader>For example</Table.ColumnHeader>
                </Table.Row>
              </Table.Header>
              <Table.Body>
                {shown.map((g) => (
                  <Fragment key={g.key}>
                    <GapRow
                      gap={g}
                      open={opened === g.key}
                      onOpen={() => setOpened(opened === g.key ? undefined : g.key)}
                    />
                    {opened === g.key && chosen && (
                      <Table.Row>
                        <Table.Cell colSpan={5} bg="bg.subtle">
                          <Box position="sticky" left="2" maxW="calc(100vw - 4rem)">
                            <GapPanel model={chosen} gap={g} />
                          </Box>
                        </Table.Cell>
                      </Table.Row>
                    )}
                  </Fragment>
                ))}
              </Table.Body>
            </Table.Root>
          </Table.ScrollArea>
        </Card.Root>
      )}
    </Stack>
  );
}

function GapRow({ gap, open, onOpen }: { gap: Gap; open: boolean; onOpen: () => void }) {
  return (
    <Table.Row>
      <Table.Cell>
        <HStack>
          <Button
            size="xs"
            variant="ghost"
            h="auto"
            py="1.5"
            whiteSpace="normal"
            textAlign="start"
            aria-expanded={open}
            aria-label={`${causeOf(gap)}, ${people(gap.people)}`}
            onClick={onOpen}
          >
            {causeOf(gap)}
          </Button>
          {gap.hasReturned && <Badge colorPalette="orange">has come back</Badge>}
          {gap.forAuthor > 0 && <Badge colorPalette="blue">{gap.forAuthor} for you</Badge>}
          {gap.assignedTo && <Badge variant="outline">{gap.assignedTo}</Badge>}
        </HStack>
      </Table.Cell>
      <Table.Cell textAlign="end">{gap.people}</Table.Cell>
      <Table.Cell textAlign="end">{gap.questions}</Table.Cell>
      <Table.Cell>{new Date(gap.lastAsked).toLocaleDateString("en-GB")}</Table.Cell>
      <Table.Cell color="fg.muted">{gap.examples[0]?.question}</Table.Cell>
    </Table.Row>
  );
}
