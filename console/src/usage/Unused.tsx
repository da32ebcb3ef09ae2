import { Card, Heading, HStack, Skeleton, Stack, Text } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { ModelField } from "../draft/ModelField";
import { useDraftChoice } from "../draft/useDraft";
import { authoring } from "../rest/client";
import { Failure } from "../shell/Failure";

/** What of a model nobody asks for. */
export function Unused() {
  const choice = useDraftChoice();
  const { models, chosen } = choice;
  const unused = useQuery({
    queryKey: ["unused", chosen],
    queryFn: () => authoring.unused(chosen ?? ""),
    enabled: chosen !== undefined,
  });
  if (models.data?.length === 0) return null;
  const parts: [string, string[]][] = unused.data
    ? [
        ["Metrics", unused.data.metrics],
        ["Tables", unused.data.tables],
        ["Conditions", unused.data.conditions],
      ]
    : [];
  return (
    <Card.Root as="section" aria-label="Never used">
      <Card.Header pb="2">
        <HStack justify="space-between">
          <Heading as="h2" size="md" whiteSpace="nowrap">
            Never used
          </Heading>
          <ModelField {...choice} />
        </HStack>
        <Text textStyle="sm" color="fg.muted">
          What no question of the last 90 days made use of.
        </Text>
      </Card.Header>
      <Card.Body>
        {unused.isPending && <Skeleton h="20" aria-label="Loading" />}
        {unused.error && <Failure error={unused.error} />}
        {unused.data && !unused.data.questions && <Text>Nothing was asked yet.</Text>}
        {unused.data?.questions && (
          <Stack gap="2" textStyle="sm">
            {parts.map(([kind, names]) => (
              <Text key={kind}>
                <b>{kind}:</b> {names.length === 0 ? "all are used." : names.join(", ")}
              </Text>
            ))}
          </Stack>
        )}
      </Card.Body>
    </Card.Root>
  );
}
