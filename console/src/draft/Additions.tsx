import { Button, Card, Field, Heading, HStack, Input, NativeSelect, Stack } from "@chakra-ui/react";
import { useState } from "react";
import type { Edit, Table } from "../rest/client";
import { HOLDS, identifier } from "./words";

interface AdditionsProps {
  table: Table;
  tables: Table[];
  file: string;
  onEdit: (...edits: Edit[]) => void;
}

/** What a table does not have yet: a named condition, a computed column, a link. */
export function Additions({ table, tables, file, onEdit }: AdditionsProps) {
  const add = (part: string, name: string, value: Record<string, string>) =>
    onEdit({ file, path: [part, identifier(name)], value });
  return (
    <Card.Root as="section" aria-labelledby="additions">
      <Card.Header pb="2">
        <Heading as="h3" size="md" id="additions">
          Add
        </Heading>
      </Card.Header>
      <Card.Body gap="4">
        <Addition
          title="Condition"
          nameHint="long stay"
          fields={[{ label: "True when (SQL)", hint: "departure - arrival >= 4" }]}
          onAdd={(name, [sql = ""]) => add("conditions", name, { sql })}
        />
        <Addition
          title="Computed column"
          nameHint="nights"
          fields={[
            { label: "SQL", hint: "departure - arrival" },
            { label: "Holds", options: HOLDS },
          ]}
          onAdd={(name, [sql = "", holds = ""]) => add("computed", name, { sql, holds })}
        />
        <Addition
          title="Link"
          nameHint="hut"
          fields={[
            {
              label: "Points at",
              options: tables.map((t) => ({ value: t.name, text: t.rowNounPlural })),
            },
            {
              label: "By column",
              options: [...table.hidden, ...table.columns.filter((c) => !c.sql).map((c) => c.name)]
                .sort()
                .map((c) => ({ value: c, text: c })),
            },
          ]}
          onAdd={(name, [to = "", by = ""]) => add("links", name, { to, by })}
        />
      </Card.Body>
    </Card.Root>
  );
}

interface AdditionField {
  label: string;
  hint?: string;
  options?: { value: string; text: string }[];
}

interface AdditionProps {
  title: string;
  nameHint: string;
  fields: AdditionField[];
  onAdd: (name: string, values: string[]) => void;
}

function Addition({ title, nameHint, fields, onAdd }: AdditionProps) {
  const starts = fields.map((f) => f.options?.[0]?.value ?? "");
  const [name, setName] = useState("");
  const [values, setValues] = useState(starts);
  const complete = identifier(name) !== "" && values.every((v) => v.trim() !== "");
  return (
    <HStack
      as="form"
      align="end"
      wrap="wrap"
      role="group"
      aria-label={title}
      onSubmit={(e) => {
        e.preventDefault();
        if (!complete) return;
        onAdd(
          name,
          values.map((v) => v.trim()),
        );
        setName("");
        setValues(starts);
      }}
    >
      <Field.Root flex="1" minW="36">
        <Field.Label>{title}</Field.Label>
        <Input
          size="sm"
          placeholder={nameHint}
          value={name}
          onChange={(e) => setName(e.target.value)}
        />
      </Field.Root>
      {fields.map((f, i) => (
        <Field.Root key={f.label} flex="1" minW="36">
          <Field.Label>{f.label}</Field.Label>
          {f.options ? (
            <NativeSelect.Root size="sm">
              <NativeSelect.Field
                value={values[i]}
                onChange={(e) => setValues(values.map((v, j) => (i === j ? e.target.value : v)))}
              >
                {f.options.map((o) => (
                  <option key={o.value} value={o.value}>
                    {o.text}
                  </option>
                ))}
              </NativeSelect.Field>
              <NativeSelect.Indicator />
            </NativeSelect.Root>
          ) : (
            <Input
              size="sm"
              fontFamily="mono"
              placeholder={f.hint}
              value={values[i]}
              onChange={(e) => setValues(values.map((v, j) => (i === j ? e.target.value : v)))}
            />
          )}
        </Field.Root>
      ))}
      <Stack>
        <Button type="submit" size="sm" variant="surface" disabled={!complete}>
          Add
        </Button>
      </Stack>
    </HStack>
  );
}
