import {
  Button,
  Card,
  Code,
  Heading,
  HStack,
  SimpleGrid,
  Stack,
  Table as Grid,
  Text,
} from "@chakra-ui/react";
import { useMemo, useState } from "react";
import { Link } from "react-router";
import type { Column, Edit, Table } from "../rest/client";
import { Additions } from "./Additions";
import { ChoiceField, TextField } from "../shell/fields";
import { homeOf, namesOf, type Named } from "./names";
import { Look } from "./Look";
import { SynonymsField } from "./SynonymsField";
import { useSection, type DraftHold } from "./useDraft";
import { ValueNames } from "./ValueNames";
import { ADDS_UP, HOLDS, kept, placeOf, written } from "./words";

/** One table: what a row is, its columns and conditions, and a look at what is in it. */
export function TablePanel({ table, hold }: { table: Table; hold: DraftHold }) {
  const { draft, edit } = hold;
  const { to } = useSection();
  const names = useMemo(() => namesOf(draft), [draft]);
  const file = homeOf(draft, `tables/${table.name}`);
  const set = (...path: string[]) => {
    return (value: unknown) => edit({ file, path, value: kept(value) });
  };
  const dates = table.columns.filter((c) => c.holds === "DATE" || c.holds === "TIME");
  const withNone = (columns: Column[]) => [
    { value: "", text: "none" },
    ...columns.map((c) => ({ value: c.name, text: c.label })),
  ];
  return (
    <Stack gap="4">
      <HStack justify="space-between" wrap="wrap">
        <Heading as="h2" size="lg">
          {table.rowNounPlural}
        </Heading>
        <Button asChild size="sm" variant="ghost">
          <Link to={to("tables")}>All tables</Link>
        </Button>
      </HStack>
      <Card.Root>
        <Card.Body gap="4">
          <SimpleGrid columns={{ base: 1, lg: 2 }} gap="4">
            <TextField
              label="One row is one"
              value={table.rowNoun}
              onSave={set("one_row_is")}
              help={`Several are called ${table.rowNounPlural}. Comes from ${table.from || "a query"}.`}
            />
            <SynonymsField
              label="Rows are also called"
              item={`tables/${table.name}`}
              words={table.alsoCalled}
              names={names}
              onSave={set("also_called")}
            />
            <ChoiceField
              label="Main date"
              value={table.mainDate ?? ""}
              options={withNone(dates)}
              onSave={set("main_date")}
            />
            <ChoiceField
              label="A row is known by"
              value={table.knownBy ?? ""}
              options={withNone(table.columns)}
              onSave={set("known_by")}
            />
          </SimpleGrid>
          <TextField label="About" lines={2} value={table.about} onSave={set("about")} />
        </Card.Body>
      </Card.Root>
      <Columns table={table} names={names} file={file} onEdit={edit} model={draft.model} />
      <Conditions table={table} names={names} file={file} onEdit={edit} />
      <Additions table={table} tables={draft.tables} file={file} onEdit={edit} />
      <Look
        model={draft.model}
        title="A look at the rows"
        question={`first 10 ${table.rowNounPlural}`}
      />
    </Stack>
  );
}

interface PartProps {
  table: Table;
  names: Named[];
  file: string;
  onEdit: (...edits: Edit[]) => void;
}

function Columns({ table, names, file, onEdit, model }: PartProps & { model: string }) {
  const [opened, setOpened] = useState<string>();
  const set = (column: Column, key: string) => (value: unknown) =>
    onEdit({
      file,
      path: [placeOf(column), column.name, key],
      value: kept(value),
    });
  return (
    <Card.Root overflow="hidden" as="section" aria-labelledby="columns">
      <Card.Header pb="2">
        <Heading as="h3" size="md" id="columns">
          Columns
        </Heading>
      </Card.Header>
      <Grid.ScrollArea>
        <Grid.Root size="sm">
          <Grid.Header>
            <Grid.Row>
              <Grid.ColumnHeader minW="36">Called</Grid.ColumnHeader>
              <Grid.ColumnHeader minW="32">Holds</Grid.ColumnHeader>
              <Grid.ColumnHeader minW="36">Unit, and how it adds up</Grid.ColumnHeader>
              <Grid.ColumnHeader minW="56">Also called</Grid.ColumnHeader>
              <Grid.ColumnHeader />
            </Grid.Row>
          </Grid.Header>
          <Grid.Body>
            {table.columns.map((c) => [
              <Grid.Row key={c.name} verticalAlign="top">
                <Grid.Cell>
                  <TextField
                    bare
                    label={`Label of ${c.name}`}
                    value={c.label}
                    onSave={set(c, "label")}
                  />
                  <Text textStyle="xs" color="fg.muted" fontFamily="mono" mt="1">
                    {c.sql ?? c.name}
                  </Text>
                </Grid.Cell>
                <Grid.Cell>
                  <ChoiceField
                    bare
                    label={`${c.name} holds`}
                    value={written(c.holds)}
                    options={HOLDS}
                    onSave={set(c, "holds")}
                  />
                </Grid.Cell>
                <Grid.Cell>
                  {c.holds === "NUMBER" && (
                    <Stack gap="1">
                      <TextField
                        bare
                        label={`Unit of ${c.name}`}
                        placeholder="unit"
                        value={c.unit ?? ""}
                        onSave={set(c, "unit")}
                      />
                      <ChoiceField
                        bare
                        label={`How ${c.name} adds up`}
                        value={written(c.addsUp)}
                        options={ADDS_UP}
                        onSave={set(c, "adds_up")}
                      />
                    </Stack>
                  )}
                </Grid.Cell>
                <Grid.Cell>
                  <SynonymsField
                    bare
                    label={`Synonyms of ${c.name}`}
                    item={`tables/${table.name}/columns/${c.name}`}
                    words={c.alsoCalled}
                    names={names}
                    onSave={set(c, "also_called")}
                  />
                </Grid.Cell>
                <Grid.Cell textAlign="end">
                  <Button
                    size="xs"
                    variant="ghost"
                    aria-expanded={opened === c.name}
                    aria-label={`Values of ${c.label}`}
                    onClick={() => setOpened(opened === c.name ? undefined : c.name)}
                  >
                    Values
                  </Button>
                  {!c.sql && (
                    <Button
                      size="xs"
                      variant="ghost"
                      aria-label={`Hide ${c.label}`}
                      onClick={() => onEdit({ file, path: ["columns", c.name], value: "hidden" })}
                    >
                      Hide
                    </Button>
                  )}
                </Grid.Cell>
              </Grid.Row>,
              opened === c.name && (
                <Grid.Row key={`${c.name}/values`}>
                  <Grid.Cell colSpan={5} bg="bg.subtle">
                    <ValueNames
                      table={table}
                      column={c}
                      file={file}
                      model={model}
                      onEdit={onEdit}
                    />
                  </Grid.Cell>
                </Grid.Row>
              ),
            ])}
          </Grid.Body>
        </Grid.Root>
      </Grid.ScrollArea>
      {table.hidden.length > 0 && (
        <Card.Footer pt="3" flexWrap="wrap">
          <Text textStyle="sm">Hidden:</Text>
          {table.hidden.map((name) => (
            <Button
              key={name}
              size="xs"
              variant="outline"
              fontFamily="mono"
              title="Show to people"
              onClick={() => onEdit({ file, path: ["columns", name], value: { holds: "text" } })}
            >
              {name}
            </Button>
          ))}
        </Card.Footer>
      )}
    </Card.Root>
  );
}

function Conditions({ table, names, file, onEdit }: PartProps) {
  if (table.conditions.length === 0) return null;
  return (
    <Card.Root as="section" aria-labelledby="conditions">
      <Card.Header pb="2">
        <Heading as="h3" size="md" id="conditions">
          Conditions
        </Heading>
      </Card.Header>
      <Card.Body gap="3">
        {table.conditions.map((c) => (
          <SimpleGrid key={c.name} columns={{ base: 1, lg: 3 }} gap="3" alignItems="start">
            <Text fontWeight="medium">
              {c.label} <Code size="sm">{c.name}</Code>
            </Text>
            <TextField
              bare
              code
              label={`SQL of ${c.label}`}
              value={c.sql}
              onSave={(sql) => onEdit({ file, path: ["conditions", c.name, "sql"], value: sql })}
            />
            <SynonymsField
              bare
              label={`Synonyms of ${c.label}`}
              item={`tables/${table.name}/conditions/${c.name}`}
              words={c.alsoCalled}
              names={names}
              onSave={(words) =>
                onEdit({ file, path: ["conditions", c.name, "also_called"], value: words })
              }
            />
          </SimpleGrid>
        ))}
      </Card.Body>
    </Card.Root>
  );
}
