import { Button, Card, Code, Heading, HStack, SimpleGrid, Stack, Text } from "@chakra-ui/react";
import { useMemo, useState } from "react";
import type { Metric } from "../rest/client";
import { ChoiceField, TextField } from "../shell/fields";
import { homeOf, namesOf, type Named } from "./names";
import { NewMetric } from "./NewMetric";
import { SynonymsField } from "./SynonymsField";
import { useSection, type DraftHold } from "./useDraft";
import { ACROSS_TIME, BETTER, kept, over, SHOWN_AS, written } from "./words";

/** Cards that are not in sight cost nothing, however many there are. */
const OUT_OF_SIGHT = { contentVisibility: "auto", containIntrinsicSize: "auto 4.5rem" };

/** The metrics of a draft; one at a time is open. */
export function Metrics({ hold }: { hold: DraftHold }) {
  const { draft } = hold;
  const { item } = useSection();
  const [opened, setOpened] = useState(item);
  const names = useMemo(() => namesOf(draft), [draft]);
  return (
    <Stack gap="3">
      <NewMetric hold={hold} onKept={setOpened} />
      {draft.metrics.map((m) => (
        <Card.Root key={m.name} size="sm" css={opened === m.name ? undefined : OUT_OF_SIGHT}>
          <Card.Header pb={opened === m.name ? undefined : "4"}>
            <HStack justify="space-between" gap="4">
              <Stack gap="0" minW="0">
                <Heading as="h3" size="sm">
                  {m.label}
                </Heading>
                <Text textStyle="sm" color="fg.muted" truncate>
                  <Code size="sm" variant="plain" px="0" color="fg.muted">
                    {m.sql}
                  </Code>{" "}
                  {over(m)}
                </Text>
              </Stack>
              <Button
                size="xs"
                variant="ghost"
                aria-expanded={opened === m.name}
                aria-label={`${opened === m.name ? "Close" : "Open"} ${m.label}`}
                onClick={() => setOpened(opened === m.name ? undefined : m.name)}
              >
                {opened === m.name ? "Close" : "Open"}
              </Button>
            </HStack>
          </Card.Header>
          {opened === m.name && (
            <Card.Body>
              <MetricFields metric={m} names={names} hold={hold} />
            </Card.Body>
          )}
        </Card.Root>
      ))}
      {draft.metrics.length === 0 && <Text color="fg.muted">No metric yet.</Text>}
    </Stack>
  );
}

interface MetricFieldsProps {
  metric: Metric;
  names: Named[];
  hold: DraftHold;
}

function MetricFields({ metric, names, hold: { draft, edit } }: MetricFieldsProps) {
  const file = homeOf(draft, `metrics/${metric.name}`);
  const path = ["metrics", metric.name];
  const set = (key: string) => (value: unknown) =>
    edit({ file, path: [...path, key], value: kept(value) });
  return (
    <Stack gap="3">
      <TextField code label="SQL" lines={2} value={metric.sql} onSave={set("sql")} />
      <SimpleGrid columns={{ base: 1, lg: 2 }} gap="3">
        <TextField label="Label" value={metric.label} onSave={set("label")} />
        <SynonymsField
          label="Also called"
          item={`metrics/${metric.name}`}
          words={metric.alsoCalled}
          names={names}
          onSave={set("also_called")}
        />
        <TextField label="About" value={metric.about} onSave={set("about")} />
        <TextField label="Unit" value={metric.unit ?? ""} onSave={set("unit")} />
      </SimpleGrid>
      <SimpleGrid columns={{ base: 1, lg: 3 }} gap="3">
        <ChoiceField
          label="Shown as"
          value={written(metric.shownAs)}
          options={SHOWN_AS}
          onSave={set("shown_as")}
        />
        <ChoiceField
          label="Better when"
          value={written(metric.better)}
          options={BETTER}
          onSave={set("better")}
        />
        <ChoiceField
          label="Across time"
          value={written(metric.acrossTime)}
          options={ACROSS_TIME}
          onSave={set("across_time")}
        />
      </SimpleGrid>
      <HStack>
        <Button
          size="xs"
          variant="outline"
          colorPalette="red"
          aria-label={`Remove ${metric.label}`}
          onClick={() => edit({ file, path })}
        >
          Remove
        </Button>
        <Text textStyle="xs" color="fg.muted">
          What still needs it shows as a fault.
        </Text>
      </HStack>
    </Stack>
  );
}
