import { Button, Stack, Text, Wrap } from "@chakra-ui/react";
import type { Answer } from "../rest/client";

interface ProposalsProps {
  answer: Answer;
  onAsk: (question: string) => void;
}

/** What unread words may mean; picking one asks the question with it. */
export function Proposals({ answer, onAsk }: ProposalsProps) {
  return answer.proposals.map((p) => (
    <Stack key={p.words} gap="2">
      <Text textStyle="sm" color="fg.muted">
        “{p.words}” may mean:
      </Text>
      <Wrap gap="2">
        {p.meant.map((m) => (
          <Button key={m.name} size="sm" variant="outline" onClick={() => onAsk(m.question)}>
            {m.name}
          </Button>
        ))}
      </Wrap>
    </Stack>
  ));
}
