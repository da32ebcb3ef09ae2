import { Box, Button, Flex, Input, NativeSelect, Stack, Text } from "@chakra-ui/react";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useRef, useState, type FormEvent } from "react";
import { useSearchParams } from "react-router";
import { rest, type AskProgress } from "../rest/client";
import { Failure } from "../shell/Failure";
import { AnswerView } from "./AnswerView";
import { useModel, useModels } from "./models";
import { Starters } from "./Starters";
import { Waiting } from "./Waiting";

/** Where people ask. The question stands in the address, so that it can be kept and passed on. */
export function AskPage() {
  const [address, setAddress] = useSearchParams();
  const { models, chosen } = useModels();
  const asked = address.get("q") ?? "";
  const model = useModel(chosen);
  const queries = useQueryClient();
  const [progress, setProgress] = useState<AskProgress>();
  const answer = useQuery({
    queryKey: ["answer", chosen, asked],
    queryFn: ({ signal }) => {
      setProgress(undefined);
      return rest.ask(chosen ?? "", asked, signal, setProgress);
    },
    enabled: chosen !== undefined && asked !== "",
    staleTime: 60_000,
  });
  const ask = (question: string, of = chosen) => {
    const q = question.trim();
    // The models may still be on their way; the address then says the question alone.
    if (q !== "") setAddress(of === undefined ? { q } : { model: of, q });
  };

  if (models.isError) {
    return <Failure error={models.error} onRetry={() => void models.refetch()} />;
  }
  if (models.data?.length === 0) {
    return <Text>No model is published yet. An author publishes one with the client.</Text>;
  }
  return (
    <Stack gap="6">
      <QuestionBox
        key={asked}
        asked={asked}
        busy={answer.isFetching}
        models={models.data?.map((m) => ({ name: m.name, title: m.title })) ?? []}
        chosen={chosen}
        onAsk={ask}
      />
      {asked === "" ? (
        <Starters model={model.data} loading={model.isPending} onAsk={ask} />
      ) : answer.isPending && answer.isFetching ? (
        <Waiting
          progress={progress}
          onStop={() => void queries.cancelQueries({ queryKey: ["answer", chosen, asked] })}
        />
      ) : answer.isPending ? (
        <Stopped onAgain={() => void answer.refetch()} />
      ) : answer.isError ? (
        <Failure error={answer.error} onRetry={() => void answer.refetch()} />
      ) : (
        <AnswerView answer={answer.data} onAsk={ask} />
      )}
    </Stack>
  );
}

function Stopped({ onAgain }: { onAgain: () => void }) {
  return (
    <Flex gap="3" align="center" role="status">
      <Text color="fg.muted">Stopped before it was done.</Text>
      <Button size="xs" variant="outline" onClick={onAgain}>
        Ask again
      </Button>
    </Flex>
  );
}

interface QuestionBoxProps {
  asked: string;
  busy: boolean;
  models: { name: string; title: string }[];
  chosen: string | undefined;
  onAsk: (question: string, model?: string) => void;
}

function QuestionBox({ asked, busy, models, chosen, onAsk }: QuestionBoxProps) {
  const [question, setQuestion] = useState(asked);
  const [model, setModel] = useState(chosen);
  const input = useRef<HTMLInputElement>(null);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    onAsk(question, model ?? chosen);
    input.current?.blur();
  };
  return (
    <Flex as="form" gap="3" onSubmit={submit} role="search">
      {models.length > 1 && (
        <NativeSelect.Root w="44" size="lg">
          <NativeSelect.Field
            aria-label="Model"
            value={model ?? chosen}
            onChange={(e) => setModel(e.target.value)}
          >
            {models.map((m) => (
              <option key={m.name} value={m.name}>
                {m.title}
              </option>
            ))}
          </NativeSelect.Field>
          <NativeSelect.Indicator />
        </NativeSelect.Root>
      )}
      <Box flex="1">
        <Input
          ref={input}
          size="lg"
          bg="bg"
          aria-label="Question"
          placeholder="What do you want to know?"
          maxLength={2000}
          autoFocus={asked === ""}
          value={question}
          onChange={(e) => setQuestion(e.target.value)}
        />
      </Box>
      <Button type="submit" size="lg" loading={busy} disabled={question.trim() === ""}>
        Ask
      </Button>
    </Flex>
  );
}
