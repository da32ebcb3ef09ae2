import { Button, Menu, Portal, Spinner, Text, Wrap } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
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

const TITLES = { REMOVE: "", REPLACE: "Instead", ADD: "Add" };

function Handle({ answer, part, words, onAsk }: HandleProps) {
  const [open, setOpen] = useState(false);
  const options = useQuery({
    queryKey: ["options", answer.model, answer.edition, answer.restatement, part],
    queryFn: () => rest.options(answer.model, answer.restatement, part),
    enabled: open,
    staleTime: 60_000,
  });
  const does = (kind: Option["does"]) => options.data?.filter((o) => o.does === kind) ?? [];
  return (
    <Menu.Root lazyMount open={open} onOpenChange={(e) => setOpen(e.open)}>
      <Menu.Trigger asChild>
        <Button size="xs" variant={part === undefined ? "outline" : "subtle"} maxW="full">
          <Text truncate>{words}</Text>
        </Button>
      </Menu.Trigger>
      <Portal>
        <Menu.Positioner>
          <Menu.Content maxH="80" overflowY="auto" minW="48">
            {options.isPending && <Spinner size="sm" m="2" aria-label="Loading" />}
            {options.isError && <Text p="2">{options.error.message}</Text>}
            {options.data?.length === 0 && <Text p="2">Nothing else fits here.</Text>}
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
