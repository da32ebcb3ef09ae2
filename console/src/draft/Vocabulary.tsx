import {
  Button,
  Card,
  FileUpload,
  Heading,
  HStack,
  Input,
  List,
  Stack,
  Table,
  Text,
} from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { memo, useDeferredValue, useMemo, useState } from "react";
import { authoring, type WordsRead } from "../rest/client";
import { Failure } from "../shell/Failure";
import { itemsOf, namesOf, type Item, type Named } from "./names";
import { SynonymsField } from "./SynonymsField";
import type { DraftHold } from "./useDraft";

const MOST_SHOWN = 40;

/** All words of the draft in one list, and lists of words that come from and go to elsewhere. */
export function Vocabulary({ hold }: { hold: DraftHold }) {
  const { draft, edit } = hold;
  const [wanted, setWanted] = useState("");
  const names = useMemo(() => namesOf(draft), [draft]);
  const items = useMemo(() => itemsOf(draft), [draft]);
  // The list follows when there is time; the letters that are typed do not wait for it.
  const search = useDeferredValue(wanted).trim().toLowerCase();
  const found = useMemo(
    () => items.filter((i) => [i.what, ...i.words].some((w) => w.toLowerCase().includes(search))),
    [items, search],
  );
  return (
    <Stack gap="4">
      <WordLists hold={hold} />
      <Card.Root as="section" aria-labelledby="all-words">
        <Card.Header pb="2">
          <Heading as="h2" size="md" id="all-words">
            All words
          </Heading>
          <Input
            size="sm"
            maxW="sm"
            mt="2"
            aria-label="Find a word or an item"
            placeholder="Find a word or an item"
            value={wanted}
            onChange={(e) => setWanted(e.target.value)}
          />
        </Card.Header>
        <Table.ScrollArea>
          <Table.Root size="sm">
            <Table.Header>
              <Table.Row>
                <Table.ColumnHeader w="72">Item</Table.ColumnHeader>
                <Table.ColumnHeader>
                  Also called; paste a list to add many at once
                </Table.ColumnHeader>
              </Table.Row>
            </Table.Header>
            <Table.Body>
              {found.slice(0, MOST_SHOWN).map((i) => (
                <ItemRow key={i.item} item={i} names={names} edit={edit} />
              ))}
            </Table.Body>
          </Table.Root>
        </Table.ScrollArea>
        {found.length > MOST_SHOWN && (
          <Card.Footer pt="3">
            <Text textStyle="sm" color="fg.muted">
              {found.length - MOST_SHOWN} more; find the one you want.
            </Text>
          </Card.Footer>
        )}
      </Card.Root>
    </Stack>
  );
}

interface ItemRowProps {
  item: Item;
  names: Named[];
  edit: DraftHold["edit"];
}

const ItemRow = memo(function ItemRow({ item, names, edit }: ItemRowProps) {
  return (
    <Table.Row verticalAlign="top">
      <Table.Cell>{item.what}</Table.Cell>
      <Table.Cell>
        <SynonymsField
          bare
          label={`Synonyms of ${item.what}`}
          item={item.item}
          words={item.words}
          names={names}
          onSave={(words) =>
            edit({
              file: item.file,
              path: [...item.path, "also_called"],
              value: words.length > 0 ? words : undefined,
            })
          }
        />
      </Table.Cell>
    </Table.Row>
  );
});

/** Words of a company's glossary, brought in as CSV or SKOS after a look at what would be added. */
function WordLists({ hold: { draft, editing } }: { hold: DraftHold }) {
  const read = useMutation({
    mutationFn: async (file: File) =>
      authoring.readWords(draft.model, file.name, await file.text()),
  });
  const keep = useMutation({
    mutationFn: (words: WordsRead) =>
      editing(...words.edits.map((e) => ({ file: e.file, path: e.path, value: e.value }))),
    onSuccess: () => read.reset(),
  });
  const words = read.data;
  return (
    <Card.Root as="section" aria-labelledby="word-lists">
      <Card.Header pb="2">
        <Heading as="h2" size="md" id="word-lists">
          Word lists
        </Heading>
        <Text textStyle="sm" color="fg.muted">
          A CSV file with the columns item, called, also called, or a SKOS vocabulary in Turtle or
          RDF/XML.
        </Text>
      </Card.Header>
      <Card.Body gap="3">
        <HStack wrap="wrap">
          <FileUpload.Root
            w="auto"
            accept={[".csv", ".ttl", ".rdf", ".xml"]}
            onFileAccept={(e) => e.files[0] && read.mutate(e.files[0])}
          >
            <FileUpload.HiddenInput aria-label="Word list" />
            <FileUpload.Trigger asChild>
              <Button size="sm" variant="surface" loading={read.isPending}>
                Bring a list
              </Button>
            </FileUpload.Trigger>
          </FileUpload.Root>
          {(["csv", "ttl"] as const).map((form) => (
            <Button key={form} asChild size="sm" variant="outline">
              <a href={authoring.wordsAddress(draft.model, form)} download>
                {form === "csv" ? "Take all words as CSV" : "Take all words as SKOS"}
              </a>
            </Button>
          ))}
        </HStack>
        {read.error && <Failure error={read.error} />}
        {keep.error && <Failure error={keep.error} />}
        {words && (
          <Stack gap="2" role="status">
            <Text>
              {words.added.length === 0
                ? "The list adds no word."
                : `The list adds words to ${words.added.length} ${words.added.length === 1 ? "item" : "items"}:`}
            </Text>
            <List.Root ps="5" textStyle="sm" maxH="60" overflowY="auto">
              {words.added.map((a) => (
                <List.Item key={a.item}>
                  {a.called}: {a.words.join(", ")}
                </List.Item>
              ))}
            </List.Root>
            {words.passedOver.length > 0 && (
              <>
                <Text>Passed over:</Text>
                <List.Root ps="5" textStyle="sm" maxH="60" overflowY="auto">
                  {words.passedOver.map((p) => (
                    <List.Item key={p}>{p}</List.Item>
                  ))}
                </List.Root>
              </>
            )}
            {words.added.length > 0 && (
              <Button
                alignSelf="start"
                size="sm"
                loading={keep.isPending}
                onClick={() => keep.mutate(words)}
              >
                Keep in the draft
              </Button>
            )}
          </Stack>
        )}
      </Card.Body>
    </Card.Root>
  );
}
