import { Button, HStack, Stack, Text, Wrap } from "@chakra-ui/react";
import { useState } from "react";
import { synonymEdit } from "../draft/names";
import type { Gap } from "../rest/client";
import { Failure } from "../shell/Failure";
import { ItemField } from "../shell/ItemField";
import { Outcome, TryOrKeep } from "./Outcome";
import { useMend } from "./useMend";
import { people } from "./words";

/** Mends a gap by another word for an item; what it does is seen before it is kept. */
export function Synonym({ model, gap }: { model: string; gap: Gap }) {
  // What people themselves say they mean counts for more than what is near in meaning.
  const near = [
    ...gap.meant.map((m) => ({ item: m.item, label: m.label, people: m.people })),
    ...gap.proposals
      .filter((p) => gap.meant.every((m) => m.item !== p.item))
      .map((p) => ({ item: p.item, label: p.name, people: 0 })),
  ];
  const [item, setItem] = useState(near[0]?.item);
  const [other, setOther] = useState(near.length === 0);
  const words = [gap.words.toLowerCase()];
  const mending = useMend(model, gap.key, (draft) => {
    const edit = item && synonymEdit(draft, item, words);
    if (!edit) throw new Error("The draft does not have this item.");
    return [edit];
  });
  if (mending.draft.error) return <Failure error={mending.draft.error} />;
  return (
    <Stack gap="3">
      <Text fontWeight="medium">“{gap.words}” is another word for</Text>
      <Wrap gap="2" align="center">
        {near.map((i) => (
          <Button
            key={i.item}
            size="xs"
            variant={i.item === item && !other ? "solid" : "outline"}
            aria-pressed={i.item === item && !other}
            onClick={() => {
              setOther(false);
              setItem(i.item);
            }}
          >
            {i.label}
            {i.people > 0 && ` (said by ${people(i.people)})`}
          </Button>
        ))}
        {!other && (
          <Button
            size="xs"
            variant="ghost"
            onClick={() => {
              setOther(true);
              setItem(undefined);
            }}
          >
            something else
          </Button>
        )}
      </Wrap>
      <HStack maxW="2xl">
        {other && (
          <ItemField
            model={model}
            label={`What ${gap.words} means`}
            onPick={(picked) => setItem(picked?.item)}
          />
        )}
        <TryOrKeep mending={mending} ready={item !== undefined} />
      </HStack>
      <Outcome mending={mending} />
    </Stack>
  );
}
