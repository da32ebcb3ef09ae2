import { Alert, Button, Card, Center, Field, Heading, Input, Stack, Text } from "@chakra-ui/react";
import { useState, type FormEvent } from "react";
import { useSignIn } from "./session";

export function SignInPage() {
  const [name, setName] = useState("");
  const [password, setPassword] = useState("");
  const signIn = useSignIn();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    signIn.mutate({ name, password });
  };
  return (
    <Center as="main" minH="100vh" p="4">
      <Card.Root as="form" w="sm" onSubmit={submit}>
        <Card.Header>
          <Heading as="h1" size="xl">
            Rope Bridge
          </Heading>
          <Text color="fg.muted">Ask your company&apos;s data in plain words.</Text>
        </Card.Header>
        <Card.Body>
          <Stack gap="4">
            <Field.Root required>
              <Field.Label>Name</Field.Label>
              <Input
                name="name"
                autoComplete="username"
                autoFocus
                value={name}
                onChange={(e) => setName(e.target.value)}
              />
            </Field.Root>
            <Field.Root required>
              <Field.Label>Password</Field.Label>
              <Input
                name="password"
                type="password"
                autoComplete="current-password"
                value={password}
                onChange={(e) => setPassword(e.target.value)}
              />
            </Field.Root>
            {signIn.isError && (
              <Alert.Root status="error">
                <Alert.Indicator />
                <Alert.Title>{signIn.error.message}</Alert.Title>
              </Alert.Root>
            )}
          </Stack>
        </Card.Body>
        <Card.Footer>
          <Button type="submit" w="full" loading={signIn.isPending}>
            Sign in
          </Button>
        </Card.Footer>
      </Card.Root>
    </Center>
  );
}
