import { Button, HStack, Link, Stack, Text, Wrap } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link as PageLink } from "react-router";
import { rest, type Answer, type Item } from "../rest/client";
import { Failure } from "../shell/Failure";
import { ItemField } from "../shell/ItemField";
import { unreadStretches } from "./stretches";

interface ProposalsProps {
  answer: Answer;
  /** Asks the same once more, now that its words mean something. */
  onAskAgain: () => void;
}

/** What unread words may mean; what is picked is kept for who asks, and the question asked anew. */
export function Proposals({ answer, onAskAgain }: ProposalsProps) {
  return unreadStretches(answer.words, answer.question).map((words) => (
    <Meaning
      key={words}
      model={answer.model}
      words={words}
      near={answer.proposals.find((p) => p.words === words)?.meant ?? []}
      onKept={onAskAgain}
    />
  ));
}

interface MeaningProps {
  model: string;
  words: string;
  near: { item: string; name: string }[];
  onKept: () => void;
}

function Meaning({ model, words, near, onKept }: MeaningProps) {
  const queries = useQueryClient();
  const [other, setOther] = useState(near.length === 0);
  const [item, setItem] = useState<Item>();
  const keep = useMutation({
    mutationFn: (picked: string) => rest.means(model, words, picked),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ["own words"] });
      onKept();
    },
  });
  return (
    <Stack gap="2" role="group" aria-label={`What ${words} means`}>
      <Text textStyle="sm" color="fg.muted">
        {near.length > 0 ? `“${words}” may mean:` : `For me, “${words}” means:`}
      </Text>
      <Wrap gap="2" align="center">
        {near.map((m) => (
          <Button
            key={m.name}
            size="sm"
            variant="outline"
            loading={keep.isPending && keep.variables === m.item}
            onClick={() => keep.mutate(m.item)}
          >
            {m.name}
          </Button>
        ))}
        {!other && (
          <Button size="sm" variant="ghost" onClick={() => setOther(true)}>
            something else
          </Button>
        )}
        {other && (
          <HStack as="form" w="md" maxW="full" onSubmit={(e) => e.preventDefault()}>
            <ItemField model={model} label={`What ${words} means`} onPick={setItem} />
            <Button
              size="sm"
              variant="outline"
              flexShrink="0"
              disabled={!item}
              loading={keep.isPending && keep.variables === item?.item}
              onClick={() => item && keep.mutate(item.item)}
            >
              Ask with it
            </Button>
          </HStack>
        )}
      </Wrap>
      <Text textStyle="xs" color="fg.muted">
        What you pick counts for your questions from now on, and the author sees that it is meant.
        It is kept under{" "}
        <Link asChild colorPalette="teal">
          <PageLink to="/mine">My questions</PageLink>
        </Link>
        .
      </Text>
      {keep.error && <Failure error={keep.error} />}
    </Stack>
  );
}
