import {
  Badge,
  Button,
  Card,
  Heading,
  HStack,
  Input,
  SimpleGrid,
  Stack,
  Text,
} from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useSearchParams } from "react-router";
import { AnswerTable } from "../ask/AnswerTable";
import { Words } from "../ask/Words";
import { authoring, type Answer, type Draft } from "../rest/client";
import { Failure } from "../shell/Failure";

/** Asks the draft and the newest edition the same question, and shows in what they differ. */
export function TryBoth({ draft }: { draft: Draft }) {
  const [address, setAddress] = useSearchParams();
  const asked = address.get("q") ?? "";
  const [question, setQuestion] = useState(asked);
  const ask = useQuery({
    queryKey: ["both", draft.model, draft.revision, asked],
    queryFn: () => authoring.askBoth(draft.model, asked),
    enabled: asked !== "",
    gcTime: 0,
  });
  const both = ask.data;
  return (
    <Stack gap="4">
      <HStack
        as="form"
        onSubmit={(e) => {
          e.preventDefault();
          const q = question.trim();
          if (q === asked) void ask.refetch();
          else if (q) setAddress({ model: draft.model, q });
        }}
      >
        <Input
          bg="bg"
          aria-label="Question for both"
          placeholder="Ask the draft and the edition the same"
          value={question}
          onChange={(e) => setQuestion(e.target.value)}
        />
        <Button type="submit" loading={ask.isFetching}>
          Ask both
        </Button>
      </HStack>
      {ask.error && <Failure error={ask.error} />}
      {both && (
        <>
          <HStack role="status">
            {!both.edition && <Text>There is no edition to compare with yet.</Text>}
            {both.edition && both.differs.length === 0 && <Text>Both answer the same.</Text>}
            {both.differs.map((d) => (
              <Badge key={d} colorPalette="orange" size="lg">
                other {d === "sql" ? "SQL" : d}
              </Badge>
            ))}
          </HStack>
          <SimpleGrid columns={{ base: 1, lg: both.edition ? 2 : 1 }} gap="4">
            <Side title="Draft" answer={both.draft} />
            {both.edition && (
              <Side title={`Edition ${both.edition.edition}`} answer={both.edition} />
            )}
          </SimpleGrid>
        </>
      )}
    </Stack>
  );
}

function Side({ title, answer }: { title: string; answer: Answer }) {
  return (
    <Card.Root as="section" aria-label={title} minW="0">
      <Card.Header pb="2">
        <Text textStyle="sm" color="fg.muted">
          {title}
        </Text>
        <Heading as="h3" size="sm">
          {answer.restatement || answer.reason}
        </Heading>
      </Card.Header>
      <Card.Body gap="3">
        <Words words={answer.words} />
        {answer.columns.length > 0 && <AnswerTable answer={answer} />}
        {answer.readableSql && (
          <Text as="pre" fontFamily="mono" textStyle="xs" overflowX="auto" tabIndex={0}>
            {answer.readableSql}
          </Text>
        )}
      </Card.Body>
    </Card.Root>
  );
}
