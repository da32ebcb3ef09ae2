import { Alert, Button, HStack, Stack } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { rest, type News } from "../rest/client";

const MOST_SHOWN = 3;

/** Questions of one's own that could not be answered once and can be now. */
export function NewsList({ onAsk }: { onAsk: (news: News) => void }) {
  const queries = useQueryClient();
  const news = useQuery({ queryKey: ["news"], queryFn: rest.news });
  const putAway = useMutation({
    mutationFn: rest.putNewsAway,
    onSuccess: () => queries.invalidateQueries({ queryKey: ["news"] }),
  });
  const shown = news.data?.slice(0, MOST_SHOWN) ?? [];
  if (shown.length === 0) return null;
  return (
    <Stack gap="2" role="region" aria-label="News">
      {shown.map((n) => (
        <Alert.Root key={n.id} status="info" size="sm">
          <Alert.Indicator />
          <Alert.Content>
            <Alert.Description>“{n.question}” can be answered now.</Alert.Description>
          </Alert.Content>
          <HStack>
            <Button
              size="xs"
              onClick={() => {
                putAway.mutate(n.id);
                onAsk(n);
              }}
            >
              Ask it
            </Button>
            <Button
              size="xs"
              variant="ghost"
              aria-label={`Put away: ${n.question}`}
              onClick={() => putAway.mutate(n.id)}
            >
              Put away
            </Button>
          </HStack>
        </Alert.Root>
      ))}
    </Stack>
  );
}
