import { Alert, Button, HStack, Link, List, SimpleGrid, Stack, Text, Wrap } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { Link as PageLink } from "react-router";
import { TextField } from "../shell/fields";
import { authoring, type Gap } from "../rest/client";
import { Failure } from "../shell/Failure";
import { Preferences } from "./Preference";
import { Synonym } from "./Synonym";
import { WithDraft } from "./WithDraft";

const DAYS_PUT_OFF = 30;
const MILLISECONDS_OF_A_DAY = 86_400_000;

/** One gap: what was asked, what could mend it, and who looks after it. */
export function GapPanel({ model, gap }: { model: string; gap: Gap }) {
  const others = gap.phrases.filter((p) => !gap.words.includes(p));
  return (
    <Stack gap="5" py="2">
      <Stack gap="1">
        <Text fontWeight="medium">Asked, for example</Text>
        <List.Root ps="5" textStyle="sm">
          {gap.examples.map((e) => (
            <List.Item key={e.question}>
              {e.question}
              {e.restatement && <Text color="fg.muted">Read as: {e.restatement}</Text>}
              {e.words && <Text color="fg.muted">They said: “{e.words}”</Text>}
            </List.Item>
          ))}
        </List.Root>
        {others.length > 0 && (
          <Text textStyle="sm" color="fg.muted">
            Also written: {others.join(", ")}
          </Text>
        )}
        {gap.chosen.length > 0 && (
          <Text textStyle="sm" color="fg.muted">
            When asked back, people chose:{" "}
            {gap.chosen.map((c) => `${c.words} (${c.times})`).join(", ")}
          </Text>
        )}
      </Stack>
      {gap.kind === "unread" && <Synonym model={model} gap={gap} />}
      <Preferences model={model} gap={gap} />
      <OtherMends model={model} gap={gap} />
      <WithDraft model={model} gap={gap} />
      <Decision model={model} gap={gap} />
    </Stack>
  );
}

function OtherMends({ model, gap }: { model: string; gap: Gap }) {
  const example = gap.examples[0]?.question ?? "";
  const to = (section: string) => `/draft/${section}?model=${encodeURIComponent(model)}`;
  return (
    <Wrap gap="4" textStyle="sm" align="center">
      <Text color="fg.muted">{gap.kind === "unread" ? "Or mend it otherwise:" : "Mend it:"}</Text>
      <Link asChild colorPalette="teal">
        <PageLink to={`/ask?model=${encodeURIComponent(model)}&q=${encodeURIComponent(example)}`}>
          ask it, and say what it should have meant
        </PageLink>
      </Link>
      <Link asChild colorPalette="teal">
        <PageLink to={to("metrics")}>add a metric</PageLink>
      </Link>
      <Link asChild colorPalette="teal">
        <PageLink to={to("tables")}>add a condition, or name a value</PageLink>
      </Link>
    </Wrap>
  );
}

const inAMonth = () =>
  new Date(Date.now() + DAYS_PUT_OFF * MILLISECONDS_OF_A_DAY).toISOString().slice(0, 10);

/** Who looks after a gap, and whether it waits. */
function Decision({ model, gap }: { model: string; gap: Gap }) {
  const queries = useQueryClient();
  const decide = useMutation({
    mutationFn: (part: object) =>
      authoring.decideGap(model, {
        key: gap.key,
        state: gap.state.toUpperCase(),
        assignedTo: gap.assignedTo,
        note: gap.note,
        ...part,
      }),
    onSuccess: () => queries.invalidateQueries({ queryKey: ["gaps", model] }),
  });
  return (
    <Stack gap="2">
      <SimpleGrid columns={{ base: 1, md: 2 }} gap="3" maxW="3xl">
        <TextField
          label="Looked after by"
          value={gap.assignedTo}
          placeholder="nobody"
          onSave={(assignedTo) => decide.mutate({ assignedTo })}
        />
        <TextField
          label="Note"
          value={gap.note}
          help="Where the data does not have it, this is what askers are told."
          onSave={(note) => decide.mutate({ note })}
        />
      </SimpleGrid>
      <HStack gap="3">
        {gap.state === "open" ? (
          <>
            <Button
              size="sm"
              variant="outline"
              onClick={() => decide.mutate({ state: "PUT_OFF", until: inAMonth() })}
            >
              Put off for 30 days
            </Button>
            {gap.kind === "unread" && (
              <Button
                size="sm"
                variant="outline"
                onClick={() => decide.mutate({ state: "NOT_IN_DATA" })}
              >
                Not in our data
              </Button>
            )}
            <Button size="sm" variant="outline" onClick={() => decide.mutate({ state: "LEFT" })}>
              Leave it
            </Button>
          </>
        ) : (
          <Button size="sm" variant="outline" onClick={() => decide.mutate({ state: "OPEN" })}>
            Open it again
          </Button>
        )}
      </HStack>
      {gap.state === "mended" && !gap.hasReturned && (
        <Alert.Root status="info" size="sm">
          <Alert.Indicator />
          <Alert.Description>
            A mend is in the draft. Once it is published, everybody who asked is told.
          </Alert.Description>
        </Alert.Root>
      )}
      {decide.error && <Failure error={decide.error} />}
    </Stack>
  );
}
