import { Alert, Link, Skeleton, Stack, Text } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { Link as PageLink, useNavigate, useParams } from "react-router";
import { rest, type Opened } from "../rest/client";
import { Failure } from "../shell/Failure";
import { AnswerView } from "./AnswerView";

/** An answer as it was when somebody kept it. */
export default function KeptPage() {
  const { id = "" } = useParams();
  const go = useNavigate();
  const kept = useQuery({ queryKey: ["kept", id], queryFn: () => rest.keptAnswer(id) });
  if (kept.error) return <Failure error={kept.error} />;
  if (!kept.data) return <Skeleton h="40" aria-label="Loading" />;
  const opened = kept.data;
  return (
    <Stack gap="5">
      <Alert.Root status="info">
        <Alert.Indicator />
        <Alert.Content>
          <Alert.Title>As it was on {moment(opened.keptAt)}</Alert.Title>
          <Alert.Description>
            <Text>
              The numbers may have changed since.{" "}
              <Link asChild colorPalette="teal">
                <PageLink to={live(opened, opened.question)}>Ask it anew</PageLink>
              </Link>
            </Text>
          </Alert.Description>
        </Alert.Content>
      </Alert.Root>
      <AnswerView answer={opened.answer} onAsk={(question) => void go(live(opened, question))} />
    </Stack>
  );
}

function live(opened: Opened, question: string) {
  return `/ask?${new URLSearchParams({ model: opened.model, q: question }).toString()}`;
}

const moment = (at: string) =>
  new Intl.DateTimeFormat("en-GB", { dateStyle: "long", timeStyle: "short" }).format(new Date(at));
