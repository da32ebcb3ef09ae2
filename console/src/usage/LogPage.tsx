import {
  Badge,
  Card,
  Heading,
  HStack,
  Input,
  SimpleGrid,
  Skeleton,
  Stack,
  Table,
  Text,
} from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useDeferredValue, useState } from "react";
import { ModelField } from "../draft/ModelField";
import { useDraftChoice } from "../draft/useDraft";
import { authoring, type Logged } from "../rest/client";
import { Failure } from "../shell/Failure";
import { ChoiceField } from "../shell/fields";

const MOST_SHOWN = 200;

const DAYS = [
  { value: "7", text: "last 7 days" },
  { value: "30", text: "last 30 days" },
  { value: "90", text: "last 90 days" },
  { value: "365", text: "last 365 days" },
];

const OUTCOMES = [
  { value: "", text: "all outcomes" },
  { value: "answered", text: "answered" },
  { value: "partly", text: "partly read" },
  { value: "unclear", text: "asked back" },
  { value: "declined", text: "declined" },
  { value: "failed", text: "failed" },
  { value: "wrong", text: "judged wrong" },
];

/** Every question about a model, as the log keeps it: without rows, and without names. */
export default function LogPage() {
  const choice = useDraftChoice();
  const { models, chosen } = choice;
  const [days, setDays] = useState("30");
  const [outcome, setOutcome] = useState("");
  const [typed, setTyped] = useState("");
  const words = useDeferredValue(typed.trim().toLowerCase());
  const log = useQuery({
    queryKey: ["log", chosen, days],
    queryFn: () => authoring.log(chosen ?? "", Number(days)),
    enabled: chosen !== undefined,
  });
  if (models.error) return <Failure error={models.error} />;
  const found = (log.data ?? []).filter((q) => isOf(q, outcome) && has(q, words));
  return (
    <Stack gap="4">
      <Heading as="h1" size="xl">
        Log of questions
      </Heading>
      <SimpleGrid columns={{ base: 2, md: 4 }} gap="2">
        <Input
          size="sm"
          aria-label="Find in the log"
          placeholder="Find"
          value={typed}
          onChange={(e) => setTyped(e.target.value)}
        />
        <ChoiceField bare label="Outcome" value={outcome} options={OUTCOMES} onSave={setOutcome} />
        <ChoiceField bare label="Time" value={days} options={DAYS} onSave={setDays} />
        <ModelField {...choice} />
      </SimpleGrid>
      {log.error && <Failure error={log.error} />}
      {log.isPending && <Skeleton h="40" aria-label="Loading" />}
      {log.data && (
        <Text color="fg.muted" role="status">
          {found.length === 0
            ? "No question is like that."
            : found.length > MOST_SHOWN
              ? `The newest ${MOST_SHOWN} of ${found.length} questions.`
              : `${found.length} ${found.length === 1 ? "question" : "questions"}.`}
        </Text>
      )}
      {found.length > 0 && (
        <Card.Root overflow="hidden">
          <Table.ScrollArea>
            <Table.Root size="sm">
              <Table.Header>
                <Table.Row>
                  <Table.ColumnHeader>Asked</Table.ColumnHeader>
                  <Table.ColumnHeader>By</Table.ColumnHeader>
                  <Table.ColumnHeader>Question</Table.ColumnHeader>
                  <Table.ColumnHeader>What became of it</Table.ColumnHeader>
                  <Table.ColumnHeader textAlign="end">Edition</Table.ColumnHeader>
                  <Table.ColumnHeader textAlign="end">Rows</Table.ColumnHeader>
                  <Table.ColumnHeader textAlign="end">ms</Table.ColumnHeader>
                </Table.Row>
              </Table.Header>
              <Table.Body>
                {found.slice(0, MOST_SHOWN).map((q) => (
                  <Line key={q.id} question={q} />
                ))}
              </Table.Body>
            </Table.Root>
          </Table.ScrollArea>
        </Card.Root>
      )}
    </Stack>
  );
}

const isOf = (q: Logged, outcome: string) =>
  outcome === "" || q.status === outcome || q.verdict === outcome;

const has = (q: Logged, words: string) =>
  [q.question, q.restatement, q.verdictWords].some((t) => t.toLowerCase().includes(words));

function Line({ question: q }: { question: Logged }) {
  const unread = q.unread.length > 0 ? `, not read: ${q.unread.join(", ")}` : "";
  return (
    <Table.Row verticalAlign="top" whiteSpace="normal">
      <Table.Cell whiteSpace="nowrap">
        {new Date(q.askedAt).toLocaleString("en-GB", { dateStyle: "short", timeStyle: "short" })}
      </Table.Cell>
      <Table.Cell color="fg.muted">{q.person}</Table.Cell>
      <Table.Cell>
        {q.question}
        {q.leansOn && <Text color="fg.muted">after: {q.leansOn}</Text>}
      </Table.Cell>
      <Table.Cell>
        <Text color="fg.muted">
          {q.status === "answered" ? q.restatement : `${outcomeOf(q)}${unread}`}
        </Text>
        {q.chosen && <Text color="fg.muted">chosen: {q.chosen}</Text>}
        {q.verdict && (
          <HStack>
            <Badge colorPalette={q.verdict === "right" ? "green" : "red"}>{q.verdict}</Badge>
            {q.verdictWords && <Text color="fg.muted">“{q.verdictWords}”</Text>}
          </HStack>
        )}
        {q.forAuthor && <Badge colorPalette="blue">for you</Badge>}
      </Table.Cell>
      <Table.Cell textAlign="end">{q.edition}</Table.Cell>
      <Table.Cell textAlign="end">{q.rows}</Table.Cell>
      <Table.Cell textAlign="end">{Math.round(q.milliseconds)}</Table.Cell>
    </Table.Row>
  );
}

const outcomeOf = (q: Logged) => OUTCOMES.find((o) => o.value === q.status)?.text ?? q.status;
