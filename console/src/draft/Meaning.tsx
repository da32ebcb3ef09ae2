import { Box, Button, Field, HStack, Text, Textarea } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { authoring } from "../rest/client";

interface MeaningProps {
  model: string;
  value: string;
  /** The question itself, whose own reading is offered as its meaning. */
  ask?: string;
  onSave?: (means: string) => void;
  onType?: (means: string) => void;
}

const PAUSE_MILLISECONDS = 250;

/** The text as it was a moment ago, so that not every letter is sent. */
function useSettled(text: string) {
  const [settled, setSettled] = useState(text);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(text), PAUSE_MILLISECONDS);
    return () => clearTimeout(timer);
  }, [text]);
  return settled;
}

function useReading(model: string, text: string) {
  const wanted = useSettled(text.trim());
  return useQuery({
    queryKey: ["draft-read", model, wanted],
    queryFn: ({ signal }) => authoring.read(model, wanted, signal),
    enabled: wanted !== "",
    placeholderData: (before) => (wanted ? before : undefined),
    gcTime: 0,
  });
}

/** What a sample question means, in the model's words; read while it is typed. */
export function Meaning({ model, value, ask = "", onSave, onType }: MeaningProps) {
  const [typed, setTyped] = useState<string>();
  const text = onType ? value : (typed ?? value);
  const reading = useReading(model, text);
  const own = useReading(model, text.trim() === "" ? ask : "");
  const change = (words: string) => (onType ? onType(words) : setTyped(words));
  const save = () => {
    if (onSave && typed !== undefined && typed.trim() !== value) onSave(typed.trim());
    setTyped(undefined);
  };
  const answered = reading.data?.status === "answered";
  const suggestion = own.data?.status === "answered" ? own.data.restatement : "";
  return (
    <Field.Root invalid={text.trim() !== "" && reading.data !== undefined && !answered}>
      <Field.Label>Means</Field.Label>
      <Textarea
        rows={1}
        size="sm"
        placeholder="In the model's words: top 10 huts by occupancy in summer 2025"
        value={text}
        onChange={(e) => change(e.target.value)}
        onBlur={save}
      />
      <Box role="status" textStyle="sm" minH="5">
        {text.trim() !== "" && reading.error && <Text>{reading.error.message}</Text>}
        {text.trim() !== "" && reading.data && (
          <Text color={answered ? "fg.muted" : "fg.error"}>
            {answered ? `Read as ${reading.data.restatement}` : reading.data.reason}
          </Text>
        )}
        {text.trim() === "" && suggestion && (
          <HStack>
            <Text>The draft reads it as {suggestion}</Text>
            <Button size="2xs" variant="surface" onClick={() => change(suggestion)}>
              That is right
            </Button>
          </HStack>
        )}
        {text.trim() === "" && own.data && !suggestion && (
          <Text color="fg.muted">The draft does not answer it yet: {own.data.reason}</Text>
        )}
      </Box>
    </Field.Root>
  );
}
