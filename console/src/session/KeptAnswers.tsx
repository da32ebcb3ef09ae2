import { Button, Card, Heading, Link, Table, Text } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Link as PageLink } from "react-router";
import { rest } from "../rest/client";
import { Failure } from "../shell/Failure";

/** Answers that one keeps as they were, for others to open by a link; none, and nothing is shown. */
export function KeptAnswers() {
  const queries = useQueryClient();
  const kept = useQuery({ queryKey: ["kept"], queryFn: rest.keptAnswers });
  const forget = useMutation({
    mutationFn: rest.forgetKeptAnswer,
    onSuccess: () => queries.invalidateQueries({ queryKey: ["kept"] }),
  });
  if (kept.error) return <Failure error={kept.error} />;
  if (!kept.data?.length) return null;
  return (
    <Card.Root maxW="2xl">
      <Card.Header pb="2">
        <Heading as="h2" size="md">
          Answers that I keep as they were
        </Heading>
        <Text textStyle="sm" color="fg.muted">
          Whoever has the link and may see the same data can open them.
        </Text>
      </Card.Header>
      <Card.Body>
        <Table.Root size="sm">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Question</Table.ColumnHeader>
              <Table.ColumnHeader>Kept on</Table.ColumnHeader>
              <Table.ColumnHeader />
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {kept.data.map((k) => (
              <Table.Row key={k.id}>
                <Table.Cell>
                  <Link asChild colorPalette="teal">
                    <PageLink to={`/kept/${k.id}`}>{k.question}</PageLink>
                  </Link>
                </Table.Cell>
                <Table.Cell whiteSpace="nowrap">
                  {new Date(k.keptAt).toLocaleDateString("en-GB", { dateStyle: "medium" })}
                </Table.Cell>
                <Table.Cell textAlign="end">
                  <Button
                    size="xs"
                    variant="ghost"
                    aria-label={`Delete ${k.question}`}
                    onClick={() => forget.mutate(k.id)}
                  >
                    Delete
                  </Button>
                </Table.Cell>
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
        {forget.error && <Failure error={forget.error} />}
      </Card.Body>
    </Card.Root>
  );
}
