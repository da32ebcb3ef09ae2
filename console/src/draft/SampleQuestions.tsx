import {
  Badge,
  Button,
  Card,
  Checkbox,
  Heading,
  HStack,
  SimpleGrid,
  Stack,
  Text,
  Textarea,
} from "@chakra-ui/react";
import { useState } from "react";
import type { SampleQuestion } from "../rest/client";
import { TextField } from "../shell/fields";
import { Meaning } from "./Meaning";
import type { DraftHold } from "./useDraft";

const FILE = "questions.yaml";
const today = () => new Date().toISOString().slice(0, 10);

/** Sample questions, each with what it means; the order of starters is the order of the list. */
export function SampleQuestions({ hold }: { hold: DraftHold }) {
  const { draft, edit } = hold;
  const [opened, setOpened] = useState<number>();
  const move = (from: number, to: number) => {
    const list = draft.questions.map(asWritten);
    list.splice(to, 0, ...list.splice(from, 1));
    edit({ file: FILE, path: ["questions"], value: list });
    setOpened(undefined);
  };
  return (
    <Stack gap="3">
      <NewQuestion hold={hold} />
      {draft.questions.map((q, i) => (
        <Card.Root key={`${i}/${q.ask}`} size="sm">
          <Card.Header pb="4">
            <HStack justify="space-between" align="start" gap="4">
              <Stack gap="0" minW="0">
                <Heading as="h3" size="sm">
                  {q.ask}
                </Heading>
                <Text textStyle="sm" color="fg.muted">
                  {q.means ?? "answered by SQL of its own"}
                </Text>
                <HStack mt="1">
                  {q.starter && <Badge colorPalette="teal">starter</Badge>}
                  {q.agreed ? (
                    <Badge variant="outline">agreed {q.agreed}</Badge>
                  ) : (
                    <Badge colorPalette="orange">not agreed</Badge>
                  )}
                  {q.label && <Badge variant="outline">shown as “{q.label}”</Badge>}
                </HStack>
              </Stack>
              <HStack gap="1">
                <Button
                  size="xs"
                  variant="ghost"
                  aria-label={`Earlier: ${q.ask}`}
                  disabled={i === 0}
                  onClick={() => move(i, i - 1)}
                >
                  Earlier
                </Button>
                <Button
                  size="xs"
                  variant="ghost"
                  aria-label={`Later: ${q.ask}`}
                  disabled={i === draft.questions.length - 1}
                  onClick={() => move(i, i + 1)}
                >
                  Later
                </Button>
                <Button
                  size="xs"
                  variant="ghost"
                  aria-expanded={opened === i}
                  aria-label={`${opened === i ? "Close" : "Open"}: ${q.ask}`}
                  onClick={() => setOpened(opened === i ? undefined : i)}
                >
                  {opened === i ? "Close" : "Open"}
                </Button>
              </HStack>
            </HStack>
          </Card.Header>
          {opened === i && (
            <Card.Body pt="0">
              <QuestionFields index={i} question={q} hold={hold} />
            </Card.Body>
          )}
        </Card.Root>
      ))}
    </Stack>
  );
}

/** A sample question as the file writes it. */
function asWritten(q: SampleQuestion) {
  return {
    ask: q.ask,
    ...(q.means ? { means: q.means } : {}),
    ...(q.sql ? { sql: q.sql } : {}),
    ...(Object.keys(q.slots).length > 0 ? { slots: q.slots } : {}),
    ...(q.agreed ? { agreed: q.agreed } : {}),
    ...(q.starter ? { starter: true } : {}),
    ...(q.label ? { label: q.label } : {}),
  };
}

interface QuestionFieldsProps {
  index: number;
  question: SampleQuestion;
  hold: DraftHold;
}

function QuestionFields({ index, question, hold: { draft, edit } }: QuestionFieldsProps) {
  const path = ["questions", String(index)];
  const set = (key: string, value: unknown) =>
    edit({ file: FILE, path: [...path, key], value: value === "" ? undefined : value });
  return (
    <Stack gap="3">
      <SimpleGrid columns={{ base: 1, lg: 2 }} gap="3">
        <TextField label="Question" value={question.ask} onSave={(v) => set("ask", v)} />
        <TextField
          label="Shown as"
          placeholder="the question itself"
          value={question.label ?? ""}
          onSave={(v) => set("label", v)}
        />
      </SimpleGrid>
      {question.sql ? (
        <TextField
          code
          lines={5}
          label="SQL"
          value={question.sql}
          onSave={(v) => set("sql", v)}
          help={`Slots: ${
            Object.entries(question.slots)
              .map(([slot, column]) => `:${slot} from ${column}`)
              .join(", ") || "none"
          }`}
        />
      ) : (
        <Meaning model={draft.model} value={question.means ?? ""} onSave={(v) => set("means", v)} />
      )}
      <HStack gap="6" wrap="wrap">
        <Check
          text="Agreed"
          checked={question.agreed !== null && question.agreed !== undefined}
          onCheck={(yes) => set("agreed", yes ? today() : undefined)}
        />
        <Check
          text="Starter: offered to people who begin"
          checked={question.starter}
          onCheck={(yes) => set("starter", yes ? true : undefined)}
        />
        <Button
          size="xs"
          variant="outline"
          colorPalette="red"
          aria-label={`Remove: ${question.ask}`}
          onClick={() => edit({ file: FILE, path })}
        >
          Remove
        </Button>
      </HStack>
    </Stack>
  );
}

interface CheckProps {
  text: string;
  checked: boolean;
  onCheck: (yes: boolean) => void;
}

function Check({ text, checked, onCheck }: CheckProps) {
  return (
    <Checkbox.Root size="sm" checked={checked} onCheckedChange={(e) => onCheck(e.checked === true)}>
      <Checkbox.HiddenInput />
      <Checkbox.Control />
      <Checkbox.Label>{text}</Checkbox.Label>
    </Checkbox.Root>
  );
}

function NewQuestion({ hold: { draft, edit } }: { hold: DraftHold }) {
  const [ask, setAsk] = useState("");
  const [means, setMeans] = useState("");
  const add = () => {
    edit({
      file: FILE,
      path: ["questions", String(draft.questions.length)],
      value: { ask: ask.trim(), means: means.trim(), agreed: today() },
    });
    setAsk("");
    setMeans("");
  };
  return (
    <Card.Root as="section" aria-labelledby="new-question">
      <Card.Header pb="2">
        <Heading as="h2" size="md" id="new-question">
          A new sample question
        </Heading>
      </Card.Header>
      <Card.Body gap="3">
        <Textarea
          rows={1}
          size="sm"
          aria-label="Question as people ask it"
          placeholder="As people ask it: which huts were fullest last summer?"
          value={ask}
          onChange={(e) => setAsk(e.target.value)}
        />
        <Meaning model={draft.model} value={means} ask={ask} onType={setMeans} />
        <Button
          alignSelf="start"
          size="sm"
          disabled={ask.trim() === "" || means.trim() === ""}
          onClick={add}
        >
          Add as agreed
        </Button>
      </Card.Body>
    </Card.Root>
  );
}
