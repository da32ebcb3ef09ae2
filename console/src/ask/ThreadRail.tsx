import {
  Box,
  Button,
  Flex,
  Heading,
  IconButton,
  Input,
  Menu,
  Portal,
  Stack,
  Text,
} from "@chakra-ui/react";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { rest, type Thread } from "../rest/client";
import type { Here } from "./place";
import { useThread } from "./threads";

interface ThreadRailProps {
  model: string;
  here: Here;
  onGo: (to: Here) => void;
}

/** The questions of this thread, to go back to, and the threads before. */
export function ThreadRail({ model, here, onGo }: ThreadRailProps) {
  const [words, setWords] = useState("");
  const thread = useThread(here.thread);
  const threads = useQuery({
    queryKey: ["threads", model, words],
    queryFn: () => rest.threads(model, words),
    placeholderData: (before) => before,
  });
  const others = threads.data?.filter((t) => t.id !== here.thread) ?? [];
  const nothing = words === "" && others.length === 0;
  return (
    <Stack as="aside" aria-label="Threads" gap="6">
      {thread.data && (
        <Stack gap="2">
          <Flex align="center" justify="space-between">
            <Heading as="h2" size="sm">
              This thread
            </Heading>
            <Button size="xs" variant="outline" onClick={() => onGo({ model, question: "" })}>
              New thread
            </Button>
          </Flex>
          <Stack as="ol" gap="0" listStyleType="none">
            {thread.data.turns.map((t) => (
              <Box as="li" key={t.id}>
                <Button
                  variant="ghost"
                  size="sm"
                  w="full"
                  justifyContent="start"
                  fontWeight={t.id === here.turn ? "semibold" : "normal"}
                  borderWidth="0"
                  borderStartWidth="3px"
                  borderColor={t.id === here.turn ? "colorPalette.solid" : "border"}
                  rounded="none"
                  aria-current={t.id === here.turn ? "step" : undefined}
                  onClick={() =>
                    onGo({ model, thread: here.thread, turn: t.id, question: t.question })
                  }
                >
                  <Text truncate>{t.question}</Text>
                </Button>
              </Box>
            ))}
          </Stack>
        </Stack>
      )}
      {!nothing && (
        <Stack gap="2">
          <Heading as="h2" size="sm">
            {here.thread ? "Other threads" : "Your threads"}
          </Heading>
          <Input
            size="xs"
            aria-label="Find a thread"
            placeholder="Find"
            value={words}
            onChange={(e) => setWords(e.target.value)}
          />
          <Stack as="ul" gap="0" listStyleType="none" maxH="80" overflowY="auto">
            {others.map((t) => (
              <ThreadLine key={t.id} thread={t} onOpen={() => void open(t)} />
            ))}
          </Stack>
        </Stack>
      )}
    </Stack>
  );

  async function open(chosen: Thread) {
    const whole = await rest.thread(chosen.id);
    const last = whole.turns.at(-1);
    if (last) onGo({ model, thread: chosen.id, turn: last.id, question: last.question });
  }
}

function ThreadLine({ thread, onOpen }: { thread: Thread; onOpen: () => void }) {
  const queries = useQueryClient();
  const [naming, setNaming] = useState(false);
  const [title, setTitle] = useState(thread.title);
  const changed = () => queries.invalidateQueries({ queryKey: ["threads"] });
  const rename = async () => {
    setNaming(false);
    if (title.trim() !== "" && title !== thread.title) {
      await rest.renameThread(thread.id, title);
      await changed();
    }
  };
  if (naming) {
    return (
      <Input
        size="xs"
        aria-label="Name of the thread"
        autoFocus
        maxLength={200}
        value={title}
        onChange={(e) => setTitle(e.target.value)}
        onBlur={() => void rename()}
        onKeyDown={(e) => {
          if (e.key === "Enter") void rename();
          if (e.key === "Escape") {
            setTitle(thread.title);
            setNaming(false);
          }
        }}
      />
    );
  }
  return (
    <Flex as="li" align="center">
      <Button
        variant="ghost"
        size="sm"
        flex="1"
        minW="0"
        justifyContent="start"
        px="2"
        fontWeight="normal"
        onClick={onOpen}
      >
        <Text truncate>{thread.title}</Text>
      </Button>
      <Menu.Root lazyMount>
        <Menu.Trigger asChild>
          <IconButton size="xs" variant="ghost" aria-label={`More about ${thread.title}`}>
            ⋯
          </IconButton>
        </Menu.Trigger>
        <Portal>
          <Menu.Positioner>
            <Menu.Content>
              <Menu.Item value="rename" onClick={() => setNaming(true)}>
                Rename
              </Menu.Item>
              <Menu.Item
                value="delete"
                color="fg.error"
                onClick={() => void rest.deleteThread(thread.id).then(changed)}
              >
                Delete
              </Menu.Item>
            </Menu.Content>
          </Menu.Positioner>
        </Portal>
      </Menu.Root>
    </Flex>
  );
}
