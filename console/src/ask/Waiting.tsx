import { Button, Flex, Spinner, Stack, Text } from "@chakra-ui/react";
import type { AskProgress } from "../rest/client";

const STAGES = {
  reading: "Reading the question",
  in_line: "Waiting in line: other questions are being computed",
  computing: "Computing in the warehouse",
};

/** What is known while an answer is on its way, and the way out. */
export function Waiting({ progress, onStop }: { progress?: AskProgress; onStop: () => void }) {
  const seconds = Math.floor((progress?.milliseconds ?? 0) / 1000);
  return (
    <Stack gap="4" role="status">
      {progress?.reading?.restatement && (
        <Text>
          <Text as="span" color="fg.muted">
            Read as{" "}
          </Text>
          {progress.reading.restatement}
        </Text>
      )}
      <Flex gap="3" align="center" color="fg.muted">
        <Spinner size="sm" />
        <Text>
          {STAGES[progress?.stage ?? "reading"]}
          {seconds > 0 && `, ${seconds} s`}
        </Text>
        <Button size="xs" variant="outline" onClick={onStop}>
          Stop
        </Button>
      </Flex>
    </Stack>
  );
}
