import {
  Badge,
  Button,
  Card,
  Code,
  Heading,
  HStack,
  Input,
  Skeleton,
  Stack,
  Table,
  Text,
} from "@chakra-ui/react";
import { lazy, Suspense, useMemo, useState } from "react";
import { Link } from "react-router";
import { useModel, useModels } from "../ask/models";
import type { ModelPage as Model } from "../rest/client";
import { Failure } from "../shell/Failure";
import { matches } from "./matches";

const LinkDiagram = lazy(() => import("./LinkDiagram"));

/** What a model covers, in its own words. */
export function ModelPage() {
  const { models, chosen } = useModels();
  const model = useModel(chosen);
  const [wanted, setWanted] = useState("");
  const error = models.error ?? model.error;
  if (error) return <Failure error={error} onRetry={() => void model.refetch()} />;
  if (models.data?.length === 0) return <Text>No model is published yet.</Text>;
  if (!model.data) return <Skeleton h="96" aria-label="Loading" />;
  return (
    <Stack gap="6">
      <Stack gap="1">
        <Heading as="h1" size="2xl">
          {model.data.title}
        </Heading>
        <Text>{model.data.about}</Text>
        <Text textStyle="sm" color="fg.muted">
          {model.data.name}, edition {model.data.edition}, published by {model.data.publishedBy} on{" "}
          {new Date(model.data.publishedAt).toLocaleDateString("en-GB", { dateStyle: "long" })}
        </Text>
      </Stack>
      <HStack wrap="wrap">
        {QUESTIONS.map((q) => (
          <Button key={q} asChild size="sm" variant="surface">
            <Link to={`/ask?model=${model.data.name}&q=${encodeURIComponent(q)}`}>{q}</Link>
          </Button>
        ))}
      </HStack>
      <Input
        bg="bg"
        maxW="sm"
        aria-label="Find a word of the model"
        placeholder="Find a word"
        value={wanted}
        onChange={(e) => setWanted(e.target.value)}
      />
      <Metrics model={model.data} wanted={wanted} />
      {wanted === "" && <Together model={model.data} />}
      <Tables model={model.data} wanted={wanted} />
    </Stack>
  );
}

const QUESTIONS = ["What can I ask?", "How recent is the data?", "Which metrics are there?"];

/** How the tables hang together; a click goes to what is said of a table. */
function Together({ model }: { model: Model }) {
  const tables = useMemo(
    () =>
      model.tables.map((t) => ({
        name: t.name,
        title: t.rows,
        from: t.from,
        links: t.links.map((l) => ({ name: l.name, label: l.label || l.to, to: l.table })),
      })),
    [model.tables],
  );
  return (
    <Stack as="section" gap="3" aria-labelledby="together">
      <Heading as="h2" size="lg" id="together">
        How the tables hang together
      </Heading>
      <Suspense fallback={<Skeleton h="60" aria-label="Loading" />}>
        <LinkDiagram
          tables={tables}
          onOpen={(name) => document.getElementById(`table-${name}`)?.scrollIntoView()}
        />
      </Suspense>
    </Stack>
  );
}

function Metrics({ model, wanted }: { model: Model; wanted: string }) {
  const metrics = model.metrics.filter((m) => matches(wanted, m.label, m.about, ...m.alsoCalled));
  return (
    <Stack as="section" gap="3" aria-labelledby="metrics">
      <Heading as="h2" size="lg" id="metrics">
        Metrics
      </Heading>
      {metrics.length === 0 ? (
        <Text color="fg.muted">No metric has this word.</Text>
      ) : (
        <Card.Root overflow="hidden">
          <Table.Root size="sm">
            <Table.Header>
              <Table.Row>
                <Table.ColumnHeader w="52">Metric</Table.ColumnHeader>
                <Table.ColumnHeader w="20">Unit</Table.ColumnHeader>
                <Table.ColumnHeader>Meaning</Table.ColumnHeader>
                <Table.ColumnHeader>Also called</Table.ColumnHeader>
              </Table.Row>
            </Table.Header>
            <Table.Body>
              {metrics.map((m) => (
                <Table.Row key={m.name}>
                  <Table.Cell fontWeight="medium" verticalAlign="top">
                    {m.label}
                  </Table.Cell>
                  <Table.Cell verticalAlign="top">{m.unit}</Table.Cell>
                  <Table.Cell verticalAlign="top">
                    {m.about && <Text>{m.about}</Text>}
                    <Code size="sm" variant="plain" px="0" color="fg.muted">
                      {m.sql}
                    </Code>
                    <Text textStyle="xs" color="fg.muted">
                      over {m.over}
                    </Text>
                  </Table.Cell>
                  <Table.Cell verticalAlign="top" color="fg.muted">
                    {m.alsoCalled.join(", ")}
                  </Table.Cell>
                </Table.Row>
              ))}
            </Table.Body>
          </Table.Root>
        </Card.Root>
      )}
    </Stack>
  );
}

function Tables({ model, wanted }: { model: Model; wanted: string }) {
  const tables = model.tables
    .map((t) => {
      const whole = matches(wanted, t.rows, t.rowNoun, t.about, ...t.alsoCalled);
      const columns = whole
        ? t.columns
        : t.columns.filter((c) => matches(wanted, c.label, ...c.alsoCalled, ...c.values));
      return { ...t, columns, shown: whole || columns.length > 0 };
    })
    .filter((t) => t.shown);
  return (
    <Stack as="section" gap="3" aria-labelledby="tables">
      <Heading as="h2" size="lg" id="tables">
        Tables
      </Heading>
      {tables.length === 0 && <Text color="fg.muted">No table has this word.</Text>}
      {tables.map((t) => (
        <Card.Root key={t.name} id={`table-${t.name}`}>
          <Card.Header pb="0">
            <HStack align="baseline" wrap="wrap">
              <Heading as="h3" size="md">
                {t.rows}
              </Heading>
              {t.alsoCalled.map((s) => (
                <Badge key={s} variant="outline">
                  {s}
                </Badge>
              ))}
            </HStack>
            <Text color="fg.muted">
              {t.about} Read from <Code size="sm">{t.from}</Code> in the source {t.source}.
            </Text>
          </Card.Header>
          <Card.Body gap="3">
            <Table.Root size="sm">
              <Table.Header>
                <Table.Row>
                  <Table.ColumnHeader w="52">Column</Table.ColumnHeader>
                  <Table.ColumnHeader w="28">Holds</Table.ColumnHeader>
                  <Table.ColumnHeader>Values</Table.ColumnHeader>
                  <Table.ColumnHeader>Also called</Table.ColumnHeader>
                </Table.Row>
              </Table.Header>
              <Table.Body>
                {t.columns.map((c) => (
                  <Table.Row key={c.name}>
                    <Table.Cell>{c.label}</Table.Cell>
                    <Table.Cell>{c.unit === "" ? c.holds : `${c.holds}, ${c.unit}`}</Table.Cell>
                    <Table.Cell color="fg.muted">{c.values.join(", ")}</Table.Cell>
                    <Table.Cell color="fg.muted">{c.alsoCalled.join(", ")}</Table.Cell>
                  </Table.Row>
                ))}
              </Table.Body>
            </Table.Root>
            {t.links.length > 0 && (
              <Text textStyle="sm">
                Each {t.rowNoun} has a{" "}
                {t.links.map((l) => (l.label ? `${l.label} (${l.to})` : l.to)).join(", a ")}.
              </Text>
            )}
            {t.conditions.map((c) => (
              <Text textStyle="sm" key={c.label}>
                <b>{c.label}</b>
                {c.alsoCalled.length > 0 && ` (${c.alsoCalled.join(", ")})`}:{" "}
                <Code size="sm">{c.sql}</Code>
              </Text>
            ))}
          </Card.Body>
        </Card.Root>
      ))}
    </Stack>
  );
}
