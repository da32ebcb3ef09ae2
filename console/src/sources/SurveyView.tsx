import { Badge, Box, Button, Table, Text, Wrap } from "@chakra-ui/react";
import { Fragment, useState } from "react";
import type { SurveyPart } from "../rest/client";

type Survey = NonNullable<SurveyPart["survey"]>;
type SurveyedTable = Survey["tables"][number];
type SurveyedColumn = SurveyedTable["columns"][number];

const path = (t: SurveyedTable) => `${t.schema}.${t.name}`;
const number = (n: number) => n.toLocaleString("en-GB");
const words = (constant: string) => constant.toLowerCase().replaceAll("_", " ");

/** What a survey found, table by table; a table opens to its columns. */
export function SurveyView({ survey }: { survey: Survey }) {
  const [opened, setOpened] = useState<string>();
  return (
    <Table.ScrollArea>
      <Table.Root size="sm">
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader>Table</Table.ColumnHeader>
            <Table.ColumnHeader textAlign="end">Rows</Table.ColumnHeader>
            <Table.ColumnHeader>Key</Table.ColumnHeader>
            <Table.ColumnHeader>Points at</Table.ColumnHeader>
            <Table.ColumnHeader>Worth a look</Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {survey.tables.map((t) => {
            const pointers = survey.pointers.filter((p) => p.table === path(t));
            const remarks = new Set(t.columns.flatMap((c) => c.remarks));
            return (
              <Fragment key={path(t)}>
                <Table.Row>
                  <Table.Cell>
                    <Button
                      size="xs"
                      variant="ghost"
                      fontFamily="mono"
                      aria-expanded={opened === path(t)}
                      onClick={() => setOpened(opened === path(t) ? undefined : path(t))}
                    >
                      {path(t)}
                    </Button>
                  </Table.Cell>
                  <Table.Cell textAlign="end">
                    {t.estimated && "about "}
                    {number(t.rows)}
                  </Table.Cell>
                  <Table.Cell>
                    {t.keys[0]
                      ? `${t.keys[0].columns.join(", ")} (${words(t.keys[0].proof)})`
                      : "none found"}
                  </Table.Cell>
                  <Table.Cell>
                    {pointers
                      .map(
                        (p) =>
                          p.to.replace(/^.*\./, "") +
                          (p.declared ? "" : ` (${Math.round(p.share * 100)}% match)`),
                      )
                      .join(", ")}
                  </Table.Cell>
                  <Table.Cell>
                    <Wrap gap="1">
                      {[...remarks].map((r) => (
                        <Badge key={r} variant="outline">
                          {words(r)}
                        </Badge>
                      ))}
                    </Wrap>
                  </Table.Cell>
                </Table.Row>
                {opened === path(t) && (
                  <Table.Row>
                    <Table.Cell colSpan={5} bg="bg.subtle" maxW="0">
                      <Table.ScrollArea tabIndex={0} aria-label={`Columns of ${path(t)}`}>
                        <Columns table={t} />
                      </Table.ScrollArea>
                    </Table.Cell>
                  </Table.Row>
                )}
              </Fragment>
            );
          })}
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
}

function Columns({ table }: { table: SurveyedTable }) {
  return (
    <Table.Root size="sm" variant="outline">
      <Table.Header>
        <Table.Row>
          <Table.ColumnHeader>Column</Table.ColumnHeader>
          <Table.ColumnHeader>Type</Table.ColumnHeader>
          <Table.ColumnHeader textAlign="end">Present</Table.ColumnHeader>
          <Table.ColumnHeader textAlign="end">Different</Table.ColumnHeader>
          <Table.ColumnHeader>From, to</Table.ColumnHeader>
          <Table.ColumnHeader>Spread</Table.ColumnHeader>
          <Table.ColumnHeader>Most frequent</Table.ColumnHeader>
          <Table.ColumnHeader>Worth a look</Table.ColumnHeader>
        </Table.Row>
      </Table.Header>
      <Table.Body>
        {table.columns.map((c) => (
          <Table.Row key={c.name}>
            <Table.Cell fontFamily="mono">{c.name}</Table.Cell>
            <Table.Cell>{c.type}</Table.Cell>
            <Table.Cell textAlign="end">
              {c.looked > 0 ? `${Math.round((100 * c.present) / c.looked)}%` : ""}
            </Table.Cell>
            <Table.Cell textAlign="end">{number(c.distinct)}</Table.Cell>
            <Table.Cell>{[c.lowest, c.highest].filter(Boolean).join(" to ")}</Table.Cell>
            <Table.Cell>
              <Spread column={c} />
            </Table.Cell>
            <Table.Cell color="fg.muted">
              {c.frequent
                .slice(0, 4)
                .map((f) => f.value)
                .join(", ")}
            </Table.Cell>
            <Table.Cell>
              {c.remarks.map(words).join(", ")}
              {c.alike.length > 0 && <Text textStyle="xs">{c.alike.flat().join(" / ")}</Text>}
            </Table.Cell>
          </Table.Row>
        ))}
      </Table.Body>
    </Table.Root>
  );
}

/** A small histogram, from the lowest value to the highest. */
function Spread({ column }: { column: SurveyedColumn }) {
  const counts = column.spread;
  if (counts.length === 0) return null;
  const most = Math.max(...counts, 1);
  return (
    <Box display="flex" alignItems="end" gap="1px" h="5" role="img" aria-label="Spread of values">
      {counts.map((n, i) => (
        <Box key={i} w="1.5" bg="colorPalette.solid" h={`${Math.max(4, (100 * n) / most)}%`} />
      ))}
    </Box>
  );
}
