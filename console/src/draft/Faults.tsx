import { Alert, List, Text } from "@chakra-ui/react";
import type { Fault } from "../rest/client";

/** What stands in the way of publishing, with file and line, as the last change left it. */
export function Faults({ faults }: { faults: Fault[] }) {
  if (faults.length === 0) return null;
  const errors = faults.filter((f) => f.severity === "error").length;
  return (
    <Alert.Root status={errors > 0 ? "error" : "warning"} as="section" aria-label="Faults">
      <Alert.Indicator />
      <Alert.Content>
        <Alert.Title>
          {errors > 0
            ? `${errors} ${errors === 1 ? "fault stands" : "faults stand"} in the way of publishing`
            : "Worth a look"}
        </Alert.Title>
        <List.Root variant="plain" gap="1" mt="1">
          {faults.map((f, i) => (
            <List.Item key={i} display="block">
              <Text as="span" fontFamily="mono" textStyle="xs">
                {f.file}:{f.line}
              </Text>{" "}
              {f.message}
              {f.suggestion && <Text textStyle="sm">{f.suggestion}</Text>}
            </List.Item>
          ))}
        </List.Root>
      </Alert.Content>
    </Alert.Root>
  );
}
