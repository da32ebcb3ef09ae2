import { Button, Card, Heading, HStack, Spinner, Text } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { AnswerTable } from "../ask/AnswerTable";
import { authoring } from "../rest/client";
import { Failure } from "../shell/Failure";

interface LookProps {
  model: string;
  title: string;
  question: string;
}

/** Rows of the draft, fetched when someone wants to look. */
export function Look({ model, title, question }: LookProps) {
  const [wanted, setWanted] = useState(false);
  const look = useQuery({
    queryKey: ["look", model, question],
    queryFn: () => authoring.askBoth(model, question),
    enabled: wanted,
    gcTime: 0,
  });
  return (
    <Card.Root as="section" aria-label={title}>
      <Card.Header pb="2">
        <HStack justify="space-between">
          <Heading as="h3" size="md">
            {title}
          </Heading>
          <Button
            size="xs"
            variant="surface"
            onClick={() => (wanted ? void look.refetch() : setWanted(true))}
          >
            {wanted ? "Look again" : "Look"}
          </Button>
        </HStack>
      </Card.Header>
      <Card.Body>
        {!wanted && <Text color="fg.muted">Asks the draft: “{question}”.</Text>}
        {look.isFetching && <Spinner aria-label="Looking" />}
        {look.error && <Failure error={look.error} />}
        {look.data && !look.isFetching && (
          <>
            {look.data.draft.reason && <Text>{look.data.draft.reason}</Text>}
            {look.data.draft.columns.length > 0 && <AnswerTable answer={look.data.draft} />}
          </>
        )}
      </Card.Body>
    </Card.Root>
  );
}
