import {
  Alert,
  Box,
  Button,
  Card,
  Flex,
  Heading,
  HStack,
  Link,
  List,
  Stack,
  Text,
  Wrap,
} from "@chakra-ui/react";
import { lazy, Suspense, useCallback, useEffect, useRef, useState } from "react";
import { Link as PageLink } from "react-router";
import type { Answer } from "../rest/client";
import { isAuthor, useWho } from "../session/session";
import { AnswerTable } from "./AnswerTable";
import { BigNumber } from "./BigNumber";
import type { Picture } from "./Chart";
import { CrossTable } from "./CrossTable";
import { crossed } from "./crossed";
import { Explained } from "./Explained";
import { Handles } from "./Handles";
import { Judge } from "./Judge";
import { Narrative } from "./Narrative";
import { Proposals } from "./Proposals";
import { QuestionButton } from "./QuestionButton";
import { SqlPanel } from "./SqlPanel";
import { TakeAlong } from "./TakeAlong";
import { Trend } from "./Trend";
import { Words } from "./Words";

const Chart = lazy(() => import("./Chart"));
const Correction = lazy(() => import("../draft/Correction"));

interface AnswerViewProps {
  answer: Answer;
  /** Asks on; a whole question does not lean on this one. */
  onAsk: (question: string, whole: boolean, chosenFor?: string) => void;
}

/** An answer: how it was read, what came out, what to know about it, and how it was computed. */
export function AnswerView({ answer, onAsk }: AnswerViewProps) {
  const who = useWho();
  const pick = (question: string) => onAsk(question, true);
  const again = () => onAsk(answer.question, false);
  const computed =
    answer.status !== "unclear" && (answer.plan !== null || answer.columns.length > 0);
  return (
    <Stack gap="5" aria-live="polite">
      <Words words={answer.words} />
      {answer.status === "partly" && (
        <Alert.Root status="warning">
          <Alert.Indicator />
          <Alert.Title>{answer.reason} The answer below is without these words.</Alert.Title>
        </Alert.Root>
      )}
      {computed && <Proposals answer={answer} onAskAgain={again} />}
      {computed ? (
        <Computed answer={answer} onPick={pick} onAsk={onAsk} />
      ) : (
        <NotComputed
          answer={answer}
          onPick={pick}
          onAskAgain={again}
          onChoose={(question) => onAsk(question, true, answer.logged)}
        />
      )}
      {answer.logged && <Judge key={answer.logged} answer={answer} />}
      {who.data && isAuthor(who.data) && !isOrder(answer) && (
        <Suspense>
          <Correction key={answer.question} answer={answer} />
        </Suspense>
      )}
    </Stack>
  );
}

interface PickProps {
  answer: Answer;
  onPick: (question: string) => void;
}

function Computed({ answer, onPick, onAsk }: PickProps & AnswerViewProps) {
  // Kept the same between renders, or the chart would be drawn anew.
  const asked = useRef(onAsk);
  useEffect(() => {
    asked.current = onAsk;
  });
  const only = useCallback((question: string) => asked.current(question, false), []);
  const grouped = answer.parts.some((p) => p.kind === "grouping");
  const [picture, setPicture] = useState<Picture>();
  const cross = answer.plan?.picture === "CROSS_TABLE" ? crossed(answer) : undefined;
  const single = answer.rows.length === 1 && answer.columns.length === 1;
  const notices = answer.notices.filter((n) => n.kind !== "partly");
  return (
    <>
      <Card.Root>
        <Card.Header pb="2" gap="2">
          <Flex justify="space-between" align="start" gap="4">
            <Box>
              <Text textStyle="sm" color="fg.muted">
                Read as
              </Text>
              <Heading as="h1" size="lg">
                {answer.restatement}
              </Heading>
            </Box>
            {answer.plan !== null && (
              <Stack align="end" gap="1" flexShrink="0">
                <TakeAlong answer={answer} picture={picture} />
              </Stack>
            )}
          </Flex>
          {answer.plan !== null && <Handles answer={answer} onAsk={onPick} />}
          <Leaning answer={answer} onPick={onPick} />
        </Card.Header>
        <Card.Body gap="5">
          <Narrative answer={answer} />
          {single ? (
            <HStack gap="8" wrap="wrap">
              <BigNumber answer={answer} />
              {answer.trend && <Trend answer={answer} onPick={onPick} />}
            </HStack>
          ) : (
            <>
              {answer.chart && (
                <Suspense fallback={<Box h="72" />}>
                  <Chart answer={answer} onDrawn={setPicture} onOnly={only} />
                </Suspense>
              )}
              {cross ? (
                <CrossTable answer={answer} table={cross} />
              ) : (
                <AnswerTable
                  answer={answer}
                  onOnly={grouped ? only : undefined}
                  onBehind={grouped && answer.behind.length > 0 ? onPick : undefined}
                />
              )}
            </>
          )}
          {notices.length > 0 && (
            <List.Root textStyle="sm" color="fg.muted" aria-label="What to know" ps="4">
              {notices.map((n) => (
                <List.Item key={n.text}>
                  {n.text}
                  {n.kind === "own_word" && (
                    <>
                      {" "}
                      <Link asChild colorPalette="teal">
                        <PageLink to="/mine">Change it</PageLink>
                      </Link>
                    </>
                  )}
                </List.Item>
              ))}
            </List.Root>
          )}
        </Card.Body>
        {answer.next.length + answer.behind.length > 0 && (
          <Card.Footer flexWrap="wrap" gap="4">
            <Questions name="Go on" questions={answer.next} onPick={onPick} />
            <Questions name="Rows behind it" questions={answer.behind} onPick={onPick} />
          </Card.Footer>
        )}
      </Card.Root>
      <SqlPanel answer={answer} />
    </>
  );
}

interface QuestionsProps {
  name: string;
  questions: Answer["next"];
  onPick: (question: string) => void;
}

function Questions({ name, questions, onPick }: QuestionsProps) {
  if (questions.length === 0) return null;
  return (
    <Wrap gap="2" align="center" role="group" aria-label={name}>
      <Text textStyle="sm" color="fg.muted">
        {name}:
      </Text>
      {questions.map((n) => (
        <Button
          key={n.question}
          size="xs"
          variant="surface"
          title={n.question}
          onClick={() => onPick(n.question)}
        >
          {n.label}
        </Button>
      ))}
    </Wrap>
  );
}

/** What was kept of the question before, and what else the words could mean. */
function Leaning({ answer, onPick }: PickProps) {
  const change = answer.followUp;
  const changed = [
    ...(change?.added ?? []).map((p) => `now ${p}`),
    ...(change?.dropped ?? []).map((p) => `no more ${p}`),
  ];
  return (
    <>
      {change && (
        <Text textStyle="sm" color="fg.muted" data-testid="kept">
          {change.kept.length > 0 && `Kept: ${change.kept.join(", ")}. `}
          {changed.length > 0 && `Changed: ${changed.join(", ")}.`}
        </Text>
      )}
      {answer.alternatives.length > 0 && (
        <Wrap gap="2" align="center" role="group" aria-label="It could also mean">
          <Text textStyle="sm" color="fg.muted">
            It could also mean:
          </Text>
          {answer.alternatives.map((a) => (
            <QuestionButton
              key={a.restatement}
              size="xs"
              variant="outline"
              onClick={() => onPick(a.restatement)}
            >
              {a.restatement}
            </QuestionButton>
          ))}
        </Wrap>
      )}
    </>
  );
}

interface ChooseProps extends PickProps {
  /** Asks what the question was meant to be. */
  onChoose: (question: string) => void;
  onAskAgain: () => void;
}

/** Whether it was no question: the reason says what was done, or what to do instead. */
function isOrder(answer: Answer) {
  return answer.status === "started_again" || answer.status === "told";
}

function NotComputed({ answer, onPick, onChoose, onAskAgain }: ChooseProps) {
  const unclear = answer.status === "unclear";
  if (isOrder(answer)) {
    return <Text role="status">{answer.reason}</Text>;
  }
  if (answer.explained) return <Explained answer={answer} onPick={onPick} />;
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
        <Proposals answer={answer} onAskAgain={onAskAgain} />
        {choices.length > 0 && (
          <Stack align="start" gap="2">
            <Text textStyle="sm" color="fg.muted">
              {unclear ? "It can be read as:" : "The model covers, for example:"}
            </Text>
            {choices.map((c) => (
              <QuestionButton key={c} onClick={() => (unclear ? onChoose(c) : onPick(c))}>
                {c}
              </QuestionButton>
            ))}
          </Stack>
        )}
      </Card.Body>
    </Card.Root>
  );
}
