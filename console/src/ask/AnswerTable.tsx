import { Button, HStack, Stack, Table, Text } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import { rest, type Answer, type AnswerColumn } from "../rest/client";
import { Failure } from "../shell/Failure";
import { cellText, headingText } from "./cells";
import { goOnWith, onlyRow, sorted, type Sorting } from "./rows";

/** As many rows as a browser draws without a pause. */
const ROWS_OF_A_PAGE = 100;

interface AnswerTableProps {
  answer: Answer;
  /** Asks on with only the rows of one group; none where there are no groups. */
  onOnly?: (question: string) => void;
  /** Asks for the rows behind a number; none where they cannot be listed. */
  onBehind?: (question: string) => void;
}

/** The rows of an answer. Also what screen readers get in place of a chart. */
export function AnswerTable({ answer, onOnly, onBehind }: AnswerTableProps) {
  const [sorting, setSorting] = useState<Sorting>();
  const [page, setPage] = useState(0);
  const more = useMutation({ mutationFn: () => rest.allRows(answer.model, answer.restatement) });
  const behind = useMutation({
    mutationFn: (only: string[]) => rest.behind(answer.model, answer.restatement, only),
    onSuccess: (lists) => {
      if (lists[0] && lists.length === 1) onBehind?.(lists[0].question);
    },
  });
  const isCut = answer.notices.some((n) => n.kind === "cut") && answer.plan !== null;
  const all = useMemo(
    () => sorted(more.data ?? answer.rows, sorting),
    [more.data, answer.rows, sorting],
  );
  const pages = Math.ceil(all.length / ROWS_OF_A_PAGE);
  const first = Math.min(page, Math.max(pages - 1, 0)) * ROWS_OF_A_PAGE;
  const rows = all.slice(first, first + ROWS_OF_A_PAGE);
  return (
    <Stack gap="2">
      {(pages > 1 || isCut) && (
        <HStack textStyle="sm" color="fg.muted" wrap="wrap">
          {isCut && !more.data && (
            <Button
              size="xs"
              variant="outline"
              loading={more.isPending}
              onClick={() => more.mutate()}
            >
              Get all rows
            </Button>
          )}
          <Button
            size="xs"
            variant="outline"
            disabled={first === 0}
            onClick={() => setPage(first / ROWS_OF_A_PAGE - 1)}
          >
            Rows before
          </Button>
          <Text role="status">
            Rows {first + 1} to {first + rows.length} of {all.length.toLocaleString("en-GB")}
          </Text>
          <Button
            size="xs"
            variant="outline"
            disabled={first + rows.length >= all.length}
            onClick={() => setPage(first / ROWS_OF_A_PAGE + 1)}
          >
            Rows after
          </Button>
        </HStack>
      )}
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
                  onSort={() => {
                    setPage(0);
                    setSorting({
                      column: i,
                      descending: sorting?.column === i ? !sorting.descending : c.kind === "number",
                    });
                  }}
                />
              ))}
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {rows.map((row, i) => (
              <Table.Row key={first + i}>
                {answer.columns.map((c, j) => {
                  const only = goOnWith(c, row[j]);
                  const listed =
                    onBehind && c.kind === "number" && row[j] != null
                      ? onlyRow(answer.columns, row)
                      : undefined;
                  return (
                    <Table.Cell
                      key={c.name}
                      textAlign={c.kind === "number" ? "end" : "start"}
                      fontVariantNumeric="tabular-nums"
                    >
                      {onOnly && only ? (
                        <CellButton title={`Go on: ${only}`} onPress={() => onOnly(only)}>
                          {cellText(row[j], c)}
                        </CellButton>
                      ) : listed ? (
                        <CellButton
                          title={`Rows behind: ${listed.join(", ")}`}
                          onPress={() => behind.mutate(listed)}
                        >
                          {cellText(row[j], c)}
                        </CellButton>
                      ) : (
                        cellText(row[j], c)
                      )}
                    </Table.Cell>
                  );
                })}
              </Table.Row>
            ))}
          </Table.Body>
          {answer.totals.length > 0 && (
            <Table.Footer>
              <Table.Row fontWeight="semibold">
                {answer.columns.map((c, i) => (
                  <Table.Cell
                    key={c.name}
                    textAlign={c.kind === "number" ? "end" : "start"}
                    fontVariantNumeric="tabular-nums"
                  >
                    {i === 0
                      ? "Total"
                      : answer.totals[i] == null
                        ? ""
                        : cellText(answer.totals[i], c)}
                  </Table.Cell>
                ))}
              </Table.Row>
            </Table.Footer>
          )}
        </Table.Root>
      </Table.ScrollArea>
      {behind.data && behind.data.length > 1 && (
        <HStack wrap="wrap" aria-label="Rows behind this number" role="group">
          <Text textStyle="sm">
            Rows {behind.variables.map((o) => o.replace(/^only /, "")).join(", ")}:
          </Text>
          {behind.data.map((list) => (
            <Button
              key={list.question}
              size="xs"
              variant="outline"
              onClick={() => onBehind?.(list.question)}
            >
              {list.label}
            </Button>
          ))}
        </HStack>
      )}
      {behind.data?.length === 0 && (
        <Text textStyle="sm" role="status">
          The rows behind this number cannot be listed.
        </Text>
      )}
      {behind.error && <Failure error={behind.error} />}
      {more.error && <Failure error={more.error} />}
    </Stack>
  );
}

interface CellButtonProps {
  title: string;
  onPress: () => void;
  children: string;
}

/** A cell that leads on, and looks like any other until it is pointed at. */
function CellButton({ title, onPress, children }: CellButtonProps) {
  return (
    <Button
      variant="plain"
      size="sm"
      h="auto"
      p="0"
      minW="0"
      fontWeight="normal"
      color="fg"
      _hover={{ textDecoration: "underline" }}
      title={title}
      onClick={onPress}
    >
      {children}
    </Button>
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
