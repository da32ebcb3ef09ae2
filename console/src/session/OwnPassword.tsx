import { Button, Card, Field, Heading, HStack, Input, Text } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { rest } from "../rest/client";
import { Failure } from "../shell/Failure";

const SHORTEST = 12;

/** Changes the password of who is signed in. */
export function OwnPassword() {
  const [old, setOld] = useState("");
  const [password, setPassword] = useState("");
  const change = useMutation({
    mutationFn: () => rest.changePassword(old, password),
    onSuccess: () => {
      setOld("");
      setPassword("");
    },
  });
  return (
    <Card.Root
      as="form"
      maxW="2xl"
      aria-label="My password"
      onSubmit={(e) => {
        e.preventDefault();
        change.mutate();
      }}
    >
      <Card.Header pb="2">
        <Heading as="h2" size="md">
          My password
        </Heading>
        <Text textStyle="sm" color="fg.muted">
          A new one signs you out everywhere but here, programs too.
        </Text>
      </Card.Header>
      <Card.Body gap="3">
        <HStack align="end" gap="4" wrap={{ base: "wrap", md: "nowrap" }}>
          <Field.Root required>
            <Field.Label>Now</Field.Label>
            <Input
              size="sm"
              type="password"
              autoComplete="current-password"
              value={old}
              onChange={(e) => setOld(e.target.value)}
            />
          </Field.Root>
          <Field.Root required>
            <Field.Label>New, of {SHORTEST} characters at least</Field.Label>
            <Input
              size="sm"
              type="password"
              autoComplete="new-password"
              minLength={SHORTEST}
              value={password}
              onChange={(e) => setPassword(e.target.value)}
            />
          </Field.Root>
          <Button type="submit" size="sm" flexShrink="0" loading={change.isPending}>
            Change it
          </Button>
        </HStack>
        {change.isSuccess && (
          <Text textStyle="sm" color="fg.muted" role="status">
            Changed.
          </Text>
        )}
        {change.error && <Failure error={change.error} />}
      </Card.Body>
    </Card.Root>
  );
}
