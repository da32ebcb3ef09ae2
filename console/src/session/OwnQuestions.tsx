import {
  Button,
  Card,
  Field,
  Heading,
  HStack,
  Input,
  Skeleton,
  Stack,
  Table,
  Text,
} from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { rest, type LogRules, type Who } from "../rest/client";
import { Failure } from "../shell/Failure";
import { ChoiceField } from "../shell/fields";
import { KeptAnswers } from "./KeptAnswers";
import { OwnPassword } from "./OwnPassword";
import { isSteward } from "./session";

const PEOPLE: { value: LogRules["people"]; text: string }[] = [
  { value: "NAMES", text: "by account" },
  { value: "PSEUDONYMS", text: "by a pseudonym" },
  { value: "NOBODY", text: "not at all" },
];

/** What the log keeps of one's own questions; stewards decide here what it keeps at all. */
export default function OwnQuestions({ who }: { who: Who }) {
  const queries = useQueryClient();
  const own = useQuery({ queryKey: ["own"], queryFn: rest.ownQuestions });
  const rules = useQuery({ queryKey: ["log rules"], queryFn: rest.logRules });
  const [sure, setSure] = useState(false);
  const refresh = async () => {
    setSure(false);
    await queries.invalidateQueries();
  };
  const remove = useMutation({ mutationFn: rest.deleteOwnQuestion, onSuccess: refresh });
  const removeAll = useMutation({ mutationFn: rest.deleteOwnQuestions, onSuccess: refresh });
  if (own.error) return <Failure error={own.error} />;
  if (!own.data || !rules.data) return <Skeleton h="40" aria-label="Loading" />;
  const named = PEOPLE.find((p) => p.value === rules.data.people)?.text;
  return (
    <Stack gap="5">
      <Heading as="h1" size="xl">
        My questions
      </Heading>
      <Text color="fg.muted">
        Questions are kept for {rules.data.keepDays} days so that authors can mend what is not
        understood. Who asked is told {named}. Rows of answers are not kept, but of those that you
        keep yourself.
      </Text>
      {isSteward(who) && <Rules rules={rules.data} />}
      <HStack>
        {sure ? (
          <>
            <Button
              size="sm"
              colorPalette="red"
              loading={removeAll.isPending}
              onClick={() => removeAll.mutate()}
            >
              Delete all, with my threads, words and kept answers
            </Button>
            <Button size="sm" variant="ghost" onClick={() => setSure(false)}>
              Keep them
            </Button>
          </>
        ) : (
          <Button size="sm" variant="outline" onClick={() => setSure(true)}>
            Delete all
          </Button>
        )}
      </HStack>
      {remove.error && <Failure error={remove.error} />}
      {removeAll.error && <Failure error={removeAll.error} />}
      <OwnWords />
      <KeptAnswers />
      {own.data.length === 0 ? (
        <Text>No question is kept.</Text>
      ) : (
        <Card.Root overflow="hidden">
          <Table.ScrollArea>
            <Table.Root size="sm">
              <Table.Header>
                <Table.Row>
                  <Table.ColumnHeader>Asked</Table.ColumnHeader>
                  <Table.ColumnHeader>Question</Table.ColumnHeader>
                  <Table.ColumnHeader>What became of it</Table.ColumnHeader>
                  <Table.ColumnHeader>My verdict</Table.ColumnHeader>
                  <Table.ColumnHeader />
                </Table.Row>
              </Table.Header>
              <Table.Body>
                {own.data.map((q) => (
                  <Table.Row key={q.id}>
                    <Table.Cell whiteSpace="nowrap">
                      {new Date(q.askedAt).toLocaleString("en-GB", {
                        dateStyle: "short",
                        timeStyle: "short",
                      })}
                    </Table.Cell>
                    <Table.Cell>{q.question}</Table.Cell>
                    <Table.Cell color="fg.muted">{q.restatement || q.status}</Table.Cell>
                    <Table.Cell>{q.verdict}</Table.Cell>
                    <Table.Cell textAlign="end">
                      <Button
                        size="xs"
                        variant="ghost"
                        aria-label={`Delete: ${q.question}`}
                        onClick={() => remove.mutate(q.id)}
                      >
                        Delete
                      </Button>
                    </Table.Cell>
                  </Table.Row>
                ))}
              </Table.Body>
            </Table.Root>
          </Table.ScrollArea>
        </Card.Root>
      )}
      <OwnPassword />
    </Stack>
  );
}

/** What words mean for who is signed in. */
function OwnWords() {
  const queries = useQueryClient();
  const words = useQuery({ queryKey: ["own words"], queryFn: rest.ownWords });
  const forget = useMutation({
    mutationFn: rest.forgetOwnWord,
    onSuccess: () => queries.invalidateQueries(),
  });
  if (words.error) return <Failure error={words.error} />;
  if (!words.data || words.data.length === 0) return null;
  return (
    <Card.Root as="section" aria-label="My words">
      <Card.Header pb="2">
        <Heading as="h2" size="md">
          My words
        </Heading>
        <Text textStyle="sm" color="fg.muted">
          They mean this in your questions, and in nobody else’s.
        </Text>
      </Card.Header>
      <Card.Body gap="2">
        {forget.error && <Failure error={forget.error} />}
        <Table.ScrollArea>
          <Table.Root size="sm">
            <Table.Header>
              <Table.Row>
                <Table.ColumnHeader>Words</Table.ColumnHeader>
                <Table.ColumnHeader>Mean</Table.ColumnHeader>
                <Table.ColumnHeader>Model</Table.ColumnHeader>
                <Table.ColumnHeader />
              </Table.Row>
            </Table.Header>
            <Table.Body>
              {words.data.map((w) => (
                <Table.Row key={w.id}>
                  <Table.Cell>{w.words}</Table.Cell>
                  <Table.Cell>{w.label || "what the model does not have any more"}</Table.Cell>
                  <Table.Cell color="fg.muted">{w.model}</Table.Cell>
                  <Table.Cell textAlign="end">
                    <Button
                      size="xs"
                      variant="ghost"
                      aria-label={`Forget: ${w.words}`}
                      onClick={() => forget.mutate(w.id)}
                    >
                      Forget
                    </Button>
                  </Table.Cell>
                </Table.Row>
              ))}
            </Table.Body>
          </Table.Root>
        </Table.ScrollArea>
      </Card.Body>
    </Card.Root>
  );
}

function Rules({ rules }: { rules: LogRules }) {
  const queries = useQueryClient();
  const [people, setPeople] = useState(rules.people);
  const [days, setDays] = useState(String(rules.keepDays));
  const change = useMutation({
    mutationFn: () => rest.changeLogRules(people, Number(days)),
    onSuccess: () => queries.invalidateQueries(),
  });
  return (
    <Card.Root
      as="form"
      maxW="2xl"
      onSubmit={(e) => {
        e.preventDefault();
        change.mutate();
      }}
    >
      <Card.Body>
        <HStack align="end" gap="4">
          <ChoiceField
            label="The log tells who asked"
            value={people}
            options={PEOPLE}
            onSave={(p) => setPeople(p as LogRules["people"])}
          />
          <Field.Root>
            <Field.Label>Days that questions are kept</Field.Label>
            <Input
              size="sm"
              type="number"
              min={1}
              max={3650}
              value={days}
              onChange={(e) => setDays(e.target.value)}
            />
          </Field.Root>
          <Button type="submit" size="sm" flexShrink="0" loading={change.isPending}>
            Change
          </Button>
        </HStack>
        {change.isSuccess && (
          <Text textStyle="sm" color="fg.muted" mt="2" role="status">
            Changed. What is older than that was deleted.
          </Text>
        )}
        {change.error && <Failure error={change.error} />}
      </Card.Body>
    </Card.Root>
  );
}
