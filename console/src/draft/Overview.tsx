import { Button, Card, Heading, HStack, List, Stack, Text } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { authoring, type Change, type Proposal } from "../rest/client";
import { Failure } from "../shell/Failure";
import { TextField } from "../shell/fields";
import type { DraftHold } from "./useDraft";

/** What the model is for, what a survey suggested, and what publishing would change. */
export function Overview({ hold }: { hold: DraftHold }) {
  const { draft, edit } = hold;
  const set = (key: string) => (value: string) => edit({ file: "model.yaml", path: [key], value });
  return (
    <Stack gap="4">
      <Card.Root>
        <Card.Body gap="3">
          <TextField label="Title" value={draft.title} onSave={set("title")} />
          <TextField
            label="What it is for"
            lines={2}
            value={draft.about}
            onSave={set("about")}
            help="People see it above their questions; programs choose a model by it."
          />
        </Card.Body>
      </Card.Root>
      {draft.proposals.length > 0 && <Proposals hold={hold} />}
      <Changes draft={draft} />
    </Stack>
  );
}

/** Changes in words, as they are listed wherever there are some. */
export function ChangeList({ changes }: { changes: Change[] }) {
  const marks = { ADDED: "+", REMOVED: "−", CHANGED: "~" };
  return (
    <List.Root variant="plain" gap="1">
      {changes.map((c, i) => (
        <List.Item key={i}>
          <List.Indicator asChild color="fg.muted" fontFamily="mono">
            <span>{marks[c.kind]}</span>
          </List.Indicator>
          {c.words}
        </List.Item>
      ))}
    </List.Root>
  );
}

function Changes({ draft }: Pick<DraftHold, "draft">) {
  const changes = useQuery({
    queryKey: ["changes", draft.model, draft.revision],
    queryFn: () => authoring.changes(draft.model),
  });
  if (changes.error) return <Failure error={changes.error} />;
  return (
    <Card.Root as="section" aria-labelledby="changes">
      <Card.Header>
        <Heading as="h2" size="md" id="changes">
          What publishing would change
        </Heading>
      </Card.Header>
      <Card.Body>
        {changes.data && changes.data.length > 0 ? (
          <ChangeList changes={changes.data} />
        ) : (
          <Text color="fg.muted">
            {draft.basedOn === 0 ? "All of it: nothing is published yet." : "Nothing for askers."}
          </Text>
        )}
      </Card.Body>
    </Card.Root>
  );
}

function tableOf(proposal: Proposal) {
  return /^tables\/([^/]+)/.exec(proposal.path)?.[1] ?? "";
}

/** What a survey suggested, each with its reason, table by table; metrics come first. */
function Proposals({ hold }: { hold: DraftHold }) {
  const { draft, judge, isSaving } = hold;
  const tables = [...new Set(draft.proposals.map(tableOf))];
  return (
    <Card.Root as="section" aria-labelledby="proposals">
      <Card.Header>
        <HStack justify="space-between" wrap="wrap">
          <Heading as="h2" size="md" id="proposals">
            {draft.proposals.length} proposals of the survey
          </Heading>
          <Button size="xs" variant="surface" disabled={isSaving} onClick={() => judge(true)}>
            Keep all
          </Button>
        </HStack>
        <Text textStyle="sm" color="fg.muted">
          They are in the draft already. Dropping one takes it out of the files.
        </Text>
      </Card.Header>
      <Card.Body gap="4" maxH="xl" overflowY="auto" tabIndex={0}>
        {tables.map((table) => {
          const here = draft.proposals.filter((p) => tableOf(p) === table);
          const title = draft.tables.find((t) => t.name === table)?.rowNounPlural ?? "The model";
          const paths = here.map((p) => p.path);
          return (
            <Stack key={table} gap="1">
              <HStack justify="space-between">
                <Heading as="h3" size="sm">
                  {title}
                </Heading>
                <Button
                  size="xs"
                  variant="ghost"
                  disabled={isSaving}
                  onClick={() => judge(true, paths)}
                >
                  Keep these
                </Button>
              </HStack>
              {here.map((p) => (
                <HStack key={p.path} justify="space-between" align="start" gap="4">
                  <Text textStyle="sm">
                    {p.words}
                    <Text as="span" color="fg.muted">
                      {" "}
                      because: {p.reason}
                    </Text>
                  </Text>
                  <HStack gap="1" flexShrink="0">
                    <Button
                      size="2xs"
                      variant="ghost"
                      aria-label={`Keep: ${p.words}`}
                      disabled={isSaving}
                      onClick={() => judge(true, [p.path])}
                    >
                      Keep
                    </Button>
                    <Button
                      size="2xs"
                      variant="ghost"
                      aria-label={`Drop: ${p.words}`}
                      disabled={isSaving}
                      onClick={() => judge(false, [p.path])}
                    >
                      Drop
                    </Button>
                  </HStack>
                </HStack>
              ))}
            </Stack>
          );
        })}
      </Card.Body>
    </Card.Root>
  );
}
