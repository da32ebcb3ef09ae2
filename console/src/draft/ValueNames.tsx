import { Button, Code, HStack, Spinner, Stack, Table as Grid, Text } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { authoring, type Column, type Edit, type Table } from "../rest/client";
import { TextField } from "../shell/fields";
import { SynonymsField } from "./SynonymsField";
import { placeOf } from "./words";

interface ValueNamesProps {
  table: Table;
  column: Column;
  file: string;
  model: string;
  onEdit: (...edits: Edit[]) => void;
}

const MOST_SHOWN = 100;

/** What people call each stored value of a column, beside how many rows have it. */
export function ValueNames({ table, column, file, model, onEdit }: ValueNamesProps) {
  const question = `number of ${table.rowNounPlural} by ${column.label}`;
  const counts = useQuery({
    queryKey: ["values", model, question],
    queryFn: () => authoring.askBoth(model, question),
    gcTime: 0,
    enabled: column.holds === "CATEGORY" || column.holds === "YES_NO",
  });
  if (column.holds !== "CATEGORY" && column.holds !== "YES_NO") {
    return <Text color="fg.muted">Only values of categories have names.</Text>;
  }
  if (counts.isFetching) return <Spinner aria-label="Looking" />;
  const named = new Map(column.values.map((v) => [v.name, v]));
  const rows = counts.data?.draft.rows ?? [];
  const found = new Map(rows.map((r) => [String(r[0] ?? ""), Number(r[1])]));
  const stored = [...found.keys()].filter(Boolean).map((name) => named.get(name)?.stored ?? name);
  const all = [...new Set([...column.values.map((v) => v.stored), ...stored])];
  const shown = all.slice(0, MOST_SHOWN);
  const path = [placeOf(column), column.name, "values"];
  const value = (text: string) => column.values.find((v) => v.stored === text);
  const put = (text: string, name: string, alsoCalled: string[]) =>
    onEdit({
      file,
      path: [...path, text],
      value: alsoCalled.length === 0 ? name : { name, also_called: alsoCalled },
    });
  return (
    <Stack gap="2" maxH="96" overflowY="auto">
      {counts.data?.draft.reason && <Text textStyle="sm">{counts.data.draft.reason}</Text>}
      <Grid.Root size="sm" variant="outline">
        <Grid.Header>
          <Grid.Row>
            <Grid.ColumnHeader w="32">Stored</Grid.ColumnHeader>
            <Grid.ColumnHeader w="24" textAlign="end">
              {table.rowNounPlural}
            </Grid.ColumnHeader>
            <Grid.ColumnHeader w="48">Called</Grid.ColumnHeader>
            <Grid.ColumnHeader>Also called</Grid.ColumnHeader>
          </Grid.Row>
        </Grid.Header>
        <Grid.Body>
          {shown.map((text) => {
            const name = value(text)?.name ?? text;
            return (
              <Grid.Row key={text} verticalAlign="top">
                <Grid.Cell>
                  <Code>{text}</Code>
                </Grid.Cell>
                <Grid.Cell textAlign="end" fontVariantNumeric="tabular-nums">
                  {(found.get(name) ?? 0).toLocaleString("en-GB")}
                </Grid.Cell>
                <Grid.Cell>
                  <TextField
                    bare
                    label={`Name of ${text}`}
                    value={name}
                    onSave={(other) => put(text, other, value(text)?.alsoCalled ?? [])}
                  />
                </Grid.Cell>
                <Grid.Cell>
                  <HStack align="start">
                    <SynonymsField
                      bare
                      label={`Synonyms of ${text}`}
                      item=""
                      names={[]}
                      words={value(text)?.alsoCalled ?? []}
                      onSave={(words) => put(text, name, words)}
                    />
                    {value(text) && (
                      <Button
                        size="xs"
                        variant="ghost"
                        aria-label={`Forget the name of ${text}`}
                        onClick={() => onEdit({ file, path: [...path, text] })}
                      >
                        Forget
                      </Button>
                    )}
                  </HStack>
                </Grid.Cell>
              </Grid.Row>
            );
          })}
        </Grid.Body>
      </Grid.Root>
      {all.length > MOST_SHOWN && (
        <Text textStyle="sm" color="fg.muted">
          {all.length - MOST_SHOWN} more values are not shown; name them in the file or import a
          list.
        </Text>
      )}
    </Stack>
  );
}
