import {
  Button,
  Card,
  FileUpload,
  Heading,
  Link,
  Progress,
  Stack,
  Table,
  Text,
} from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { authoring, type UploadLine } from "../rest/client";
import { Failure } from "../shell/Failure";
import { FileLook } from "./FileLook";

/** Files that authors brought to a source, and the way in for another. */
export function Files({ source, letsIn }: { source: string; letsIn: boolean }) {
  const queries = useQueryClient();
  const [id, setId] = useState<string>();
  const [sent, setSent] = useState(0);
  const files = useQuery({
    queryKey: ["uploads", source],
    queryFn: () => authoring.uploads(source),
    enabled: letsIn,
  });
  const bring = useMutation({
    mutationFn: (file: File) => authoring.bring(source, file, setSent),
    onSuccess: (upload) => setId(upload.id),
  });
  const refresh = () =>
    Promise.all([
      queries.invalidateQueries({ queryKey: ["uploads", source] }),
      queries.invalidateQueries({ queryKey: ["schemas", source] }),
    ]);
  const brought = (files.data ?? []).filter((f) => f.table);
  return (
    <Card.Root as="section" aria-labelledby="files">
      <Card.Header>
        <Heading as="h2" size="md" id="files">
          Files of your own
        </Heading>
        <Text textStyle="sm" color="fg.muted">
          {letsIn
            ? "A CSV file or a workbook becomes a table here. What is changed is listed before anything is done, and no row is lost."
            : "A steward lets files in first, with the client:"}
          {!letsIn && <code> ropebridge source uploads {source} --user ROLE</code>}
        </Text>
      </Card.Header>
      {letsIn && (
        <Card.Body gap="4">
          {brought.length > 0 && <Brought files={brought} onGone={() => void refresh()} />}
          {files.error && <Failure error={files.error} />}
          <FileUpload.Root
            maxFiles={1}
            accept={[".csv", ".tsv", ".txt", ".xlsx"]}
            disabled={bring.isPending}
            onFileAccept={({ files: [file] }) => {
              if (file) bring.mutate(file);
            }}
            alignItems="stretch"
          >
            <FileUpload.HiddenInput aria-label="File to bring" />
            <FileUpload.Trigger asChild>
              <Button variant="outline" alignSelf="start" loading={bring.isPending}>
                Bring a file
              </Button>
            </FileUpload.Trigger>
          </FileUpload.Root>
          {bring.isPending && (
            <Progress.Root value={Math.round(100 * sent)} aria-label="Sending the file">
              <Progress.Label>Sending {bring.variables.name}</Progress.Label>
              <Progress.Track>
                <Progress.Range />
              </Progress.Track>
            </Progress.Root>
          )}
          {bring.error && <Failure error={bring.error} />}
          {id && (
            <FileLook
              key={id}
              id={id}
              taken={brought.map((f) => f.table)}
              onDone={() => void refresh()}
              onLeave={() => setId(undefined)}
            />
          )}
        </Card.Body>
      )}
    </Card.Root>
  );
}

function Brought({ files, onGone }: { files: UploadLine[]; onGone: () => void }) {
  const [sure, setSure] = useState<string>();
  const drop = useMutation({
    mutationFn: (id: string) => authoring.forgetUpload(id, true),
    onSuccess: onGone,
  });
  return (
    <Stack>
      <Table.ScrollArea>
        <Table.Root size="sm">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Table</Table.ColumnHeader>
              <Table.ColumnHeader textAlign="end">Rows</Table.ColumnHeader>
              <Table.ColumnHeader textAlign="end">Put aside</Table.ColumnHeader>
              <Table.ColumnHeader>File</Table.ColumnHeader>
              <Table.ColumnHeader>Brought by</Table.ColumnHeader>
              <Table.ColumnHeader />
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {files.map((f) => (
              <Table.Row key={f.id}>
                <Table.Cell fontFamily="mono">{f.table}</Table.Cell>
                <Table.Cell textAlign="end">{f.rows.toLocaleString("en-GB")}</Table.Cell>
                <Table.Cell textAlign="end">
                  {f.aside > 0 ? (
                    <Link href={authoring.asideAddress(f.id)} download colorPalette="teal">
                      {f.aside.toLocaleString("en-GB")} as CSV
                    </Link>
                  ) : (
                    "none"
                  )}
                </Table.Cell>
                <Table.Cell>{f.fileName}</Table.Cell>
                <Table.Cell>
                  {f.broughtBy}, {new Date(f.createdAt).toLocaleDateString("en-GB")}
                </Table.Cell>
                <Table.Cell textAlign="end">
                  {sure === f.id ? (
                    <Button
                      size="xs"
                      colorPalette="red"
                      loading={drop.isPending}
                      onClick={() => drop.mutate(f.id)}
                    >
                      Drop {f.table}
                    </Button>
                  ) : (
                    <Button
                      size="xs"
                      variant="ghost"
                      aria-label={`Drop the table ${f.table}`}
                      onClick={() => setSure(f.id)}
                    >
                      Drop
                    </Button>
                  )}
                </Table.Cell>
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
      {drop.error && <Failure error={drop.error} />}
    </Stack>
  );
}
