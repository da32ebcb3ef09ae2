import { Button, Input, Menu, Portal, Spinner, Text, Wrap } from "@chakra-ui/react";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { rest, type Answer, type Option } from "../rest/client";

interface HandlesProps {
  answer: Answer;
  onAsk: (question: string) => void;
}

/** The parts of what was read; each opens to what it could be instead. */
export function Handles({ answer, onAsk }: HandlesProps) {
  return (
    <Wrap gap="2" role="group" aria-label="Parts to change">
      {answer.parts.map((part, i) => (
        <Handle
          key={`${part.kind} ${part.words}`}
          answer={answer}
          part={i}
          words={part.words}
          onAsk={onAsk}
        />
      ))}
      <Handle answer={answer} words="Add ..." onAsk={onAsk} />
    </Wrap>
  );
}

interface HandleProps extends HandlesProps {
  part?: number;
  words: string;
}

/** More options than these can be looked for by words. */
const FEW = 8;
const LISTS_KEYS = new Set(["ArrowDown", "ArrowUp", "Enter", "Escape", "Tab"]);

const TITLES = { REMOVE: "", REPLACE: "Instead", ADD: "Add" };

function Handle({ answer, part, words, onAsk }: HandleProps) {
  const [open, setOpen] = useState(false);
  const [find, setFind] = useState("");
  const options = useQuery({
    queryKey: ["options", answer.model, answer.edition, answer.restatement, part, find],
    queryFn: () => rest.options(answer.model, answer.restatement, part, find),
    enabled: open,
    staleTime: 60_000,
    placeholderData: keepPreviousData,
  });
  const does = (kind: Option["does"]) => options.data?.filter((o) => o.does === kind) ?? [];
  return (
    <Menu.Root
      lazyMount
      open={open}
      onOpenChange={(e) => {
        setOpen(e.open);
        setFind("");
      }}
    >
      <Menu.Trigger asChild>
        <Button size="xs" variant={part === undefined ? "outline" : "subtle"} maxW="full">
          <Text truncate>{words}</Text>
        </Button>
      </Menu.Trigger>
      <Portal>
        <Menu.Positioner>
          <Menu.Content maxH="80" overflowY="auto" minW="48">
            {(find !== "" || (options.data?.length ?? 0) > FEW) && (
              <Input
                size="xs"
                mb="1"
                aria-label={`Find among what ${words} could be`}
                placeholder="Find"
                maxLength={200}
                value={find}
                onChange={(e) => setFind(e.target.value)}
                onKeyDown={(e) => {
                  // Arrows, Enter and Escape are the list's; letters are not.
                  if (!LISTS_KEYS.has(e.key)) e.stopPropagation();
                }}
              />
            )}
            {options.isPending && <Spinner size="sm" m="2" aria-label="Loading" />}
            {options.isError && <Text p="2">{options.error.message}</Text>}
            {options.data?.length === 0 && (
              <Text p="2">{find === "" ? "Nothing else fits here." : "Nothing is called so."}</Text>
            )}
            {(["REMOVE", "REPLACE", "ADD"] as const).map((kind) =>
              does(kind).length === 0 ? null : (
                <Menu.ItemGroup key={kind}>
                  {TITLES[kind] !== "" && part !== undefined && (
                    <Menu.ItemGroupLabel>{TITLES[kind]}</Menu.ItemGroupLabel>
                  )}
                  {does(kind).map((o) => (
                    <Menu.Item key={o.question} value={o.label} onClick={() => onAsk(o.question)}>
                      {o.label}
                    </Menu.Item>
                  ))}
                </Menu.ItemGroup>
              ),
            )}
          </Menu.Content>
        </Menu.Positioner>
      </Portal>
    </Menu.Root>
  );
}
