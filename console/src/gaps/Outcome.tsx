import { Alert, Button, List, Progress, Stack, Text } from "@chakra-ui/react";
import type { Mend } from "../rest/client";
import { Failure } from "../shell/Failure";
import type { useMend } from "./useMend";

type Mending = ReturnType<typeof useMend>;

/** The two ways to go: to see what a mend does, and to make it. */
export function TryOrKeep({ mending, ready }: { mending: Mending; ready: boolean }) {
  const { mend } = mending;
  return (
    <>
      <Button
        size="sm"
        variant="outline"
        flexShrink="0"
        disabled={!ready}
        loading={mend.isPending && !mend.variables}
        onClick={() => mend.mutate(false)}
      >
        Try it
      </Button>
      <Button
        size="sm"
        flexShrink="0"
        disabled={!ready}
        loading={mend.isPending && mend.variables}
        onClick={() => mend.mutate(true)}
      >
        Put it in the draft
      </Button>
    </>
  );
}

/** What a mend does, as soon as the questions are read anew. */
export function Outcome({ mending }: { mending: Mending }) {
  const { mend, result } = mending;
  return (
    <>
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
      {result.data?.mended && <Does mended={result.data.mended} />}
    </>
  );
}

function Does({ mended }: { mended: NonNullable<Mend["mended"]> }) {
  const all = mended.mended + mended.open;
  return (
    <Stack gap="2">
      <Alert.Root status={mended.open === 0 ? "success" : "warning"} size="sm">
        <Alert.Indicator />
        <Alert.Description>
          {mended.mended} of {all} {all === 1 ? "question is" : "questions are"} read in full with
          it
          {mended.elsewhere > 0 && `, and ${mended.elsewhere} of other gaps`}
          {mended.closes.length > 0 && `, which mends ${listed(mended.closes)} as well`}.{" "}
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

const MOST_LISTED = 3;

function listed(words: string[]) {
  const first = words.slice(0, MOST_LISTED).map((w) => `“${w}”`);
  const more = words.length - first.length;
  return first.join(", ") + (more > 0 ? ` and ${more} more` : "");
}
