import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useDraft } from "../draft/useDraft";
import { authoring, type Draft, type Edit } from "../rest/client";

const BETWEEN_LOOKS_MILLISECONDS = 300;

/** Tries a mend of a gap, or makes it in the draft, and follows how its questions are read anew. */
export function useMend(model: string, key: string, edits: (draft: Draft) => Edit[]) {
  const queries = useQueryClient();
  const draft = useDraft(model);
  const [id, setId] = useState<string>();
  const mend = useMutation({
    mutationFn: async (keep: boolean) => {
      const now = draft.data ?? (await draft.refetch({ throwOnError: true })).data;
      if (!now) throw new Error("The draft cannot be loaded. Try again.");
      return authoring.mendGap(model, key, now.revision, edits(now), keep);
    },
    onSuccess: async (started, keep) => {
      setId(started.job.id);
      if (keep) {
        await queries.invalidateQueries({ queryKey: ["draft", model] });
        await queries.invalidateQueries({ queryKey: ["gaps", model] });
      }
    },
  });
  const result = useQuery({
    queryKey: ["mend", id],
    queryFn: () => authoring.mend(id ?? ""),
    enabled: id !== undefined,
    refetchInterval: (query) =>
      query.state.data?.job.state === "running" ? BETWEEN_LOOKS_MILLISECONDS : false,
  });
  return { draft, mend, result };
}
