import {
  Accordion,
  Alert,
  Button,
  Card,
  Field,
  HStack,
  List,
  SegmentGroup,
  Stack,
  Text,
  Textarea,
} from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { AnswerTable } from "../ask/AnswerTable";
import { authoring, type Answer, type Correction as Seen } from "../rest/client";
import { Failure } from "../shell/Failure";
import { Meaning } from "./Meaning";

const WAYS = ["The model's words", "SQL"];

/** For authors: what a question should have meant, and what that changes, before it is kept. */
export default function Correction({ answer }: { answer: Answer }) {
  return (
    <Card.Root>
      <Accordion.Root collapsible lazyMount px="5">
        <Accordion.Item value="correction" borderBottomWidth="0">
          <Accordion.ItemTrigger>
            <Text flex="1">This should have meant something else</Text>
            <Accordion.ItemIndicator />
          </Accordion.ItemTrigger>
          <Accordion.ItemContent>
            <Accordion.ItemBody>
              <Fields answer={answer} />
            </Accordion.ItemBody>
          </Accordion.ItemContent>
        </Accordion.Item>
      </Accordion.Root>
    </Card.Root>
  );
}

function Fields({ answer }: { answer: Answer }) {
  const queries = useQueryClient();
  const [way, setWay] = useState(WAYS[0] ?? "");
  const [means, setMeans] = useState(answer.restatement);
  const [sql, setSql] = useState("");
  const bySql = way === WAYS[1];
  const text = bySql ? sql : means;
  const see = useMutation({
    mutationFn: () => authoring.correct(answer.model, answer.question, bySql ? { sql } : { means }),
  });
  const keep = useMutation({
    mutationFn: async (seen: Seen) => {
      const draft = await authoring.draft(answer.model);
      return authoring.edit(
        answer.model,
        draft.revision,
        seen.edits.map((e) => ({ file: e.file, path: e.path, value: e.value })),
      );
    },
    onSuccess: () => queries.invalidateQueries({ queryKey: ["draft", answer.model] }),
  });
  const seen = see.data;
  if (keep.isSuccess) {
    return (
      <Text role="status">
        Kept in the draft as an agreed sample question. Askers get it with the next edition:{" "}
        <Link to={`/draft/publish?model=${answer.model}`}>rehearse and publish</Link>.
      </Text>
    );
  }
  return (
    <Stack gap="3">
      <SegmentGroup.Root
        size="sm"
        value={way}
        aria-label="How it is said"
        onValueChange={(e) => {
          setWay(e.value ?? "");
          see.reset();
        }}
      >
        <SegmentGroup.Indicator />
        <SegmentGroup.Items items={WAYS} />
      </SegmentGroup.Root>
      {bySql ? (
        <Field.Root>
          <Field.Label>SQL</Field.Label>
          <Textarea
            rows={4}
            fontFamily="mono"
            size="sm"
            value={sql}
            onChange={(e) => setSql(e.target.value)}
          />
          <Field.HelperText>
            One SELECT over the source’s own tables. Slots are added on the draft’s page.
          </Field.HelperText>
        </Field.Root>
      ) : (
        <Meaning model={answer.model} value={means} onType={setMeans} />
      )}
      <HStack>
        <Button
          size="sm"
          variant="surface"
          loading={see.isPending}
          disabled={text.trim() === "" || (!bySql && means === answer.restatement)}
          onClick={() => see.mutate()}
        >
          See what changes
        </Button>
        {seen && seen.faults.length === 0 && (
          <Button size="sm" loading={keep.isPending} onClick={() => keep.mutate(seen)}>
            Keep in the draft
          </Button>
        )}
      </HStack>
      {see.error && <Failure error={see.error} />}
      {keep.error && <Failure error={keep.error} />}
      {seen && <Outcome seen={seen} />}
    </Stack>
  );
}

function Outcome({ seen }: { seen: Seen }) {
  return (
    <Stack gap="3" role="status">
      {seen.faults.map((f) => (
        <Alert.Root key={f.message} status={f.severity === "error" ? "error" : "warning"}>
          <Alert.Indicator />
          <Alert.Description>
            {f.message} {f.suggestion}
          </Alert.Description>
        </Alert.Root>
      ))}
      {seen.answer && (
        <>
          <Text textStyle="sm" color="fg.muted">
            The question would then be answered by {seen.answer.restatement}:
          </Text>
          {seen.answer.columns.length > 0 && <AnswerTable answer={seen.answer} />}
          {seen.others.length === 0 ? (
            <Text textStyle="sm">
              No sample question, and no question that you asked before, is read otherwise.
            </Text>
          ) : (
            <>
              <Text textStyle="sm">Also read otherwise:</Text>
              <List.Root ps="5" textStyle="sm">
                {seen.others.map((o) => (
                  <List.Item key={o.question}>
                    {o.question}: was {o.before}, is {o.after}
                  </List.Item>
                ))}
              </List.Root>
            </>
          )}
        </>
      )}
    </Stack>
  );
}
