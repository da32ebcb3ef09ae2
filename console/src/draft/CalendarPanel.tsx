import { Card, Heading, SimpleGrid, Stack, Table, Text } from "@chakra-ui/react";
import { ChoiceField, TextField } from "../shell/fields";
import type { DraftHold } from "./useDraft";
import { MONTHS, WEEKDAYS, written } from "./words";

const FILE = "model.yaml";

/** What time words mean: today, weeks, the business year, seasons. */
export function CalendarPanel({ hold: { draft, edit } }: { hold: DraftHold }) {
  const calendar = draft.calendar;
  if (!calendar) return <Text>The draft's files cannot be read; mend the faults first.</Text>;
  const set = (key: string) => (value: unknown) =>
    edit({ file: FILE, path: ["calendar", key], value: value === "" ? undefined : value });
  const day = (calendar.today as { day?: string }).day;
  const today = day ?? /today:\s*(clock|latest)/.exec(draft.files[FILE] ?? "")?.[1] ?? "clock";
  return (
    <Card.Root>
      <Card.Body gap="4">
        <SimpleGrid columns={{ base: 1, lg: 2 }} gap="4">
          <TextField
            label="Today"
            value={today}
            onSave={set("today")}
            help="A day such as 2026-10-18, or clock, or latest (the newest main date in the data)."
          />
          <TextField
            label="Time zone"
            value={calendar.timeZone ?? ""}
            placeholder="that of the service"
            onSave={set("time_zone")}
          />
          <ChoiceField
            label="Weeks start on"
            value={written(calendar.weekStarts)}
            options={WEEKDAYS}
            onSave={set("week_starts")}
          />
          <ChoiceField
            label="The business year starts in"
            value={written(calendar.yearStarts)}
            options={MONTHS}
            onSave={set("year_starts")}
          />
        </SimpleGrid>
        <Stack gap="2">
          <Heading as="h3" size="sm">
            Seasons
          </Heading>
          {Object.keys(calendar.seasons).length === 0 ? (
            <Text color="fg.muted">None. They stand in model.yaml, below calendar.</Text>
          ) : (
            <Table.Root size="sm">
              <Table.Header>
                <Table.Row>
                  <Table.ColumnHeader>Season</Table.ColumnHeader>
                  <Table.ColumnHeader>From</Table.ColumnHeader>
                  <Table.ColumnHeader>To</Table.ColumnHeader>
                </Table.Row>
              </Table.Header>
              <Table.Body>
                {Object.entries(calendar.seasons).map(([name, s]) => (
                  <Table.Row key={name}>
                    <Table.Cell>{name}</Table.Cell>
                    {(["first", "last"] as const).map((end) => (
                      <Table.Cell key={end}>
                        <ChoiceField
                          bare
                          label={`${end} month of ${name}`}
                          value={written(s[end])}
                          options={MONTHS}
                          onSave={(month) =>
                            edit({
                              file: FILE,
                              path: ["calendar", "seasons", name],
                              value:
                                end === "first"
                                  ? [month, written(s.last)]
                                  : [written(s.first), month],
                            })
                          }
                        />
                      </Table.Cell>
                    ))}
                  </Table.Row>
                ))}
              </Table.Body>
            </Table.Root>
          )}
        </Stack>
      </Card.Body>
    </Card.Root>
  );
}
