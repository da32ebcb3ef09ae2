import { Button, Table } from "@chakra-ui/react";
import { useState } from "react";
import type { Answer, AnswerColumn } from "../rest/client";
import { cellText, headingText } from "./cells";
import { goOnWith, sorted, type Sorting } from "./rows";

interface AnswerTableProps {
  answer: Answer;
  /** Asks on with only the rows of one group; none where there are no groups. */
  onOnly?: (question: string) => void;
}

/** The rows of an answer. Also what screen readers get in place of a chart. */
export function AnswerTable({ answer, onOnly }: AnswerTableProps) {
  const [sorting, setSorting] = useState<Sorting>();
  const rows = sorted(answer.rows, sorting);
  return (
    <Table.ScrollArea maxH="96" borderWidth="1px" rounded="md">
      <Table.Root size="sm" stickyHeader tabIndex={0}>
        <Table.Caption srOnly>{answer.restatement}</Table.Caption>
        <Table.Header>
          <Table.Row>
            {answer.columns.map((c, i) => (
              <Heading
                key={c.name}
                column={c}
                descending={sorting?.column === i ? sorting.descending : undefined}
                onSort={() =>
                  setSorting({
                    column: i,
                    descending: sorting?.column === i ? !sorting.descending : c.kind === "number",
                  })
                }
              />
            ))}
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {rows.map((row, i) => (
            <Table.Row key={i}>
              {answer.columns.map((c, j) => {
                const only = goOnWith(c, row[j]);
                return (
                  <Table.Cell
                    key={c.name}
                    textAlign={c.kind === "number" ? "end" : "start"}
                    fontVariantNumeric="tabular-nums"
                  >
                    {onOnly && only ? (
                      <Button
                        variant="plain"
                        size="sm"
                        h="auto"
                        p="0"
                        minW="0"
                        fontWeight="normal"
                        color="fg"
                        _hover={{ textDecoration: "underline" }}
                        title={`Go on: ${only}`}
                        onClick={() => onOnly(only)}
                      >
                        {cellText(row[j], c)}
                      </Button>
                    ) : (
                      cellText(row[j], c)
                    )}
                  </Table.Cell>
                );
              })}
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
}

interface HeadingProps {
  column: AnswerColumn;
  /** Which way the rows are sorted by this column; nothing when they are not. */
  descending: boolean | undefined;
  onSort: () => void;
}

function Heading({ column, descending, onSort }: HeadingProps) {
  const order = descending === undefined ? "none" : descending ? "descending" : "ascending";
  const sign = { none: "", descending: " ↓", ascending: " ↑" }[order];
  return (
    <Table.ColumnHeader textAlign={column.kind === "number" ? "end" : "start"} aria-sort={order}>
      <Button
        variant="plain"
        size="sm"
        h="auto"
        p="0"
        minW="0"
        color="fg"
        title="Sort the rows shown"
        onClick={onSort}
      >
        {headingText(column)}
        {sign}
      </Button>
    </Table.ColumnHeader>
  );
}
