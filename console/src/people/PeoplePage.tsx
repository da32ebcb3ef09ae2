import {
  Alert,
  Button,
  Card,
  Code,
  Heading,
  HStack,
  Skeleton,
  Stack,
  Table,
  Text,
} from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Fragment, useState } from "react";
import { accounts, type Account, type MadePassword } from "../rest/client";
import { Failure } from "../shell/Failure";
import { AccountForm, ROLES } from "./AccountForm";
import { attributeLines } from "./attributes";

const PEOPLE = ["accounts"];

/** Who may sign in, what they may do, and what access rules know of them. For stewards. */
export default function PeoplePage() {
  const queries = useQueryClient();
  const people = useQuery({ queryKey: PEOPLE, queryFn: accounts.all });
  const [opened, setOpened] = useState<string>();
  const [adding, setAdding] = useState(false);
  const [made, setMade] = useState<MadePassword>();
  const refresh = () => queries.invalidateQueries({ queryKey: PEOPLE });
  if (people.error) return <Failure error={people.error} />;
  if (!people.data) return <Skeleton h="60" aria-label="Loading" />;
  return (
    <Stack gap="4">
      <HStack justify="space-between">
        <Heading as="h1" size="xl">
          People
        </Heading>
        {!adding && (
          <Button size="sm" onClick={() => setAdding(true)}>
            Add somebody
          </Button>
        )}
      </HStack>
      <Text color="fg.muted">
        Who may sign in, and what the access rules of models know of them.
      </Text>
      {made && <Password made={made} onGone={() => setMade(undefined)} />}
      {adding && (
        <Card.Root as="section" aria-label="Add somebody">
          <Card.Body>
            <AccountForm
              onCancel={() => setAdding(false)}
              onSave={async (name, details) => {
                setMade(await accounts.add(name, details));
                setAdding(false);
                await refresh();
              }}
            />
          </Card.Body>
        </Card.Root>
      )}
      <Card.Root overflow="hidden">
        <Table.ScrollArea>
          <Table.Root size="sm">
            <Table.Header>
              <Table.Row>
                <Table.ColumnHeader>Name</Table.ColumnHeader>
                <Table.ColumnHeader>Signs in as</Table.ColumnHeader>
                <Table.ColumnHeader>May</Table.ColumnHeader>
                <Table.ColumnHeader>Roles in access rules</Table.ColumnHeader>
                <Table.ColumnHeader>Attributes</Table.ColumnHeader>
                <Table.ColumnHeader />
              </Table.Row>
            </Table.Header>
            <Table.Body>
              {people.data.map((p) => (
                <Fragment key={p.name}>
                  <Table.Row>
                    <Table.Cell fontWeight="medium">{p.displayName}</Table.Cell>
                    <Table.Cell>{p.name}</Table.Cell>
                    <Table.Cell>{ROLES.find((r) => r.value === p.role)?.text}</Table.Cell>
                    <Table.Cell>{p.accessRoles.join(", ")}</Table.Cell>
                    <Table.Cell whiteSpace="pre-line">{attributeLines(p.attributes)}</Table.Cell>
                    <Table.Cell textAlign="end">
                      <Button
                        size="xs"
                        variant="ghost"
                        aria-expanded={opened === p.name}
                        aria-label={`Change ${p.displayName}`}
                        onClick={() => setOpened(opened === p.name ? undefined : p.name)}
                      >
                        Change
                      </Button>
                    </Table.Cell>
                  </Table.Row>
                  {opened === p.name && (
                    <Table.Row>
                      <Table.Cell colSpan={6} bg="bg.subtle" py="4">
                        <AccountForm
                          details={p}
                          onCancel={() => setOpened(undefined)}
                          onSave={async (_, details) => {
                            await accounts.change(p.name, details);
                            setOpened(undefined);
                            await refresh();
                          }}
                        />
                        <Ends
                          account={p}
                          onPassword={setMade}
                          onRemoved={async () => {
                            setOpened(undefined);
                            await refresh();
                          }}
                        />
                      </Table.Cell>
                    </Table.Row>
                  )}
                </Fragment>
              ))}
            </Table.Body>
          </Table.Root>
        </Table.ScrollArea>
      </Card.Root>
    </Stack>
  );
}

function Password({ made, onGone }: { made: MadePassword; onGone: () => void }) {
  return (
    <Alert.Root status="success">
      <Alert.Indicator />
      <Alert.Content>
        <Alert.Title>
          The password of {made.name} is <Code>{made.password}</Code>
        </Alert.Title>
        <Alert.Description>
          It is shown this once. Hand it over; they can change it under “My questions”.
        </Alert.Description>
      </Alert.Content>
      <Button size="xs" variant="ghost" onClick={onGone}>
        Put it away
      </Button>
    </Alert.Root>
  );
}

interface EndsProps {
  account: Account;
  onPassword: (made: MadePassword) => void;
  onRemoved: () => void;
}

/** What ends something: the password that counts, or the whole account. */
function Ends({ account, onPassword, onRemoved }: EndsProps) {
  const [sure, setSure] = useState(false);
  const reset = useMutation({
    mutationFn: () => accounts.newPassword(account.name),
    onSuccess: onPassword,
  });
  const remove = useMutation({
    mutationFn: () => accounts.remove(account.name),
    onSuccess: onRemoved,
  });
  const failure = reset.error ?? remove.error;
  return (
    <Stack gap="2" mt="4" pt="4" borderTopWidth="1px">
      <HStack wrap="wrap">
        <Button
          size="sm"
          variant="outline"
          loading={reset.isPending}
          onClick={() => reset.mutate()}
        >
          Make a new password
        </Button>
        {sure ? (
          <>
            <Button
              size="sm"
              colorPalette="red"
              loading={remove.isPending}
              onClick={() => remove.mutate()}
            >
              Remove {account.displayName}, with threads and words
            </Button>
            <Button size="sm" variant="ghost" onClick={() => setSure(false)}>
              Keep the account
            </Button>
          </>
        ) : (
          <Button size="sm" variant="outline" onClick={() => setSure(true)}>
            Remove
          </Button>
        )}
        <Text textStyle="sm" color="fg.muted">
          A new password signs them out everywhere. What a removed account asked stays in the log
          without its name.
        </Text>
      </HStack>
      {failure && <Failure error={failure} />}
    </Stack>
  );
}
