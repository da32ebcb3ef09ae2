import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { rest, type Who } from "../rest/client";

const WHO = ["who"];

/** Who is signed in; fails with status 401 when nobody is. */
export function useWho() {
  return useQuery({ queryKey: WHO, queryFn: rest.who, staleTime: Infinity });
}

/** Whether someone may change models. */
export function isAuthor(who: Who) {
  return who.role !== "asker";
}

/** Whether someone looks after accounts, sources and the log. */
export function isSteward(who: Who) {
  return who.role === "steward";
}

export function useSignIn() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ name, password }: { name: string; password: string }) =>
      rest.signIn(name, password),
    onSuccess: (who) => queries.setQueryData(WHO, who),
  });
}

/** Signs out and forgets everything that was shown. */
export function useSignOut() {
  return useMutation({
    mutationFn: rest.signOut,
    onSettled: () => window.location.assign("/"),
  });
}
