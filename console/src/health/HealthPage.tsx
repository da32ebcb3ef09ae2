import {
  Alert,
  Badge,
  Button,
  Card,
  Heading,
  HStack,
  Link,
  List,
  Progress,
  Skeleton,
  Stack,
  Text,
} from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Link as PageLink } from "react-router";
import { ModelField } from "../draft/ModelField";
import { useDraftChoice } from "../draft/useDraft";
import { authoring, type Health } from "../rest/client";
import { Failure } from "../shell/Failure";

const BETWEEN_LOOKS_MILLISECONDS = 500;

const KINDS: Record<Health["findings"][number]["kind"], string> = {
  TABLE_GONE: "table gone",
  COLUMN_GONE: "column gone",
  TYPE_CHANGED: "other type",
  REFUSED: "refused",
  NOT_READ: "not read",
};

const PLURALS: Record<string, string> = {
  metric: "Metrics",
  condition: "Conditions",
  column: "Computed columns",
  table: "Tables",
  question: "Sample questions",
};

/** Whether a published model still fits its warehouse, and what breaks where it does not. */
export default function HealthPage() {
  const queries = useQueryClient();
  const choice = useDraftChoice();
  const { models, chosen } = choice;
  const health = useQuery({
    queryKey: ["health", chosen],
    queryFn: () => authoring.health(chosen ?? ""),
    enabled: chosen !== undefined,
    refetchInterval: (query) => (query.state.data?.running ? BETWEEN_LOOKS_MILLISECONDS : false),
  });
  const check = useMutation({
    mutationFn: () => authoring.checkHealth(chosen ?? ""),
    onSuccess: () => queries.invalidateQueries({ queryKey: ["health", chosen] }),
  });
  if (models.error) return <Failure error={models.error} />;
  const running = health.data?.running;
  return (
    <Stack gap="4">
      <HStack justify="space-between" wrap="wrap" gap="3">
        <Heading as="h1" size="xl">
          Health
        </Heading>
        <HStack>
          <ModelField {...choice} />
          <Button
            size="sm"
            variant="outline"
            loading={check.isPending || Boolean(running)}
            onClick={() => check.mutate()}
          >
            Check now
          </Button>
        </HStack>
      </HStack>
      <Text color="fg.muted">
        Warehouses change. Every half hour, and when a model is published, the warehouse is asked
        for every metric, condition and agreed sample question whether it can still compute it. It
        computes nothing for that.
      </Text>
      {health.error && <Failure error={health.error} />}
      {check.error && <Failure error={check.error} />}
      {health.isPending && <Skeleton h="40" aria-label="Loading" />}
      {running && (
        <Progress.Root
          max={Math.max(running.total, 1)}
          value={running.done}
          aria-label="Comparing the model with its warehouse"
        >
          <Progress.Track>
            <Progress.Range />
          </Progress.Track>
        </Progress.Root>
      )}
      {health.data && <Found health={health.data} model={chosen ?? ""} />}
    </Stack>
  );
}

function Found({ health, model }: { health: Health; model: string }) {
  if (!health.checkedAt) return <Text>It was not checked yet.</Text>;
  const at = new Date(health.checkedAt).toLocaleString("en-GB", {
    dateStyle: "long",
    timeStyle: "short",
  });
  return (
    <>
      <Alert.Root status={health.findings.length === 0 ? "success" : "error"}>
        <Alert.Indicator />
        <Alert.Title>
          {health.findings.length === 0
            ? `Edition ${health.edition} fits its warehouse: all ${health.tried} items can be computed.`
            : `Edition ${health.edition} counts on what its warehouse does not have any more.`}{" "}
          Checked on {at}.
        </Alert.Title>
      </Alert.Root>
      {health.findings.map((f) => (
        <Finding key={f.kind + f.item} finding={f} model={model} />
      ))}
    </>
  );
}

function Finding({ finding, model }: { finding: Health["findings"][number]; model: string }) {
  const kinds = Object.keys(PLURALS).filter((k) => finding.breaks.some((b) => b.kind === k));
  return (
    <Card.Root as="section" aria-label={finding.item}>
      <Card.Header pb="2">
        <HStack>
          <Heading as="h2" size="md">
            {finding.item}
          </Heading>
          <Badge colorPalette="red">{KINDS[finding.kind]}</Badge>
        </HStack>
        <Text>{finding.message}</Text>
      </Card.Header>
      <Card.Body gap="2" textStyle="sm">
        {kinds.length === 0 && (
          <Text>No metric, condition or agreed sample question needs it. People may still.</Text>
        )}
        {kinds.map((kind) => (
          <div key={kind}>
            <Text fontWeight="medium">{PLURALS[kind]} that cannot be answered</Text>
            <List.Root ps="5">
              {finding.breaks
                .filter((b) => b.kind === kind)
                .map((b) => (
                  <List.Item key={b.name}>{b.name}</List.Item>
                ))}
            </List.Root>
          </div>
        ))}
        <Link asChild colorPalette="teal">
          <PageLink to={`/draft?model=${encodeURIComponent(model)}`}>Mend it in the draft</PageLink>
        </Link>
      </Card.Body>
    </Card.Root>
  );
}
