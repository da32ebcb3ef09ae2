import {
  Alert,
  Badge,
  Button,
  Card,
  Field,
  Heading,
  HStack,
  Input,
  Progress,
  Stack,
  Table,
  Text,
} from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { authoring, type Draft, type Rehearsal } from "../rest/client";
import { Failure } from "../shell/Failure";
import { useSection } from "./useDraft";

const BETWEEN_LOOKS_MILLISECONDS = 400;

function useRehearsal(draft: Draft) {
  const [started, setStarted] = useState<{ id: string; revision: number }>();
  const id = started?.revision === draft.revision ? started.id : undefined;
  const start = useMutation({
    mutationFn: () => authoring.rehearse(draft.model),
    onSuccess: (r) => setStarted({ id: r.job.id, revision: draft.revision }),
  });
  const newest = useQuery({
    queryKey: ["rehearsal", draft.model, draft.revision, id],
    queryFn: async () =>
      id ? authoring.rehearsal(id) : ((await authoring.newestRehearsal(draft.model))[0] ?? null),
    refetchInterval: (query) =>
      query.state.data?.job.state === "running" ? BETWEEN_LOOKS_MILLISECONDS : false,
  });
  return { start, rehearsal: newest.data ?? undefined };
}

/** Plays all sample questions on draft and edition, and publishes what came through. */
export function Publish({ draft }: { draft: Draft }) {
  const { start, rehearsal } = useRehearsal(draft);
  const running = rehearsal?.job.state === "running";
  const done = rehearsal?.job.state === "done" ? rehearsal : undefined;
  return (
    <Stack gap="4">
      <Card.Root as="section" aria-labelledby="rehearsal">
        <Card.Header>
          <HStack justify="space-between">
            <Heading as="h2" size="md" id="rehearsal">
              Rehearsal
            </Heading>
            <Button
              size="sm"
              variant="surface"
              loading={start.isPending || running}
              disabled={!draft.publishable}
              onClick={() => start.mutate()}
            >
              Rehearse
            </Button>
          </HStack>
          <Text textStyle="sm" color="fg.muted">
            Every sample question is answered by the draft and by the newest edition.
          </Text>
        </Card.Header>
        <Card.Body gap="3">
          {start.error && <Failure error={start.error} />}
          {rehearsal?.job.message && <Text>{rehearsal.job.message}</Text>}
          {running && (
            <Progress.Root
              max={Math.max(rehearsal.job.total, 1)}
              value={rehearsal.job.done}
              size="sm"
              aria-label="Rehearsal"
            >
              <Progress.Track>
                <Progress.Range />
              </Progress.Track>
            </Progress.Root>
          )}
          {done && <Outcomes rehearsal={done} />}
          {!rehearsal && <Text color="fg.muted">Not rehearsed as it stands.</Text>}
        </Card.Body>
      </Card.Root>
      <PublishForm draft={draft} rehearsal={done} />
    </Stack>
  );
}

const ORDER = ["BROKEN", "CHANGED", "NEW", "GONE", "SAME"] as const;
const PALETTE = { BROKEN: "red", CHANGED: "orange", NEW: "teal", GONE: "gray", SAME: "gray" };

function Outcomes({ rehearsal }: { rehearsal: Rehearsal }) {
  const [all, setAll] = useState(false);
  const { to } = useSection();
  const counts = ORDER.map((o) => ({
    outcome: o,
    n: rehearsal.questions.filter((q) => q.outcome === o).length,
  })).filter((c) => c.n > 0);
  const shown = ORDER.filter((o) => all || o !== "SAME").flatMap((o) =>
    rehearsal.questions.filter((q) => q.outcome === o),
  );
  return (
    <>
      <HStack role="status">
        {counts.map((c) => (
          <Badge key={c.outcome} colorPalette={PALETTE[c.outcome]} size="lg">
            {c.n} {c.outcome.toLowerCase()}
          </Badge>
        ))}
        {counts.length === 0 && <Text>The model has no sample questions.</Text>}
        {counts.some((c) => c.outcome === "SAME") && (
          <Button size="xs" variant="ghost" onClick={() => setAll(!all)}>
            {all ? "Only what differs" : "Show all"}
          </Button>
        )}
      </HStack>
      {shown.length > 0 && (
        <Table.ScrollArea>
          <Table.Root size="sm" whiteSpace="normal">
            <Table.Header>
              <Table.Row>
                <Table.ColumnHeader>Question</Table.ColumnHeader>
                <Table.ColumnHeader>Outcome</Table.ColumnHeader>
                <Table.ColumnHeader>In the edition</Table.ColumnHeader>
                <Table.ColumnHeader>In the draft</Table.ColumnHeader>
                <Table.ColumnHeader />
              </Table.Row>
            </Table.Header>
            <Table.Body>
              {shown.map((q) => (
                <Table.Row key={q.ask} verticalAlign="top">
                  <Table.Cell>{q.ask}</Table.Cell>
                  <Table.Cell>
                    <Badge colorPalette={PALETTE[q.outcome]}>{q.outcome.toLowerCase()}</Badge>
                    {q.differs.length > 0 && (
                      <Text textStyle="xs">
                        other {q.differs.map((d) => (d === "SQL" ? d : d.toLowerCase())).join(", ")}
                      </Text>
                    )}
                  </Table.Cell>
                  <Table.Cell>{q.before}</Table.Cell>
                  <Table.Cell>{q.why || q.after}</Table.Cell>
                  <Table.Cell textAlign="end">
                    {q.outcome !== "GONE" && (
                      <Button asChild size="xs" variant="ghost">
                        <Link
                          to={`${to("try")}${to("try").includes("?") ? "&" : "?"}q=${encodeURIComponent(q.ask)}`}
                          aria-label={`Side by side: ${q.ask}`}
                        >
                          Side by side
                        </Link>
                      </Button>
                    )}
                  </Table.Cell>
                </Table.Row>
              ))}
            </Table.Body>
          </Table.Root>
        </Table.ScrollArea>
      )}
    </>
  );
}

function PublishForm({ draft, rehearsal }: { draft: Draft; rehearsal?: Rehearsal }) {
  const queries = useQueryClient();
  const [note, setNote] = useState("");
  const [overrule, setOverrule] = useState("");
  const needsRehearsal = draft.basedOn > 0 && !rehearsal;
  const broken = rehearsal?.broken ?? 0;
  const mustSayWhy = broken > 0 || needsRehearsal;
  const publish = useMutation({
    mutationFn: () => authoring.publish(draft.model, draft.revision, note, overrule),
    onSuccess: () => queries.invalidateQueries(),
  });
  return (
    <Card.Root as="section" aria-labelledby="publish">
      <Card.Header>
        <Heading as="h2" size="md" id="publish">
          Publish
        </Heading>
      </Card.Header>
      <Card.Body gap="3">
        {publish.data && (
          <Alert.Root status="success">
            <Alert.Indicator />
            <Alert.Title>
              Published as edition {publish.data.edition}. Askers get it from now on.
            </Alert.Title>
          </Alert.Root>
        )}
        <Field.Root>
          <Field.Label>What is new</Field.Label>
          <Input size="sm" value={note} onChange={(e) => setNote(e.target.value)} />
        </Field.Root>
        {mustSayWhy && (
          <Field.Root>
            <Field.Label>
              {broken > 0
                ? `Why it is published although ${broken} sample ${broken === 1 ? "question is" : "questions are"} broken`
                : "Why it is published without a rehearsal"}
            </Field.Label>
            <Input size="sm" value={overrule} onChange={(e) => setOverrule(e.target.value)} />
            <Field.HelperText>
              Kept with the edition. Leave it empty to rehearse and mend first.
            </Field.HelperText>
          </Field.Root>
        )}
        {publish.error && <Failure error={publish.error} />}
        <Button
          alignSelf="start"
          loading={publish.isPending}
          disabled={!draft.publishable || draft.revision === 0 || (mustSayWhy && !overrule.trim())}
          onClick={() => publish.mutate()}
        >
          Publish as edition {draft.basedOn + 1}
        </Button>
        {draft.revision === 0 && (
          <Text textStyle="sm" color="fg.muted">
            Nothing is changed since edition {draft.basedOn}.
          </Text>
        )}
      </Card.Body>
    </Card.Root>
  );
}
