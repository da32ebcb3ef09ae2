import {
  Alert,
  Badge,
  Button,
  Flex,
  Heading,
  HStack,
  NativeSelect,
  Skeleton,
  Spinner,
  Stack,
  Text,
} from "@chakra-ui/react";
import { lazy, Suspense } from "react";
import { Link, NavLink } from "react-router";
import type { Draft } from "../rest/client";
import { Failure } from "../shell/Failure";
import { CalendarPanel } from "./CalendarPanel";
import { Editions } from "./Editions";
import { Faults } from "./Faults";
import { Files } from "./Files";
import { Metrics } from "./Metrics";
import { Overview } from "./Overview";
import { Publish } from "./Publish";
import { SampleQuestions } from "./SampleQuestions";
import { TablePanel } from "./TablePanel";
import { Tables } from "./Tables";
import { TryBoth } from "./TryBoth";
import { Vocabulary } from "./Vocabulary";
import { useDraft, useDraftChoice, useDraftHold, useSection, type DraftHold } from "./useDraft";

const Links = lazy(() => import("./Links"));

/** The author's pages: one draft, section by section, in the order in which it is made. */
export default function DraftPage() {
  const { models, chosen, choose } = useDraftChoice();
  const draft = useDraft(chosen);
  const error = models.error ?? draft.error;
  if (error) return <Failure error={error} onRetry={() => void draft.refetch()} />;
  if (models.data?.length === 0) {
    return (
      <Stack align="start">
        <Heading as="h1">No model yet</Heading>
        <Text>A first draft is made from a survey of a source.</Text>
        <Button asChild>
          <Link to="/sources">Survey a source</Link>
        </Button>
      </Stack>
    );
  }
  if (!draft.data) return <Skeleton h="96" aria-label="Loading" />;
  return (
    <Sections
      key={draft.data.model}
      draft={draft.data}
      models={models.data ?? []}
      onModel={choose}
    />
  );
}

interface SectionsProps {
  draft: Draft;
  models: string[];
  onModel: (model: string) => void;
}

function Sections({ draft, models, onModel }: SectionsProps) {
  const hold = useDraftHold(draft);
  return (
    <Stack gap="4">
      <Flex justify="space-between" align="center" gap="4" wrap="wrap">
        <Stack gap="0">
          <Heading as="h1" size="xl">
            {draft.title}, draft
          </Heading>
          <State hold={hold} />
        </Stack>
        {models.length > 1 && (
          <NativeSelect.Root w="44" size="sm">
            <NativeSelect.Field
              aria-label="Model"
              value={draft.model}
              onChange={(e) => onModel(e.target.value)}
            >
              {models.map((m) => (
                <option key={m}>{m}</option>
              ))}
            </NativeSelect.Field>
            <NativeSelect.Indicator />
          </NativeSelect.Root>
        )}
      </Flex>
      {hold.error && (
        <Alert.Root status={hold.wasLate ? "warning" : "error"}>
          <Alert.Indicator />
          <Alert.Description>{hold.error.message}</Alert.Description>
        </Alert.Root>
      )}
      <Flex gap="6" align="start" direction={{ base: "column", md: "row" }}>
        <SectionList draft={draft} />
        <Stack flex="1" gap="4" minW="0" w="full">
          <Suspense fallback={<Spinner aria-label="Loading" />}>
            <Section hold={hold} />
          </Suspense>
          <Faults faults={draft.faults} />
        </Stack>
      </Flex>
    </Stack>
  );
}

function State({ hold: { draft, isSaving } }: { hold: DraftHold }) {
  const began = draft.basedOn === 0 ? "not published yet" : `based on edition ${draft.basedOn}`;
  return (
    <HStack color="fg.muted" textStyle="sm">
      <Text>
        {draft.revision === 0
          ? `As edition ${draft.basedOn} says; nothing is changed`
          : `${began}, revision ${draft.revision}, last changed by ${draft.changedBy}`}
      </Text>
      <Text role="status">{isSaving ? "Saving ..." : ""}</Text>
    </HStack>
  );
}

const SECTIONS = [
  ["overview", "Overview"],
  ["tables", "Tables"],
  ["links", "Links"],
  ["metrics", "Metrics"],
  ["words", "Words"],
  ["calendar", "Calendar"],
  ["questions", "Sample questions"],
  ["try", "Try"],
  ["publish", "Rehearse and publish"],
  ["editions", "Editions"],
  ["files", "Files"],
] as const;

function SectionList({ draft }: { draft: Draft }) {
  const { section, to } = useSection();
  const counts: Record<string, number> = {
    tables: draft.tables.length,
    metrics: draft.metrics.length,
    questions: draft.questions.length,
    overview: draft.proposals.length,
  };
  return (
    <Flex
      as="nav"
      aria-label="Parts of the draft"
      direction={{ base: "row", md: "column" }}
      wrap="wrap"
      w={{ base: "full", md: "52" }}
      position={{ md: "sticky" }}
      top="4"
      gap="1"
    >
      {SECTIONS.map(([name, text]) => (
        <Button
          key={name}
          asChild
          size="sm"
          variant="ghost"
          justifyContent="space-between"
          bg={section === name ? "bg.emphasized" : undefined}
        >
          <NavLink to={to(name)} aria-current={section === name ? "page" : undefined}>
            {text}
            {counts[name] ? <Badge variant="subtle">{counts[name]}</Badge> : null}
          </NavLink>
        </Button>
      ))}
    </Flex>
  );
}

function Section({ hold }: { hold: DraftHold }) {
  const { section, item } = useSection();
  const table = hold.draft.tables.find((t) => t.name === item);
  switch (section) {
    case "tables":
      return table ? (
        <TablePanel key={table.name} table={table} hold={hold} />
      ) : (
        <Tables hold={hold} />
      );
    case "links":
      return <Links draft={hold.draft} />;
    case "metrics":
      return <Metrics hold={hold} />;
    case "words":
      return <Vocabulary hold={hold} />;
    case "calendar":
      return <CalendarPanel hold={hold} />;
    case "questions":
      return <SampleQuestions hold={hold} />;
    case "try":
      return <TryBoth draft={hold.draft} />;
    case "publish":
      return <Publish draft={hold.draft} />;
    case "editions":
      return <Editions draft={hold.draft} />;
    case "files":
      return <Files hold={hold} />;
    default:
      return <Overview hold={hold} />;
  }
}
