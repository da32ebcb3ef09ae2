import { Alert, Link, Skeleton, Stack, Text } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { Link as PageLink, useNavigate, useParams } from "react-router";
import { rest } from "../rest/client";
import { Failure } from "../shell/Failure";
import { AnswerView } from "./AnswerView";
import { addressOf } from "./place";

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
                <PageLink to={addressOf(opened.model, opened.question)}>Ask it anew</PageLink>
              </Link>
            </Text>
          </Alert.Description>
        </Alert.Content>
      </Alert.Root>
      <AnswerView
        answer={opened.answer}
        onAsk={(question) => void go(addressOf(opened.model, question))}
      />
    </Stack>
  );
}

const moment = (at: string) =>
  new Date(at).toLocaleString("en-GB", { dateStyle: "long", timeStyle: "short" });
