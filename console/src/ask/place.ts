import { useCallback } from "react";
import { useSearchParams } from "react-router";
import type { Place } from "../rest/client";

/** Where the page is, as the address says it: what is asked, and where in which thread. */
export interface Here extends Place {
  model?: string;
  question: string;
  /** The turn whose answer is shown; none while a question is being asked. */
  turn?: string;
}

/** The page's address for a question that stands by itself. */
export function addressOf(model: string, question: string) {
  return `/ask?${new URLSearchParams({ model, q: question }).toString()}`;
}

/**
 * Where the page is, and how it goes elsewhere: as people want it, or by itself, in place of the
 * address that it has.
 */
export function useHere() {
  const [address, setAddress] = useSearchParams();
  const here: Here = {
    model: address.get("model") ?? undefined,
    question: address.get("q") ?? "",
    thread: address.get("thread") ?? undefined,
    after: address.get("after") ?? undefined,
    turn: address.get("turn") ?? undefined,
    whole: address.get("whole") === "yes",
    chosenFor: address.get("for") ?? undefined,
  };
  const go = useCallback(
    (to: Here, replace = false) => {
      // Whoever asked on meanwhile is not taken back by what was on its way.
      if (replace && !isStill(address)) return;
      const said: Record<string, string | undefined> = {
        model: to.model,
        q: to.question,
        thread: to.thread,
        after: to.after,
        turn: to.turn,
        whole: to.whole ? "yes" : undefined,
        for: to.chosenFor,
      };
      const kept = Object.entries(said).filter((e): e is [string, string] => Boolean(e[1]));
      setAddress(Object.fromEntries(kept), { replace });
    },
    [address, setAddress],
  );
  return { here, go };
}

/** Whether the browser is still where the page was drawn for; the page follows a little later. */
function isStill(drawn: URLSearchParams) {
  return new URLSearchParams(window.location.search).toString() === drawn.toString();
}
