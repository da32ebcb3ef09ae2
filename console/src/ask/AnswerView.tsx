import { Alert, Box, Button, Card, Heading, List, Stack, Text } from "@chakra-ui/react";
import { lazy, Suspense } from "react";
import type { Answer } from "../rest/client";
import { AnswerTable } from "./AnswerTable";
import { BigNumber } from "./BigNumber";
import { Proposals } from "./Proposals";
import { SqlPanel } from "./SqlPanel";
import { Words } from "./Words";

const Chart = lazy(() => import("./Chart"));

interface AnswerViewProps {
  answer: Answer;
  onAsk: (question: string) => void;
}

/** An answer: how it was read, what came out, what to know about it, and how it was computed. */
export function AnswerView({ answer, onAsk }: AnswerViewProps) {
  const computed =
    answer.status !== "unclear" && (answer.plan !== null || answer.columns.length > 0);
  return (
    <Stack gap="5" aria-live="polite">
      <Words answer={answer} />
      {answer.status === "partly" && (
        <Alert.Root status="warning">
          <Alert.Indicator />
          <Alert.Title>{answer.reason} The answer below is without these words.</Alert.Title>
        </Alert.Root>
      )}
      {computed && <Proposals answer={answer} onAsk={onAsk} />}
      {computed ? <Computed answer={answer} /> : <NotComputed answer={answer} onAsk={onAsk} />}
    </Stack>
  );
}

function Computed({ answer }: { answer: Answer }) {
  const single = answer.rows.length === 1 && answer.columns.length === 1;
  const notices = answer.notices.filter((n) => n.kind !== "partly");
  return (
    <>
      <Card.Root>
        <Card.Header pb="2">
          <Text textStyle="sm" color="fg.muted">
            Read as
          </Text>
          <Heading as="h1" size="lg">
            {answer.restatement}
          </Heading>
        </Card.Header>
        <Card.Body gap="5">
          {single ? (
            <BigNumber answer={answer} />
          ) : (
            <>
              {answer.chart && (
                <Suspense fallback={<Box h="72" />}>
                  <Chart answer={answer} />
                </Suspense>
              )}
              <AnswerTable answer={answer} />
            </>
          )}
          {notices.length > 0 && (
            <List.Root textStyle="sm" color="fg.muted" aria-label="What to know" ps="4">
              {notices.map((n) => (
                <List.Item key={n.text}>{n.text}</List.Item>
              ))}
            </List.Root>
          )}
        </Card.Body>
      </Card.Root>
      <SqlPanel answer={answer} />
    </>
  );
}

function NotComputed({ answer, onAsk }: AnswerViewProps) {
  const unclear = answer.status === "unclear";
  const choices = unclear ? answer.alternatives.map((a) => a.restatement) : answer.suggestions;
  return (
    <Card.Root>
      <Card.Header>
        <Heading as="h1" size="lg">
          {unclear ? "Which is meant?" : "This cannot be answered"}
        </Heading>
        <Text>{answer.reason}</Text>
      </Card.Header>
      <Card.Body gap="4">
        <Proposals answer={answer} onAsk={onAsk} />
        {choices.length > 0 && (
          <Stack align="start" gap="2">
            <Text textStyle="sm" color="fg.muted">
              {unclear ? "It can be read as:" : "The model covers, for example:"}
            </Text>
            {choices.map((c) => (
              <Button key={c} variant="surface" onClick={() => onAsk(c)}>
                {c}
              </Button>
            ))}
          </Stack>
        )}
      </Card.Body>
    </Card.Root>
  );
}
