import { Button, Card, Field, HStack, Input, Stack, Text } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { rest, type Answer, type Verdict } from "../rest/client";
import { Failure } from "../shell/Failure";
import { ChoiceField } from "../shell/fields";

const PARTS: { value: NonNullable<Verdict["part"]>; text: string }[] = [
  { value: "MEASURE", text: "the number" },
  { value: "FILTER", text: "what it is limited to" },
  { value: "PERIOD", text: "the period" },
  { value: "BREAKDOWN", text: "the breakdown" },
  { value: "PICTURE", text: "the picture" },
  { value: "OTHER", text: "something else" },
];

/** What the asker thinks of an answer, or wants to ask the author where there is none. */
export function Judge({ answer }: { answer: Answer }) {
  const answered = answer.status === "answered" || answer.status === "explained";
  return answered ? <RightOrWrong answer={answer} /> : <AskAuthor answer={answer} />;
}

function RightOrWrong({ answer }: { answer: Answer }) {
  const [wrong, setWrong] = useState(false);
  const [part, setPart] = useState<Verdict["part"]>("MEASURE");
  const [words, setWords] = useState("");
  const judge = useMutation({
    mutationFn: (verdict: Partial<Verdict>) => rest.judge(answer.logged, verdict),
  });
  if (judge.isSuccess) {
    return (
      <Text textStyle="sm" color="fg.muted" role="status">
        {judge.variables.right
          ? "Kept: this is right."
          : "Kept: this is wrong. The author sees it."}
      </Text>
    );
  }
  return (
    <Stack gap="2" role="group" aria-label="Is this right?">
      <HStack>
        <Text textStyle="sm" color="fg.muted">
          Is this right?
        </Text>
        <Button
          size="xs"
          variant="outline"
          loading={judge.isPending && !wrong}
          onClick={() => judge.mutate({ right: true })}
        >
          Right
        </Button>
        <Button size="xs" variant="outline" aria-expanded={wrong} onClick={() => setWrong(!wrong)}>
          Wrong
        </Button>
      </HStack>
      {wrong && (
        <Card.Root
          as="form"
          maxW="xl"
          onSubmit={(e) => {
            e.preventDefault();
            judge.mutate({ right: false, part, words });
          }}
        >
          <Card.Body gap="3">
            <ChoiceField
              label="What is wrong?"
              value={part ?? "OTHER"}
              options={PARTS}
              onSave={(p) => setPart(p as Verdict["part"])}
            />
            <Field.Root>
              <Field.Label>What should it be?</Field.Label>
              <Input size="sm" value={words} onChange={(e) => setWords(e.target.value)} />
            </Field.Root>
            <Button type="submit" size="sm" alignSelf="start" loading={judge.isPending}>
              Tell the author
            </Button>
          </Card.Body>
        </Card.Root>
      )}
      {judge.error && <Failure error={judge.error} />}
    </Stack>
  );
}

function AskAuthor({ answer }: { answer: Answer }) {
  const [words, setWords] = useState("");
  const ask = useMutation({ mutationFn: () => rest.askAuthor(answer.logged, words) });
  if (ask.isSuccess) {
    return (
      <Text textStyle="sm" color="fg.muted" role="status">
        The author has your question. You are told here when it can be answered.
      </Text>
    );
  }
  return (
    <Stack
      as="form"
      gap="2"
      maxW="xl"
      onSubmit={(e) => {
        e.preventDefault();
        if (words.trim() !== "") ask.mutate();
      }}
    >
      <HStack align="end">
        <Field.Root>
          <Field.Label>Ask the author</Field.Label>
          <Input
            size="sm"
            placeholder="What do you mean, or what do you need it for?"
            value={words}
            onChange={(e) => setWords(e.target.value)}
          />
        </Field.Root>
        <Button
          type="submit"
          size="sm"
          variant="outline"
          flexShrink="0"
          disabled={words.trim() === ""}
          loading={ask.isPending}
        >
          Send
        </Button>
      </HStack>
      {ask.error && <Failure error={ask.error} />}
    </Stack>
  );
}
