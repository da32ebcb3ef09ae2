import { Alert, Button } from "@chakra-ui/react";

/** Says what failed, and offers another try. */
export function Failure({ error, onRetry }: { error: Error; onRetry?: () => void }) {
  return (
    <Alert.Root status="error" maxW="2xl">
      <Alert.Indicator />
      <Alert.Content>
        <Alert.Title>That did not work</Alert.Title>
        <Alert.Description>{error.message}</Alert.Description>
      </Alert.Content>
      {onRetry && (
        <Button size="sm" variant="outline" onClick={onRetry}>
          Try again
        </Button>
      )}
    </Alert.Root>
  );
}
