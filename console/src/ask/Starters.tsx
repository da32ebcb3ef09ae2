import { Button, Heading, Skeleton, Stack, Text, Wrap } from "@chakra-ui/react";
import type { ModelPage } from "../rest/client";

interface StartersProps {
  model: ModelPage | undefined;
  loading: boolean;
  onAsk: (question: string) => void;
}

/** What people see before their first question. */
export function Starters({ model, loading, onAsk }: StartersProps) {
  if (loading) {
    return <Skeleton h="40" aria-label="Loading" />;
  }
  if (!model) return null;
  return (
    <Stack gap="5" pt="4">
      <Stack gap="1">
        <Heading as="h1" size="2xl">
          {model.title}
        </Heading>
        <Text color="fg.muted">{model.about}</Text>
      </Stack>
      {model.starters.length > 0 && (
        <Stack gap="3">
          <Heading as="h2" size="md">
            To begin with
          </Heading>
          <Wrap gap="3">
            {model.starters.map((s) => (
              <Button key={s.ask} variant="surface" onClick={() => onAsk(s.ask)}>
                {s.label}
              </Button>
            ))}
          </Wrap>
        </Stack>
      )}
      <Text color="fg.muted" textStyle="sm">
        Or name a number and how to break it down: {exampleOf(model)}.
      </Text>
    </Stack>
  );
}

function exampleOf(model: ModelPage): string {
  const labels = model.metrics.slice(0, 3).map((m) => `“${m.label}”`);
  return labels.join(", ");
}
