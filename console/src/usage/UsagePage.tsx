import {
  Box,
  Button,
  Card,
  Heading,
  HStack,
  Input,
  Link,
  SimpleGrid,
  Skeleton,
  Stack,
  Text,
} from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { lazy, Suspense, useState } from "react";
import { Link as PageLink, useNavigate } from "react-router";
import { AnswerTable } from "../ask/AnswerTable";
import { BigNumber } from "../ask/BigNumber";
import { rest } from "../rest/client";
import { Failure } from "../shell/Failure";
import { Unused } from "./Unused";

const Chart = lazy(() => import("../ask/Chart"));
const MODEL = "usage";

const addressOf = (question: string) =>
  `/ask?model=${MODEL}&whole=yes&q=${encodeURIComponent(question)}`;

/** How the service is used: answers of the model of its own log, and a way to ask more. */
export default function UsagePage() {
  const navigate = useNavigate();
  const [question, setQuestion] = useState("");
  const model = useQuery({ queryKey: ["model", MODEL], queryFn: () => rest.model(MODEL) });
  if (model.error) return <Failure error={model.error} />;
  return (
    <Stack gap="4">
      <Heading as="h1" size="xl">
        Use
      </Heading>
      <Text color="fg.muted">
        {model.data?.about} Everything here is asked of the log of questions, in words; ask it
        anything else, or{" "}
        <Link asChild colorPalette="teal">
          <PageLink to="/log">read the log</PageLink>
        </Link>
        .
      </Text>
      <HStack
        as="form"
        maxW="2xl"
        onSubmit={(e) => {
          e.preventDefault();
          if (question.trim()) void navigate(addressOf(question.trim()));
        }}
      >
        <Input
          aria-label="Question about use"
          placeholder="declined questions by week"
          value={question}
          onChange={(e) => setQuestion(e.target.value)}
        />
        <Button type="submit" disabled={!question.trim()}>
          Ask
        </Button>
      </HStack>
      {model.isPending && <Skeleton h="60" aria-label="Loading" />}
      <SimpleGrid columns={{ base: 1, lg: 2 }} gap="4">
        {model.data?.starters.map((s) => (
          <Panel key={s.ask} label={s.label} question={s.ask} />
        ))}
        <Unused />
      </SimpleGrid>
    </Stack>
  );
}

function Panel({ label, question }: { label: string; question: string }) {
  const answer = useQuery({
    queryKey: ["use", question],
    queryFn: () => rest.answer(MODEL, question),
    refetchOnWindowFocus: false,
  });
  const data = answer.data;
  const single = data?.rows.length === 1 && data.columns.length === 1;
  // A share of nothing has no value.
  const hasValues = data?.rows.some((row) =>
    row.some((cell, i) => cell !== null && data.columns[i]?.kind === "number"),
  );
  return (
    <Card.Root as="section" aria-label={label}>
      <Card.Header pb="2">
        <HStack justify="space-between">
          <Heading as="h2" size="md">
            {label}
          </Heading>
          <Link asChild textStyle="sm" colorPalette="teal">
            <PageLink to={addressOf(question)} aria-label={`Open: ${label}`}>
              Open
            </PageLink>
          </Link>
        </HStack>
        <Text textStyle="sm" color="fg.muted">
          {data?.restatement}
        </Text>
      </Card.Header>
      <Card.Body>
        {answer.isPending && <Skeleton h="40" aria-label="Loading" />}
        {answer.error && <Failure error={answer.error} />}
        {data && single && <BigNumber answer={data} />}
        {data && !single && !hasValues && <Text>Nothing yet.</Text>}
        {data && !single && hasValues && (
          <Stack gap="3">
            {data.chart && data.rows.length > 1 && (
              <Suspense fallback={<Box h="72" />}>
                <Chart answer={data} onDrawn={ignored} />
              </Suspense>
            )}
            {(!data.chart || data.rows.length === 1) && <AnswerTable answer={data} />}
          </Stack>
        )}
      </Card.Body>
    </Card.Root>
  );
}

/** Pictures of this page are not taken along. */
const ignored = () => undefined;
