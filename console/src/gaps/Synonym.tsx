import { Alert, Button, HStack, Input, List, Progress, Stack, Text, Wrap } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useId, useState } from "react";
import { itemsOf } from "../draft/names";
import { useDraft } from "../draft/useDraft";
import { authoring, type Gap, type Mend } from "../rest/client";
import { Failure } from "../shell/Failure";

const BETWEEN_LOOKS_MILLISECONDS = 300;

/** Mends a gap by another word for an item; what it does is seen before it is kept. */
export function Synonym({ model, gap }: { model: string; gap: Gap }) {
  const queries = useQueryClient();
  const draft = useDraft(model);
  const list = useId();
  const items = draft.data ? itemsOf(draft.data) : [];
  const near = gap.proposals
    .map((p) => items.find((i) => i.what === p.name || i.what.startsWith(`${p.name} of `)))
    .filter((i) => i !== undefined);
  const [what, setWhat] = useState<string>();
  const item = items.find((i) => i.what === (what ?? near[0]?.what));
  const [id, setId] = useState<string>();
  const words = [gap.words.toLowerCase()];
  const mend = useMutation({
    mutationFn: (keep: boolean) =>
      authoring.mendGap(
        model,
        gap.key,
        draft.data?.revision ?? 0,
        [
          {
            file: item?.file ?? "",
            path: [...(item?.path ?? []), "also_called"],
            value: [...(item?.words ?? []), ...words],
          },
        ],
        keep,
      ),
    onSuccess: async (started, keep) => {
      setId(started.job.id);
      if (keep) {
        await queries.invalidateQueries({ queryKey: ["draft", model] });
        await queries.invalidateQueries({ queryKey: ["gaps", model] });
      }
    },
  });
  const result = useQuery({
    queryKey: ["mend", id],
    queryFn: () => authoring.mend(id ?? ""),
    enabled: id !== undefined,
    refetchInterval: (query) =>
      query.state.data?.job.state === "running" ? BETWEEN_LOOKS_MILLISECONDS : false,
  });
  if (draft.error) return <Failure error={draft.error} />;
  return (
    <Stack gap="3">
      <Text fontWeight="medium">“{gap.words}” is another word for</Text>
      {near.length > 0 && (
        <Wrap gap="2">
          {near.map((i) => (
            <Button
              key={i.item}
              size="xs"
              variant={i === item ? "solid" : "outline"}
              aria-pressed={i === item}
              onClick={() => setWhat(i.what)}
            >
              {i.what}
            </Button>
          ))}
        </Wrap>
      )}
      <HStack maxW="2xl">
        <Input
          size="sm"
          list={list}
          aria-label={`What ${gap.words} means`}
          placeholder="any table, column, condition or metric"
          value={what ?? near[0]?.what ?? ""}
          onChange={(e) => setWhat(e.target.value)}
        />
        <datalist id={list}>
          {items.map((i) => (
            <option key={i.item} value={i.what} />
          ))}
        </datalist>
        <Button
          size="sm"
          variant="outline"
          flexShrink="0"
          disabled={!item}
          loading={mend.isPending && !mend.variables}
          onClick={() => mend.mutate(false)}
        >
          Try it
        </Button>
        <Button
          size="sm"
          flexShrink="0"
          disabled={!item}
          loading={mend.isPending && mend.variables}
          onClick={() => mend.mutate(true)}
        >
          Put it in the draft
        </Button>
      </HStack>
      {mend.error && <Failure error={mend.error} />}
      {result.data?.job.state === "running" && (
        <Progress.Root
          max={Math.max(result.data.job.total, 1)}
          value={result.data.job.done}
          aria-label="Reading the questions anew"
        >
          <Progress.Track>
            <Progress.Range />
          </Progress.Track>
        </Progress.Root>
      )}
      {result.data?.job.message && <Text>{result.data.job.message}</Text>}
      {result.data?.mended && <Outcome mended={result.data.mended} />}
    </Stack>
  );
}

function Outcome({ mended }: { mended: Mend["mended"] }) {
  const all = mended.mended + mended.open;
  return (
    <Stack gap="2">
      <Alert.Root status={mended.open === 0 ? "success" : "warning"} size="sm">
        <Alert.Indicator />
        <Alert.Description>
          {mended.mended} of {all} {all === 1 ? "question is" : "questions are"} read in full with
          it
          {mended.elsewhere > 0 && `, and ${mended.elsewhere} of other gaps`}.{" "}
          {mended.breaks.length === 0
            ? "No agreed sample question is read otherwise."
            : `${mended.breaks.length} agreed sample questions are read otherwise:`}
        </Alert.Description>
      </Alert.Root>
      <List.Root ps="5" textStyle="sm" color="fg.muted">
        {mended.breaks.map((b) => (
          <List.Item key={b.question}>
            {b.question}: {b.before}, now {b.after}
          </List.Item>
        ))}
        {mended.answers.slice(0, 3).map((a) => (
          <List.Item key={a.question}>
            “{a.question}” is read as: {a.reading}
          </List.Item>
        ))}
        {mended.stillOpen.slice(0, 3).map((a) => (
          <List.Item key={a.question}>
            still open: “{a.question}”. {a.reading}
          </List.Item>
        ))}
      </List.Root>
    </Stack>
  );
}
