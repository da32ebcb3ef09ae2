import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback } from "react";
import { useParams, useSearchParams } from "react-router";
import { authoring, RestError, type Draft, type Edit } from "../rest/client";

const keyOf = (model: string) => ["draft", model];

/** The draft of a model and what changes it. */
export interface DraftHold {
  draft: Draft;
  /** Makes edits; nothing is overwritten that was not seen. */
  edit: (...edits: Edit[]) => void;
  /** The same, for those who wait for it. */
  editing: (...edits: Edit[]) => Promise<Draft>;
  judge: (keep: boolean, paths?: string[]) => void;
  isSaving: boolean;
  error: Error | null;
  /** Whether someone else was faster; the draft that is shown is theirs. */
  wasLate: boolean;
}

/** The models that can be edited, and the one that the address names, or else the first. */
export function useDraftChoice() {
  const [address, setAddress] = useSearchParams();
  const models = useQuery({ queryKey: ["editable"], queryFn: editable });
  const chosen = address.get("model") ?? models.data?.[0];
  return { models, chosen, choose: (name: string) => setAddress({ model: name }) };
}

async function editable() {
  const [published, drafts] = await Promise.all([authoring.published(), authoring.drafts()]);
  return [...new Set([...published.map((m) => m.name), ...drafts.map((d) => d.model)])].sort();
}

export function useDraft(model: string | undefined) {
  return useQuery({
    queryKey: keyOf(model ?? ""),
    queryFn: () => authoring.draft(model ?? ""),
    enabled: model !== undefined,
  });
}

/** Changes a draft that is loaded. */
export function useDraftHold(draft: Draft): DraftHold {
  const queries = useQueryClient();
  const key = keyOf(draft.model);
  const settle = {
    onSuccess: (changed: Draft) => {
      queries.setQueryData(key, changed);
      void queries.invalidateQueries({ queryKey: ["changes", draft.model] });
    },
    onError: (error: Error) => {
      if (isLate(error)) void queries.invalidateQueries({ queryKey: key });
    },
  };
  // Edits wait for one another, so that each knows the revision of the one before.
  const scope = { id: `draft-${draft.model}` };
  const revision = () => queries.getQueryData<Draft>(key)?.revision ?? draft.revision;
  const edits = useMutation({
    scope,
    mutationFn: (made: Edit[]) => authoring.edit(draft.model, revision(), made),
    ...settle,
  });
  const judgement = useMutation({
    scope,
    mutationFn: ({ keep, paths }: { keep: boolean; paths?: string[] }) =>
      authoring.judge(draft.model, revision(), keep, paths),
    ...settle,
  });
  const { mutate, mutateAsync } = edits;
  const error = edits.error ?? judgement.error;
  return {
    draft,
    edit: useCallback((...made: Edit[]) => mutate(made), [mutate]),
    editing: useCallback((...made: Edit[]) => mutateAsync(made), [mutateAsync]),
    judge: (keep, paths) => judgement.mutate({ keep, paths }),
    isSaving: edits.isPending || judgement.isPending,
    error,
    wasLate: isLate(error),
  };
}

function isLate(error: Error | null) {
  return error instanceof RestError && error.status === 409;
}

/** The section of the draft's pages that the address names, and addresses of others. */
export function useSection() {
  const { section = "overview", item } = useParams();
  const [address] = useSearchParams();
  const model = address.get("model");
  const to = (other: string, otherItem?: string) =>
    `/draft/${other}${otherItem ? `/${encodeURIComponent(otherItem)}` : ""}` +
    (model ? `?model=${encodeURIComponent(model)}` : "");
  return { section, item, to };
}
