import { Table } from "@chakra-ui/react";
import type { Answer } from "../rest/client";
import { cellText, headingText } from "./cells";

/** The rows of an answer. Also what screen readers get in place of a chart. */
export function AnswerTable({ answer }: { answer: Answer }) {
  return (
    <Table.ScrollArea maxH="96" borderWidth="1px" rounded="md">
      <Table.Root size="sm" stickyHeader tabIndex={0}>
        <Table.Caption srOnly>{answer.restatement}</Table.Caption>
        <Table.Header>
          <Table.Row>
            {answer.columns.map((c) => (
              <Table.ColumnHeader key={c.name} textAlign={c.kind === "number" ? "end" : "start"}>
                {headingText(c)}
              </Table.ColumnHeader>
            ))}
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {answer.rows.map((row, i) => (
            <Table.Row key={i}>
              {answer.columns.map((c, j) => (
                <Table.Cell
                  key={c.name}
                  textAlign={c.kind === "number" ? "end" : "start"}
                  fontVariantNumeric="tabular-nums"
                >
                  {cellText(row[j], c)}
                </Table.Cell>
              ))}
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
}
