import {
  Button,
  Card,
  Checkbox,
  Field,
  Heading,
  HStack,
  Input,
  NativeSelect,
  Progress,
  Skeleton,
  Stack,
  Table,
  Text,
  Wrap,
} from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { ChoiceField } from "../shell/fields";
import { identifier } from "../draft/words";
import { authoring, type SurveyPart } from "../rest/client";
import { Failure } from "../shell/Failure";
import { Files } from "./Files";
import { SurveyView } from "./SurveyView";

const BETWEEN_LOOKS_MILLISECONDS = 400;

/** From a source to a first draft: choose schemas, look at them, draft a model. */
export default function SourcesPage() {
  const sources = useQuery({ queryKey: ["sources"], queryFn: authoring.sources });
  const [picked, setPicked] = useState<string>();
  const source = picked ?? sources.data?.[0]?.name;
  if (sources.error) return <Failure error={sources.error} />;
  if (!sources.data) return <Skeleton h="60" aria-label="Loading" />;
  return (
    <Stack gap="4">
      <Heading as="h1" size="xl">
        Sources
      </Heading>
      {sources.data.length === 0 ? (
        <Text>
          No source yet. A steward adds one with the client: <code>ropebridge source add</code>
        </Text>
      ) : (
        <>
          <Card.Root overflow="hidden">
            <Table.ScrollArea>
              <Table.Root size="sm">
                <Table.Header>
                  <Table.Row>
                    <Table.ColumnHeader>Source</Table.ColumnHeader>
                    <Table.ColumnHeader>Kind</Table.ColumnHeader>
                    <Table.ColumnHeader>Where it is</Table.ColumnHeader>
                    <Table.ColumnHeader>Signs in as</Table.ColumnHeader>
                  </Table.Row>
                </Table.Header>
                <Table.Body>
                  {sources.data.map((s) => (
                    <Table.Row key={s.name}>
                      <Table.Cell fontWeight="medium">{s.name}</Table.Cell>
                      <Table.Cell>{s.kind}</Table.Cell>
                      <Table.Cell fontFamily="mono">{s.url}</Table.Cell>
                      <Table.Cell>{s.userName}</Table.Cell>
                    </Table.Row>
                  ))}
                </Table.Body>
              </Table.Root>
            </Table.ScrollArea>
          </Card.Root>
          {sources.data.length > 1 && (
            <NativeSelect.Root w="60">
              <NativeSelect.Field
                aria-label="Source to survey"
                value={source}
                onChange={(e) => setPicked(e.target.value)}
              >
                {sources.data.map((s) => (
                  <option key={s.name}>{s.name}</option>
                ))}
              </NativeSelect.Field>
              <NativeSelect.Indicator />
            </NativeSelect.Root>
          )}
          {source && (
            <Files
              key={`files of ${source}`}
              source={source}
              letsIn={Boolean(sources.data.find((s) => s.name === source)?.uploadsSchema)}
            />
          )}
          {source && <SurveyOf key={source} source={source} />}
        </>
      )}
    </Stack>
  );
}

function SurveyOf({ source }: { source: string }) {
  const schemas = useQuery({
    queryKey: ["schemas", source],
    queryFn: () => authoring.schemas(source),
  });
  const [left, setLeft] = useState<string[]>([]);
  const [id, setId] = useState<string>();
  const chosen = (schemas.data ?? []).map((s) => s.name).filter((n) => !left.includes(n));
  const start = useMutation({
    mutationFn: () => authoring.startSurvey(source, chosen),
    onSuccess: (job) => setId(job.id),
  });
  const survey = useQuery({
    queryKey: ["survey", id],
    queryFn: () => authoring.survey(id ?? ""),
    enabled: id !== undefined,
    refetchInterval: (query) =>
      query.state.data?.job.state === "running" ? BETWEEN_LOOKS_MILLISECONDS : false,
  });
  const running = id !== undefined && (survey.data?.job.state ?? "running") === "running";
  return (
    <Card.Root as="section" aria-labelledby="survey">
      <Card.Header>
        <Heading as="h2" size="md" id="survey">
          Survey of {source}
        </Heading>
        <Text textStyle="sm" color="fg.muted">
          Reads samples of big tables and all of small ones, two statements at a time. Nothing is
          changed.
        </Text>
      </Card.Header>
      <Card.Body gap="4">
        {schemas.error && <Failure error={schemas.error} />}
        <Wrap gap="5">
          {schemas.data?.map((s) => (
            <Checkbox.Root
              key={s.name}
              checked={!left.includes(s.name)}
              onCheckedChange={(e) =>
                setLeft(e.checked === true ? left.filter((n) => n !== s.name) : [...left, s.name])
              }
            >
              <Checkbox.HiddenInput />
              <Checkbox.Control />
              <Checkbox.Label>
                {s.name} ({s.tables.length} {s.tables.length === 1 ? "table" : "tables"})
              </Checkbox.Label>
            </Checkbox.Root>
          ))}
        </Wrap>
        <HStack>
          <Button
            loading={start.isPending || running}
            disabled={chosen.length === 0}
            onClick={() => start.mutate()}
          >
            Survey
          </Button>
          {running && id && (
            <Button variant="outline" onClick={() => void authoring.stopSurvey(id)}>
              Stop
            </Button>
          )}
        </HStack>
        {start.error && <Failure error={start.error} />}
        {running && survey.data && (
          <Progress.Root
            max={Math.max(survey.data.job.total, 1)}
            value={survey.data.job.done}
            aria-label={`Survey: ${survey.data.job.stage}`}
          >
            <Progress.Label>
              {survey.data.job.stage}, {survey.data.job.done} of {survey.data.job.total}
            </Progress.Label>
            <Progress.Track>
              <Progress.Range />
            </Progress.Track>
          </Progress.Root>
        )}
        {survey.data?.job.message && <Text>{survey.data.job.message}</Text>}
        {survey.data?.job.state === "stopped" && <Text>Stopped.</Text>}
        {survey.data?.survey && (
          <>
            <FirstDraft survey={survey.data} />
            <SurveyView survey={survey.data.survey} />
          </>
        )}
      </Card.Body>
    </Card.Root>
  );
}

function FirstDraft({ survey }: { survey: SurveyPart }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [typed, setTyped] = useState("");
  const [into, setInto] = useState<string>();
  const name = identifier(typed);
  const models = useQuery({ queryKey: ["models"], queryFn: authoring.published });
  const known = into ?? models.data?.[0]?.name;
  const show = async (model: string) => {
    await queries.invalidateQueries({ queryKey: ["editable"] });
    await queries.invalidateQueries({ queryKey: ["draft", model] });
    await navigate(`/draft?model=${model}`);
  };
  const make = useMutation({
    mutationFn: () => authoring.draftFrom(name, survey.job.id),
    onSuccess: () => show(name),
  });
  const grow = useMutation({
    mutationFn: (model: string) => authoring.growDraft(model, survey.job.id),
    onSuccess: (draft) => show(draft.model),
  });
  return (
    <Stack>
      <Wrap gap="6" align="end">
        <HStack
          as="form"
          align="end"
          onSubmit={(e) => {
            e.preventDefault();
            if (name) make.mutate();
          }}
        >
          <Field.Root maxW="xs">
            <Field.Label>Name of the new model</Field.Label>
            <Input size="sm" value={typed} onChange={(e) => setTyped(e.target.value)} />
          </Field.Root>
          <Button type="submit" size="sm" loading={make.isPending} disabled={!name}>
            Draft a model
          </Button>
        </HStack>
        {known && (
          <HStack align="end">
            <ChoiceField
              label="Or add what is new to"
              value={known}
              options={(models.data ?? []).map((m) => ({ value: m.name, text: m.title }))}
              onSave={setInto}
            />
            <Button
              size="sm"
              variant="outline"
              loading={grow.isPending}
              onClick={() => grow.mutate(known)}
            >
              Add tables
            </Button>
          </HStack>
        )}
      </Wrap>
      {make.error && <Failure error={make.error} />}
      {grow.error && <Failure error={grow.error} />}
    </Stack>
  );
}
