import { Field, TagsInput, Text } from "@chakra-ui/react";
import { useIsMutating } from "@tanstack/react-query";
import { useState } from "react";
import { clash, pastedWords, type Named } from "./names";

interface SynonymsFieldProps {
  label: string;
  item: string;
  words: string[];
  names: Named[];
  onSave: (words: string[]) => void;
  bare?: boolean;
}

/** The synonyms of an item: typed one after another or pasted as a list; clashes show at once. */
export function SynonymsField({ label, item, words, names, onSave, bare }: SynonymsFieldProps) {
  const [typed, setTyped] = useState("");
  // What was added while the draft is still saved; a second word must not forget the first.
  const [sent, setSent] = useState<string[]>();
  const isSaving = useIsMutating() > 0;
  const shown = isSaving && sent ? sent : words;
  const taken = pastedWords(typed)
    .map((word) => ({ word, by: clash(names, item, word) }))
    .filter((t) => t.by);
  return (
    <Field.Root invalid={taken.length > 0}>
      <TagsInput.Root
        size="sm"
        w="full"
        value={shown}
        inputValue={typed}
        onInputValueChange={(e) => setTyped(e.inputValue)}
        onValueChange={(e) => {
          const all = pastedWords(e.value.join("\n"));
          setSent(all);
          onSave(all);
        }}
        delimiter={/[,;\n]/}
        addOnPaste
        blurBehavior="add"
      >
        {!bare && <TagsInput.Label>{label}</TagsInput.Label>}
        <TagsInput.Control>
          <TagsInput.Items />
          <TagsInput.Input
            aria-label={label}
            placeholder={shown.length === 0 ? "Add words" : undefined}
            minW="24"
          />
        </TagsInput.Control>
      </TagsInput.Root>
      {taken.map(({ word, by }) => (
        <Text key={word} textStyle="xs" color="fg.error" role="status">
          “{word}” means {by?.what} already; askers would be asked back.
        </Text>
      ))}
    </Field.Root>
  );
}
