import { Button, Flex, Grid, Stack, Text } from "@chakra-ui/react";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { rest, RestError, type AskProgress } from "../rest/client";
import { Failure } from "../shell/Failure";
import { AnswerView } from "./AnswerView";
import { useModel, useModels } from "./models";
import { useHere, type Here } from "./place";
import { NewsList } from "./NewsList";
import { QuestionBox } from "./QuestionBox";
import { Starters } from "./Starters";
import { ThreadRail } from "./ThreadRail";
import { useThread } from "./threads";
import { Waiting } from "./Waiting";

/**
 * Where people ask. The address says what is asked and where in which thread, so that it can be
 * kept, passed on, and gone back to.
 */
export function AskPage() {
  const { here, go } = useHere();
  const { models, chosen } = useModels();
  const model = useModel(chosen);
  const answer = useTurn(here);

  if (models.isError) {
    return <Failure error={models.error} onRetry={() => void models.refetch()} />;
  }
  if (models.data?.length === 0) {
    return <Text>No model is published yet. An author publishes one with the client.</Text>;
  }
  /** Asks behind the answer that is shown, or in a new thread where there is none. */
  const ask = (question: string, whole: boolean, of = chosen, chosenFor?: string) => {
    const q = question.trim();
    if (q === "") return;
    const anew = here.thread === undefined || of !== chosen;
    go(
      anew
        ? { model: of, question: q, whole, chosenFor }
        : {
            model: of,
            question: q,
            whole,
            chosenFor,
            thread: here.thread,
            after: here.turn ?? here.after,
          },
    );
  };
  // A model that is not in the list, such as that of use, can still be where one is.
  const listed = models.data?.map((m) => ({ name: m.name, title: m.title })) ?? [];
  const choices =
    model.data && !listed.some((m) => m.name === chosen)
      ? [...listed, { name: model.data.name, title: model.data.title }]
      : listed;
  const asking = here.question !== "" && here.turn === undefined;
  const answered = answer.data?.thread?.turn === here.turn ? answer.data : undefined;
  return (
    <Grid templateColumns={{ base: "minmax(0, 1fr)", lg: "14rem minmax(0, 1fr)" }} gap="8">
      <Stack gap="6" order={{ base: 0, lg: 1 }}>
        <NewsList
          onAsk={(news) => go({ model: news.model, question: news.question, whole: true })}
        />
        <QuestionBox
          start={here.turn === undefined ? here.question : ""}
          done={answered && answered.restatement !== "" ? answered.question : undefined}
          busy={asking}
          models={choices}
          chosen={chosen}
          place={{ thread: here.thread, after: here.turn ?? here.after }}
          onAsk={(question, of) => ask(question, false, of)}
        />
        {here.turn !== undefined ? (
          <Answered
            here={here}
            answer={answer}
            go={go}
            onAsk={(question, whole, chosenFor) => ask(question, whole, chosen, chosenFor)}
          />
        ) : asking ? (
          <Asking here={here} model={chosen} go={go} />
        ) : (
          <Starters
            model={model.data}
            loading={model.isPending}
            onAsk={(question) => ask(question, false)}
          />
        )}
      </Stack>
      <Stack order={{ base: 1, lg: 0 }}>
        {chosen !== undefined && <ThreadRail model={chosen} here={here} onGo={go} />}
      </Stack>
    </Grid>
  );
}

interface AskingProps {
  here: Here;
  model: string | undefined;
  go: (to: Here, replace?: boolean) => void;
}

/** A question on its way; moves on to its turn when the answer is there. */
function Asking({ here, model, go }: AskingProps) {
  const queries = useQueryClient();
  const [progress, setProgress] = useState<AskProgress>();
  const key = ["asking", model, here.thread, here.after, here.whole, here.question];
  const answer = useQuery({
    queryKey: key,
    queryFn: ({ signal }) => {
      setProgress(undefined);
      return rest.ask(model ?? "", here.question, here, signal, setProgress);
    },
    enabled: model !== undefined,
    retry: false,
    gcTime: 0,
    staleTime: Infinity,
    refetchOnWindowFocus: false,
  });
  const data = answer.data;
  useEffect(() => {
    if (!data?.thread) return;
    const { thread, turn } = data.thread;
    queries.setQueryData(["turn", thread, turn], data);
    void queries.invalidateQueries({ queryKey: ["thread", thread] });
    void queries.invalidateQueries({ queryKey: ["threads"] });
    go({ model: data.model, thread, turn, question: data.question }, true);
  }, [data, queries, go]);

  if (answer.isError) {
    return <Failure error={answer.error} onRetry={() => void answer.refetch()} />;
  } else if (answer.isFetching || data) {
    return (
      <Waiting progress={progress} onStop={() => void queries.cancelQueries({ queryKey: key })} />
    );
  }
  return (
    <Flex gap="3" align="center" role="status">
      <Text color="fg.muted">Stopped before it was done.</Text>
      <Button size="xs" variant="outline" onClick={() => void answer.refetch()}>
        Ask again
      </Button>
    </Flex>
  );
}

/** The answer of a turn: as it just came, or asked anew over today's data. */
function useTurn({ thread = "", turn = "" }: Here) {
  return useQuery({
    queryKey: ["turn", thread, turn],
    queryFn: ({ signal }) => rest.askAgain(thread, turn, signal),
    enabled: turn !== "",
    retry: false,
    staleTime: 10 * 60_000,
    refetchOnWindowFocus: false,
  });
}

interface AnsweredProps {
  here: Here;
  answer: ReturnType<typeof useTurn>;
  go: (to: Here, replace?: boolean) => void;
  onAsk: (question: string, whole: boolean, chosenFor?: string) => void;
}

function Answered({ here, answer, go, onAsk }: AnsweredProps) {
  // Someone else's thread, or one that was deleted: the question itself can still be asked.
  const gone =
    answer.error instanceof RestError && answer.error.status === 404 && here.question !== "";
  useEffect(() => {
    if (gone) go({ model: here.model, question: here.question }, true);
  }, [gone, go, here.model, here.question]);

  if (answer.isPending || gone) {
    return <Waiting onStop={() => go({ model: here.model, question: "" })} />;
  } else if (answer.isError) {
    return <Failure error={answer.error} onRetry={() => void answer.refetch()} />;
  }
  return (
    <>
      <AnswerView answer={answer.data} onAsk={onAsk} />
      {answer.data.status === "told" && <BackToAnswer here={here} go={go} />}
    </>
  );
}

/** Beside what was no question nothing is shown: the way to the answer that it was said of. */
function BackToAnswer({ here, go }: Pick<AnsweredProps, "here" | "go">) {
  const thread = useThread(here.thread);
  const turns = thread.data?.turns ?? [];
  const before = turns.find((t) => t.id === turns.find((o) => o.id === here.turn)?.after);
  if (!before) return null;
  return (
    <Button
      alignSelf="start"
      size="sm"
      variant="outline"
      onClick={() =>
        go({ model: here.model, thread: here.thread, turn: before.id, question: before.question })
      }
    >
      Back to “{before.question}”
    </Button>
  );
}
