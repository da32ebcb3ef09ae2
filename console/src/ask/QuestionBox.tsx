import { Box, Button, Flex, Input, NativeSelect, Stack, Text } from "@chakra-ui/react";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useEffect, useId, useState, type FormEvent, type KeyboardEvent } from "react";
import { rest, type Place, type Typing } from "../rest/client";
import { Words } from "./Words";

/** Milliseconds without a key, until the words are read. */
const PAUSE = 30;
/** The same, until there are ways to go on: who types on has no eyes for them. */
const LONGER_PAUSE = 150;

interface QuestionBoxProps {
  /** What the box starts with. */
  start: string;
  /** The question whose answer is there; if it still stands in the box, it goes. */
  done: string | undefined;
  busy: boolean;
  models: { name: string; title: string }[];
  chosen: string | undefined;
  /** Where a question typed here would stand. */
  place: Place;
  onAsk: (question: string, model?: string) => void;
}

/** Where people type; shows how the words read so far, and what they may become. */
export function QuestionBox({ start, done, busy, models, chosen, place, onAsk }: QuestionBoxProps) {
  const [question, setQuestion] = useState(start);
  const [model, setModel] = useState(chosen);
  const [open, setOpen] = useState(false);
  const [marked, setMarked] = useState(-1);
  const list = useId();
  const [cleared, setCleared] = useState(done);
  if (done !== cleared) {
    setCleared(done);
    if (done !== undefined && question.trim() === done.trim()) setQuestion("");
  }
  const of = model ?? chosen;
  const asTyped = { of, place, question, open };
  const typing = useTyping(asTyped, PAUSE, false);
  const completed = useTyping(asTyped, LONGER_PAUSE, true);
  const completions = open ? (completed.data?.completions ?? []) : [];
  const submit = (text: string) => {
    if (text.trim() === "") return;
    setOpen(false);
    setMarked(-1);
    onAsk(text, of);
  };
  const choose = (text: string) => {
    setQuestion(text);
    submit(text);
  };
  const keys = (event: KeyboardEvent) => {
    if (event.key === "ArrowDown" || event.key === "ArrowUp") {
      event.preventDefault();
      setOpen(true);
      const step = event.key === "ArrowDown" ? 1 : -1;
      const ways = completions.length + 1;
      setMarked(((marked + 1 + step + ways) % ways) - 1);
    } else if (event.key === "Escape") {
      setOpen(false);
      setMarked(-1);
    } else if (event.key === "Tab" && marked >= 0) {
      event.preventDefault();
      setQuestion(`${completions[marked]?.question ?? question} `);
      setMarked(-1);
    }
  };
  const enter = (event: FormEvent) => {
    event.preventDefault();
    choose(completions[marked]?.question ?? question);
  };
  const reading = question.trim() === "" ? undefined : typing.data;
  const shown = open && (reading !== undefined || completions.length > 0);
  return (
    <Flex as="form" gap="3" onSubmit={enter} role="search" wrap="wrap">
      {models.length > 1 && (
        <NativeSelect.Root w={{ base: "full", sm: "44" }} size="lg">
          <NativeSelect.Field
            aria-label="Model"
            value={of}
            onChange={(e) => setModel(e.target.value)}
          >
            {models.map((m) => (
              <option key={m.name} value={m.name}>
                {m.title}
              </option>
            ))}
          </NativeSelect.Field>
          <NativeSelect.Indicator />
        </NativeSelect.Root>
      )}
      <Box flex="1" minW="0" position="relative">
        <Input
          size="lg"
          bg="bg"
          aria-label="Question"
          role="combobox"
          aria-expanded={shown}
          aria-controls={shown ? list : undefined}
          aria-autocomplete="list"
          aria-activedescendant={marked >= 0 ? `${list}-${marked}` : undefined}
          placeholder={
            place.thread
              ? "Go on: “only ...”, “by month”, “what about ...”. Or ask anew"
              : "What do you want to know?"
          }
          maxLength={2000}
          autoComplete="off"
          autoFocus={start === ""}
          value={question}
          onChange={(e) => {
            setQuestion(e.target.value);
            setOpen(true);
            setMarked(-1);
          }}
          onKeyDown={keys}
          onBlur={() => setOpen(false)}
        />
        {shown && (
          <Stack
            position="absolute"
            zIndex="dropdown"
            top="100%"
            left="0"
            right="0"
            mt="1"
            gap="0"
            bg="bg.panel"
            borderWidth="1px"
            rounded="md"
            shadow="md"
            // The box keeps the focus, so that the list is still there for the click.
            onMouseDown={(e) => e.preventDefault()}
          >
            {reading && <SoFar reading={reading} />}
            <Box id={list} role="listbox" aria-label="Ways to go on">
              {completions.map((c, i) => (
                <Flex
                  key={c.question}
                  id={`${list}-${i}`}
                  role="option"
                  aria-selected={i === marked}
                  px="4"
                  py="1.5"
                  gap="3"
                  align="baseline"
                  cursor="pointer"
                  bg={i === marked ? "bg.emphasized" : undefined}
                  _hover={{ bg: "bg.muted" }}
                  onClick={() => choose(c.question)}
                >
                  <Text flex="1" truncate>
                    {c.question}
                  </Text>
                  <Text textStyle="xs" color="fg.muted">
                    {c.kind === "next" ? "" : c.kind}
                  </Text>
                </Flex>
              ))}
            </Box>
          </Stack>
        )}
      </Box>
      <Button type="submit" size="lg" loading={busy} disabled={question.trim() === ""}>
        Ask
      </Button>
    </Flex>
  );
}

/** How the words that are there so far read. */
function SoFar({ reading }: { reading: Typing }) {
  const read = reading.restatement !== "";
  return (
    <Stack px="4" py="3" gap="2" borderBottomWidth="1px">
      <Words words={reading.words} />
      {read && (
        <Text textStyle="sm" color="fg.muted">
          {reading.leansOnBefore ? "Changes the answer to" : "Reads as"} “{reading.restatement}”
        </Text>
      )}
    </Stack>
  );
}

interface AsTyped {
  of: string | undefined;
  place: Place;
  question: string;
  open: boolean;
}

/** What the service says of the words, once no key was pressed for a while. */
function useTyping({ of, place, question, open }: AsTyped, pause: number, completions: boolean) {
  const typed = useDebounced(question, pause);
  return useQuery({
    queryKey: ["typing", of, place, typed, completions],
    queryFn: ({ signal }) => rest.typing(of ?? "", typed, place, completions, signal),
    enabled: open && of !== undefined && typed === question,
    placeholderData: keepPreviousData,
    staleTime: 30_000,
  });
}

function useDebounced<T>(value: T, pause: number): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), pause);
    return () => clearTimeout(timer);
  }, [value, pause]);
  return settled;
}
