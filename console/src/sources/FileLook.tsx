import {
  Alert,
  Button,
  Checkbox,
  Heading,
  HStack,
  Link,
  List,
  Progress,
  SimpleGrid,
  Stack,
  Table,
  Text,
} from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { ChoiceField, TextField } from "../shell/fields";
import { authoring, type FileColumn, type Job, type Said, type Upload } from "../rest/client";
import { Failure } from "../shell/Failure";
import { howRead, KINDS, say } from "./fileColumns";

const BETWEEN_LOOKS_MILLISECONDS = 300;

interface FileLookProps {
  id: string;
  /** Tables that files became already. */
  taken: string[];
  onDone: () => void;
  onLeave: () => void;
}

const isRunning = (job?: Job | null) => job?.state === "running";

/** What was found out about a file, what the author says about it, and the table it becomes. */
export function FileLook({ id, taken, onDone, onLeave }: FileLookProps) {
  const queries = useQueryClient();
  const key = ["upload", id];
  const upload = useQuery({
    queryKey: key,
    queryFn: async () => {
      const now = await authoring.upload(id);
      if (now.table) onDone();
      return now;
    },
    refetchInterval: (query) =>
      isRunning(query.state.data?.look) || isRunning(query.state.data?.intake)
        ? BETWEEN_LOOKS_MILLISECONDS
        : false,
  });
  const keep = (now: Upload) => queries.setQueryData(key, now);
  const tell = useMutation({
    mutationFn: (said: Partial<Said>) => authoring.sayOfUpload(id, said),
    onSuccess: keep,
  });
  const leave = useMutation({
    mutationFn: () => authoring.forgetUpload(id, false),
    onSettled: onLeave,
  });
  if (upload.error) return <Failure error={upload.error} />;
  if (!upload.data) return null;
  const { fileName, look, intake, found, table } = upload.data;
  if (table) return <Taken upload={upload.data} onLeave={onLeave} />;
  const busy = isRunning(look) || isRunning(intake) || tell.isPending;
  return (
    <Stack gap="4" as="section" aria-label={`The file ${fileName}`}>
      <HStack justify="space-between">
        <Heading as="h3" size="sm">
          {fileName}
        </Heading>
        <Button size="xs" variant="ghost" onClick={() => leave.mutate()}>
          Leave it
        </Button>
      </HStack>
      {isRunning(look) && <HowFar job={look} />}
      {look.message && (
        <Alert.Root status="error">
          <Alert.Indicator />
          <Alert.Description>{look.message}</Alert.Description>
        </Alert.Root>
      )}
      {found && <Notes found={found} />}
      {found && <Opening found={found} onSay={(said) => tell.mutate(said)} />}
      {found && <Columns found={found} onChange={(columns) => tell.mutate({ columns })} />}
      {tell.error && <Failure error={tell.error} />}
      {found && <Counts found={found} />}
      {isRunning(intake) && <HowFar job={intake} />}
      {intake?.message && (
        <Alert.Root status="error">
          <Alert.Indicator />
          <Alert.Description>{intake.message}</Alert.Description>
        </Alert.Root>
      )}
      {found && <MakeTable upload={upload.data} taken={taken} busy={busy} onStarted={keep} />}
    </Stack>
  );
}

type Found = Upload["found"];

function HowFar({ job }: { job: Job }) {
  return (
    <Progress.Root
      max={Math.max(job.total, 1)}
      value={job.total > 0 ? job.done : null}
      aria-label={`The file: ${job.stage}`}
    >
      <Progress.Label>{job.stage || "waiting"}</Progress.Label>
      <Progress.Track>
        <Progress.Range />
      </Progress.Track>
    </Progress.Root>
  );
}

/** What would be changed; what the author must say comes first. */
function Notes({ found }: { found: Found }) {
  const asked = found.notes.filter((n) => n.open);
  const told = found.notes.filter((n) => !n.open);
  return (
    <Stack gap="2">
      {asked.map((n) => (
        <Alert.Root key={n.column + n.text} status="warning">
          <Alert.Indicator />
          <Alert.Description>
            <strong>{n.column}</strong> {n.text}.
          </Alert.Description>
        </Alert.Root>
      ))}
      <List.Root ps="5" textStyle="sm" aria-label="What is changed">
        {told.map((n) => (
          <List.Item key={n.column + n.text}>
            {n.column && <strong>{n.column} </strong>}
            {n.column ? n.text : n.text.charAt(0).toUpperCase() + n.text.slice(1)}
          </List.Item>
        ))}
      </List.Root>
    </Stack>
  );
}

const ENCODINGS = ["UTF-8", "UTF-16LE", "UTF-16BE", "windows-1252", "windows-1250", "windows-1251"];
const SEPARATORS = [
  { value: ",", text: "commas" },
  { value: ";", text: "semicolons" },
  { value: "\t", text: "tabs" },
  { value: "|", text: "bars" },
];

function Opening({ found, onSay }: { found: Found; onSay: (said: Partial<Said>) => void }) {
  const { encoding, separator, sheet, sheets } = found.opening;
  const own = (known: { value: string; text: string }[], value: string) =>
    known.some((k) => k.value === value) ? known : [...known, { value, text: value }];
  const plain = (values: string[]) => values.map((v) => ({ value: v, text: v }));
  return (
    <SimpleGrid columns={{ base: 1, md: 3 }} gap="4">
      {encoding && (
        <ChoiceField
          label="Encoding"
          value={encoding}
          options={own(plain(ENCODINGS), encoding)}
          onSave={(e) => onSay({ encoding: e })}
        />
      )}
      {separator && (
        <ChoiceField
          label="Between cells"
          value={separator}
          options={own(SEPARATORS, separator)}
          onSave={(s) => onSay({ separator: s })}
        />
      )}
      {sheets.length > 1 && (
        <ChoiceField
          label="Sheet"
          value={sheet}
          options={plain(sheets)}
          onSave={(s) => onSay({ sheet: s })}
        />
      )}
      <TextField
        label="Heading in lines"
        value={found.form.headerLines.join(", ")}
        placeholder="none"
        onSave={(lines) =>
          onSay({ headerLines: (lines.match(/\d+/g) ?? []).map(Number).filter((n) => n > 0) })
        }
      />
    </SimpleGrid>
  );
}

interface ColumnsProps {
  found: Found;
  onChange: (columns: FileColumn[]) => void;
}

function Columns({ found, onChange }: ColumnsProps) {
  const columns = found.form.columns;
  const kept = columns.filter((c) => c.kept);
  const change = (column: FileColumn, part: Partial<FileColumn>) =>
    onChange(columns.map((c) => (c === column ? { ...c, ...part } : c)));
  return (
    <Table.ScrollArea>
      <Table.Root size="sm">
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader>Column</Table.ColumnHeader>
            <Table.ColumnHeader>Holds</Table.ColumnHeader>
            <Table.ColumnHeader>Read with</Table.ColumnHeader>
            <Table.ColumnHeader>First values</Table.ColumnHeader>
            <Table.ColumnHeader>Kept</Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {columns.map((c) => {
            const how = howRead(c);
            return (
              <Table.Row key={c.index}>
                <Table.Cell>
                  <TextField
                    bare
                    code
                    label={`Name of column ${c.index + 1}`}
                    value={c.name}
                    onSave={(name) => change(c, { name })}
                  />
                </Table.Cell>
                <Table.Cell>
                  <ChoiceField
                    bare
                    label={`What ${c.name} holds`}
                    value={c.kind}
                    options={KINDS}
                    onSave={(kind) => change(c, { kind: kind as FileColumn["kind"] })}
                  />
                </Table.Cell>
                <Table.Cell>
                  {how && (
                    <ChoiceField
                      bare
                      label={`How ${c.name} is read`}
                      value={how.value}
                      options={how.options}
                      onSave={(value) => change(c, say(c, value))}
                    />
                  )}
                </Table.Cell>
                <Table.Cell color="fg.muted">
                  {c.kept &&
                    found.firstRows
                      .slice(0, 3)
                      .map((r) => (r[kept.indexOf(c)] as string | null) ?? "(nothing)")
                      .join(", ")}
                </Table.Cell>
                <Table.Cell>
                  <Checkbox.Root
                    checked={c.kept}
                    onCheckedChange={(e) => change(c, { kept: e.checked === true })}
                  >
                    <Checkbox.HiddenInput aria-label={`Keep ${c.name}`} />
                    <Checkbox.Control />
                  </Checkbox.Root>
                </Table.Cell>
              </Table.Row>
            );
          })}
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
}

function Counts({ found }: { found: Found }) {
  if (found.rows === 0 && found.aside === 0) return null;
  return (
    <Stack gap="1">
      <Text>
        {found.rows.toLocaleString("en-GB")} rows fit, {found.aside.toLocaleString("en-GB")} are put
        aside.
      </Text>
      {found.firstAside.length > 0 && (
        <List.Root ps="5" textStyle="sm" color="fg.muted" aria-label="Rows put aside">
          {found.firstAside.slice(0, 8).map((a) => (
            <List.Item key={a.line}>
              line {a.line} {a.reason}
            </List.Item>
          ))}
          {found.aside > 8 && (
            <List.Item>and {(found.aside - 8).toLocaleString("en-GB")} more</List.Item>
          )}
        </List.Root>
      )}
    </Stack>
  );
}

interface MakeTableProps {
  upload: Upload;
  taken: string[];
  busy: boolean;
  onStarted: (upload: Upload) => void;
}

function MakeTable({ upload, taken, busy, onStarted }: MakeTableProps) {
  const [name, setName] = useState(upload.suggestedTable);
  const isTaken = taken.some((t) => t.endsWith(`.${name}`));
  const make = useMutation({
    mutationFn: () => authoring.makeTable(upload.id, name, isTaken),
    onSuccess: onStarted,
  });
  const open = upload.found.notes.some((n) => n.open);
  return (
    <Stack>
      <HStack align="end">
        <TextField label="Name of the table" value={name} code onSave={setName} />
        <Button
          flexShrink="0"
          disabled={open || upload.found.rows === 0 || busy}
          loading={make.isPending}
          onClick={() => make.mutate()}
        >
          {isTaken ? "Replace the table" : "Make the table"}
        </Button>
      </HStack>
      {open && <Text textStyle="sm">Say first what is asked above.</Text>}
      {isTaken && (
        <Text textStyle="sm">There is a table {name} of an earlier file; it is replaced.</Text>
      )}
      {make.error && <Failure error={make.error} />}
    </Stack>
  );
}

function Taken({ upload, onLeave }: { upload: Upload; onLeave: () => void }) {
  return (
    <Alert.Root status="success">
      <Alert.Indicator />
      <Alert.Content>
        <Alert.Title>
          {upload.table} has {upload.rows.toLocaleString("en-GB")} rows
        </Alert.Title>
        <Alert.Description>
          {upload.aside > 0 ? (
            <>
              {upload.aside.toLocaleString("en-GB")} rows were put aside:{" "}
              <Link href={authoring.asideAddress(upload.id)} download textDecoration="underline">
                get them as CSV
              </Link>
              . Mend them there and bring them again.
            </>
          ) : (
            "No row was put aside."
          )}{" "}
          Survey the schema below to use the table in a model.
        </Alert.Description>
      </Alert.Content>
      <Button size="xs" variant="ghost" onClick={onLeave}>
        Close
      </Button>
    </Alert.Root>
  );
}
