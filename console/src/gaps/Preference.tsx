import { HStack, Stack, Text } from "@chakra-ui/react";
import type { Gap } from "../rest/client";
import { Outcome, TryOrKeep } from "./Outcome";
import { useMend } from "./useMend";

/** Offers what people keep choosing as what the model prefers. */
export function Preferences({ model, gap }: { model: string; gap: Gap }) {
  return gap.chosen
    .filter((c) => Object.keys(c.preferences).length > 0)
    .map((c) => <Preference key={c.words} model={model} gap={gap} chosen={c} />);
}

interface PreferenceProps {
  model: string;
  gap: Gap;
  chosen: Gap["chosen"][number];
}

function Preference({ model, gap, chosen }: PreferenceProps) {
  const preferred = Object.entries(chosen.preferences);
  const mending = useMend(model, gap.key, () =>
    preferred.map(([words, item]) => ({
      file: "model.yaml",
      path: ["preferences", "meanings", words],
      value: item,
    })),
  );
  const words = preferred.map(([w]) => `“${w}”`).join(", ");
  return (
    <Stack gap="3" role="group" aria-label={`Prefer ${chosen.words}`}>
      <HStack wrap="wrap">
        <Text>
          Chosen {chosen.times === 1 ? "once" : `${chosen.times} times`}: <b>{chosen.words}</b>.
          Make {words} mean it for everybody, unless they say it in full:
        </Text>
        <TryOrKeep mending={mending} ready />
      </HStack>
      <Outcome mending={mending} />
    </Stack>
  );
}
