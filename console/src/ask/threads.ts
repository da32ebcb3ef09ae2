import { useQuery } from "@tanstack/react-query";
import { rest } from "../rest/client";

/** A thread with its questions. */
export function useThread(thread: string | undefined) {
  return useQuery({
    queryKey: ["thread", thread],
    queryFn: () => rest.thread(thread ?? ""),
    enabled: thread !== undefined,
    retry: false,
  });
}
