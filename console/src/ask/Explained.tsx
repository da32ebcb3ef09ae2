import { Card, Heading, Stack, Text, Wrap } from "@chakra-ui/react";
import type { Answer } from "../rest/client";
import { Definitions } from "./Definitions";
import { QuestionButton } from "./QuestionButton";

interface ExplainedProps {
  answer: Answer;
  onPick: (question: string) => void;
}

/** What the model's author says of a word, of the tables, or of all that can be asked. */
export function Explained({ answer, onPick }: ExplainedProps) {
  if (!answer.explained) return null;
  const { title, sentences } = answer.explained;
  return (
    <Card.Root>
      <Card.Header pb="2">
        <Heading as="h1" size="lg">
          {title}
        </Heading>
      </Card.Header>
      <Card.Body gap="4">
        <Stack gap="1">
          {sentences.map((s, i) => (
            <Text key={i}>{s}</Text>
          ))}
        </Stack>
        {answer.definitions.length > 0 && (
          <Definitions definitions={answer.definitions} said={sentences} />
        )}
        {answer.suggestions.length > 0 && (
          <Stack gap="2">
            <Text textStyle="sm" color="fg.muted">
              Ask, for example:
            </Text>
            <Wrap>
              {answer.suggestions.map((q) => (
                <QuestionButton key={q} size="sm" onClick={() => onPick(q)}>
                  {q}
                </QuestionButton>
              ))}
            </Wrap>
          </Stack>
        )}
      </Card.Body>
    </Card.Root>
  );
}
