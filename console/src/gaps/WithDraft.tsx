import { Button, HStack, Stack, Text } from "@chakra-ui/react";
import type { Gap } from "../rest/client";
import { Outcome } from "./Outcome";
import { useMend } from "./useMend";

/** For a mend that was made in the draft: what became of the gap's questions by it. */
export function WithDraft({ model, gap }: { model: string; gap: Gap }) {
  const mending = useMend(model, gap.key, () => []);
  const { mend, result } = mending;
  const mended = result.data?.mended;
  return (
    <Stack gap="3">
      <HStack wrap="wrap">
        <Text textStyle="sm" color="fg.muted">
          When it is done in the draft:
        </Text>
        <Button
          size="sm"
          variant="outline"
          loading={mend.isPending && !mend.variables}
          onClick={() => mend.mutate(false)}
        >
          Read these questions with the draft
        </Button>
        {mended && mended.mended > 0 && gap.state === "open" && (
          <Button
            size="sm"
            loading={mend.isPending && mend.variables}
            onClick={() => mend.mutate(true)}
          >
            This mends it
          </Button>
        )}
      </HStack>
      <Outcome mending={mending} />
    </Stack>
  );
}
