import { Card, Link, Table, Text } from "@chakra-ui/react";
import { NavLink } from "react-router";
import { useSection, type DraftHold } from "./useDraft";

/** The tables of a draft, each with what one row is and where it comes from. */
export function Tables({ hold: { draft } }: { hold: DraftHold }) {
  const { to } = useSection();
  if (draft.tables.length === 0) {
    return <Text>The draft has no table yet, or its files cannot be read.</Text>;
  }
  return (
    <Card.Root overflow="hidden">
      <Table.ScrollArea>
        <Table.Root size="sm">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Table</Table.ColumnHeader>
              <Table.ColumnHeader>One row is</Table.ColumnHeader>
              <Table.ColumnHeader>Comes from</Table.ColumnHeader>
              <Table.ColumnHeader>Main date</Table.ColumnHeader>
              <Table.ColumnHeader textAlign="end">Columns</Table.ColumnHeader>
              <Table.ColumnHeader textAlign="end">Hidden</Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {draft.tables.map((t) => (
              <Table.Row key={t.name}>
                <Table.Cell>
                  <Link asChild colorPalette="teal" variant="underline">
                    <NavLink to={to("tables", t.name)}>{t.rowNounPlural}</NavLink>
                  </Link>
                </Table.Cell>
                <Table.Cell>{t.rowNoun}</Table.Cell>
                <Table.Cell fontFamily="mono">{t.from || "a query"}</Table.Cell>
                <Table.Cell>{t.columns.find((c) => c.name === t.mainDate)?.label}</Table.Cell>
                <Table.Cell textAlign="end">{t.columns.length}</Table.Cell>
                <Table.Cell textAlign="end">{t.hidden.length}</Table.Cell>
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
    </Card.Root>
  );
}
