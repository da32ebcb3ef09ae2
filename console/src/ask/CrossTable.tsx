import { Table } from "@chakra-ui/react";
import { Fragment } from "react";
import type { Answer, AnswerColumn } from "../rest/client";
import { cellText, headingText } from "./cells";
import type { Crossed } from "./crossed";

/** Rows of two groups, one down and one across, with the sums of what adds up. */
export function CrossTable({ answer, table }: { answer: Answer; table: Crossed }) {
  const { down, across, acrossColumn, rows, measures, totals, whole } = table;
  const adds = totals.length > 0;
  const several = measures.length > 1;
  return (
    <Table.ScrollArea maxH="96" borderWidth="1px" rounded="md">
      <Table.Root size="sm" stickyHeader showColumnBorder tabIndex={0}>
        <Table.Caption srOnly>{answer.restatement}</Table.Caption>
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader rowSpan={several ? 2 : 1}>{headingText(down)}</Table.ColumnHeader>
            {across.map((a) => (
              <Table.ColumnHeader
                key={String(a)}
                textAlign={several ? "center" : "end"}
                colSpan={measures.length}
              >
                {cellText(a, acrossColumn)}
              </Table.ColumnHeader>
            ))}
            {adds && (
              <Table.ColumnHeader textAlign="end" colSpan={measures.length}>
                Total
              </Table.ColumnHeader>
            )}
          </Table.Row>
          {several && (
            <Table.Row>
              {[...across, ...(adds ? ["total"] : [])].map((a) =>
                measures.map((m) => (
                  <Table.ColumnHeader key={String(a) + m.name} textAlign="end">
                    {headingText(m)}
                  </Table.ColumnHeader>
                )),
              )}
            </Table.Row>
          )}
        </Table.Header>
        <Table.Body>
          {rows.map((row) => (
            <Table.Row key={String(row.value)}>
              <Table.Cell as="th" scope="row" fontWeight="medium" textAlign="start">
                {cellText(row.value, down)}
              </Table.Cell>
              {row.cells.map((cell, i) => (
                <Numbers key={String(across[i])} cells={cell} measures={measures} />
              ))}
              {adds && <Numbers cells={row.total} measures={measures} strong />}
            </Table.Row>
          ))}
        </Table.Body>
        {adds && (
          <Table.Footer>
            <Table.Row fontWeight="semibold">
              <Table.Cell>Total</Table.Cell>
              {totals.map((total, i) => (
                <Numbers key={String(across[i])} cells={total} measures={measures} />
              ))}
              <Numbers cells={whole} measures={measures} />
            </Table.Row>
          </Table.Footer>
        )}
      </Table.Root>
    </Table.ScrollArea>
  );
}

interface NumbersProps {
  cells: unknown[] | undefined;
  measures: AnswerColumn[];
  strong?: boolean;
}

function Numbers({ cells, measures, strong }: NumbersProps) {
  return (
    <Fragment>
      {measures.map((m, i) => (
        <Table.Cell
          key={m.name}
          textAlign="end"
          fontVariantNumeric="tabular-nums"
          fontWeight={strong ? "semibold" : undefined}
        >
          {cells?.[i] == null ? "" : cellText(cells[i], m)}
        </Table.Cell>
      ))}
    </Fragment>
  );
}
