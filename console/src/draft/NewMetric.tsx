import {
  Button,
  Card,
  Code,
  Field,
  Heading,
  HStack,
  Input,
  List,
  Stack,
  Text,
} from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { AnswerTable } from "../ask/AnswerTable";
import { BigNumber } from "../ask/BigNumber";
import { authoring, type MetricFromWords } from "../rest/client";
import { Failure } from "../shell/Failure";
import type { DraftHold } from "./useDraft";
import { identifier, over } from "./words";

interface NewMetricProps {
  hold: DraftHold;
  onKept: (name: string) => void;
}

/** A metric in plain words: proposed with its SQL and shown on real numbers before it is kept. */
export function NewMetric({ hold, onKept }: NewMetricProps) {
  const { draft, editing } = hold;
  const [words, setWords] = useState("");
  const [called, setCalled] = useState("");
  const name = identifier(called || words);
  const propose = useMutation({ mutationFn: () => authoring.metric(draft.model, name, words) });
  const keep = useMutation({
    mutationFn: (made: MetricFromWords) =>
      editing(...made.edits.map((e) => ({ file: e.file, path: e.path, value: e.value }))),
    onSuccess: () => {
      setWords("");
      setCalled("");
      propose.reset();
      onKept(name);
    },
  });
  const made = propose.data;
  return (
    <Card.Root as="section" aria-labelledby="new-metric">
      <Card.Header pb="2">
        <Heading as="h2" size="md" id="new-metric">
          A metric in plain words
        </Heading>
      </Card.Header>
      <Card.Body gap="3">
        <HStack
          as="form"
          align="end"
          wrap="wrap"
          onSubmit={(e) => {
            e.preventDefault();
            if (name && words) propose.mutate();
          }}
        >
          <Field.Root flex="2" minW="60">
            <Field.Label>What it is</Field.Label>
            <Input
              size="sm"
              placeholder="revenue minus refunds, per guest night"
              value={words}
              onChange={(e) => setWords(e.target.value)}
            />
          </Field.Root>
          <Field.Root flex="1" minW="40">
            <Field.Label>What people call it</Field.Label>
            <Input
              size="sm"
              placeholder="net income per night"
              value={called}
              onChange={(e) => setCalled(e.target.value)}
            />
          </Field.Root>
          <Button type="submit" size="sm" loading={propose.isPending} disabled={!name || !words}>
            Propose
          </Button>
        </HStack>
        {propose.error && <Failure error={propose.error} />}
        {made && made.proposed.metrics.length === 0 && (
          <Text role="status">{made.proposed.reason}</Text>
        )}
        {made && made.proposed.metrics.length > 0 && (
          <Proposal made={made} isKeeping={keep.isPending} onKeep={() => keep.mutate(made)} />
        )}
        {keep.error && <Failure error={keep.error} />}
      </Card.Body>
    </Card.Root>
  );
}

interface ProposalProps {
  made: MetricFromWords;
  isKeeping: boolean;
  onKeep: () => void;
}

function Proposal({ made, isKeeping, onKeep }: ProposalProps) {
  return (
    <Stack gap="3" role="status">
      <Text>
        Read as <b>{made.proposed.words}</b>
      </Text>
      {made.proposed.metrics.map((m) => (
        <Stack key={m.name} gap="1">
          <Text textStyle="sm" color="fg.muted">
            {m.name}, {over(m)}
            {m.unit && `, in ${m.unit}`}
          </Text>
          <Code as="pre" p="2" display="block" whiteSpace="pre-wrap" colorPalette="gray">
            {m.sql}
          </Code>
        </Stack>
      ))}
      <List.Root textStyle="sm" ps="5">
        {made.proposed.remarks.map((r) => (
          <List.Item key={r}>{r}</List.Item>
        ))}
      </List.Root>
      {made.shown.map((answer) => (
        <Stack key={answer.question} gap="1">
          <Text textStyle="sm" color="fg.muted">
            {answer.restatement}
          </Text>
          {answer.columns.length === 1 ? (
            <BigNumber answer={answer} />
          ) : (
            <AnswerTable answer={answer} />
          )}
        </Stack>
      ))}
      <Button alignSelf="start" size="sm" loading={isKeeping} onClick={onKeep}>
        Keep in the draft
      </Button>
    </Stack>
  );
}
