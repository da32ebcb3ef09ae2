import { Button, Card, Heading, HStack, Skeleton, Stack, Text } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { authoring, type Draft, type EditionLine } from "../rest/client";
import { Failure } from "../shell/Failure";
import { ChangeList } from "./Overview";

/** Every edition ever published, what each changed, and the way back to it. */
export function Editions({ draft }: { draft: Draft }) {
  const queries = useQueryClient();
  const editions = useQuery({
    queryKey: ["editions", draft.model, draft.basedOn],
    queryFn: () => authoring.editions(draft.model),
  });
  const back = useMutation({
    mutationFn: (number: number) => authoring.back(draft.model, number),
    onSuccess: () => queries.invalidateQueries(),
  });
  if (editions.error) return <Failure error={editions.error} />;
  if (!editions.data) return <Skeleton h="40" aria-label="Loading" />;
  if (editions.data.length === 0) return <Text>Nothing is published yet.</Text>;
  return (
    <Stack gap="3">
      {back.error && <Failure error={back.error} />}
      {back.data && (
        <Text role="status">
          Published as edition {back.data.edition}; the draft says the same now.
        </Text>
      )}
      {editions.data.map((e, i) => (
        <EditionCard
          key={e.number}
          model={draft.model}
          edition={e}
          newest={i === 0}
          isGoing={back.isPending}
          onBack={() => back.mutate(e.number)}
        />
      ))}
    </Stack>
  );
}

interface EditionCardProps {
  model: string;
  edition: EditionLine;
  newest: boolean;
  isGoing: boolean;
  onBack: () => void;
}

function EditionCard({ model, edition, newest, isGoing, onBack }: EditionCardProps) {
  const [opened, setOpened] = useState(false);
  const changes = useQuery({
    queryKey: ["edition-changes", model, edition.number],
    queryFn: () => authoring.editionChanges(model, edition.number),
    enabled: opened,
  });
  const when = new Date(edition.publishedAt).toLocaleString("en-GB", {
    dateStyle: "medium",
    timeStyle: "short",
  });
  return (
    <Card.Root size="sm">
      <Card.Body gap="2">
        <HStack justify="space-between" align="start">
          <Stack gap="0">
            <Heading as="h3" size="sm">
              Edition {edition.number}
              {newest && ", what askers get"}
            </Heading>
            <Text textStyle="sm" color="fg.muted">
              {edition.publishedBy}, {when}
            </Text>
            {edition.note && <Text>{edition.note}</Text>}
            {edition.overruled && (
              <Text textStyle="sm" color="fg.warning">
                Published although something was broken: {edition.overruled}
              </Text>
            )}
          </Stack>
          <HStack gap="1">
            {edition.number > 1 && (
              <Button
                size="xs"
                variant="ghost"
                aria-expanded={opened}
                aria-label={`What edition ${edition.number} changed`}
                onClick={() => setOpened(!opened)}
              >
                What it changed
              </Button>
            )}
            {!newest && (
              <Button
                size="xs"
                variant="surface"
                aria-label={`Go back to edition ${edition.number}`}
                disabled={isGoing}
                onClick={onBack}
              >
                Go back to it
              </Button>
            )}
          </HStack>
        </HStack>
        {opened && changes.data && changes.data.length > 0 && <ChangeList changes={changes.data} />}
        {opened && changes.data?.length === 0 && (
          <Text color="fg.muted">Nothing that askers would notice.</Text>
        )}
      </Card.Body>
    </Card.Root>
  );
}
