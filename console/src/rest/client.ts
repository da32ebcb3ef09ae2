import { createParser } from "eventsource-parser";
import type { components } from "./schema";

type Schemas = components["schemas"];
export type Answer = Schemas["AnswerPart"];
export type AnswerColumn = Schemas["AnswerColumn"];
export type WordPart = Schemas["WordPart"];
export type ModelPage = Schemas["ModelPage"];
export type ModelLine = Schemas["ModelLine"];
export type Who = Schemas["Who"];
export type Thread = Schemas["ThreadPart"];
export type Typing = Schemas["TypingPart"];
export type Option = Schemas["Option"];

/** Where a question stands: in a thread, or at the start of a new one. */
export interface Place {
  thread?: string;
  after?: string;
  /** Whether it is a whole question even if it could lean on the one before. */
  whole?: boolean;
}

function asked(question: string, { thread, after, whole }: Place) {
  return { question, thread: { id: thread, after }, byItself: whole === true };
}

/** A problem document (RFC 9457) of the service, or no answer at all. */
export class RestError extends Error {
  constructor(
    readonly status: number,
    message: string,
  ) {
    super(message);
  }
}

function csrfToken(): string {
  const cookie = document.cookie.split("; ").find((c) => c.startsWith("XSRF-TOKEN="));
  return cookie ? decodeURIComponent(cookie.slice("XSRF-TOKEN=".length)) : "";
}

async function request(
  method: string,
  path: string,
  accept: string,
  body?: unknown,
  signal?: AbortSignal,
) {
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      signal,
      credentials: "same-origin",
      headers: {
        Accept: accept,
        ...(body === undefined ? {} : { "Content-Type": "application/json" }),
        ...(method === "GET" ? {} : { "X-XSRF-TOKEN": csrfToken() }),
      },
      body: body === undefined ? undefined : JSON.stringify(body),
    });
  } catch (e) {
    if (signal?.aborted) throw e;
    throw new RestError(0, NO_NETWORK);
  }
  if (!response.ok) {
    throw failure(response.status, await response.text());
  }
  return response;
}

const NO_NETWORK = "The service cannot be reached. Check the network, then try again.";

function failure(status: number, text: string) {
  let detail: string | undefined;
  try {
    detail = (JSON.parse(text) as { detail?: string }).detail;
  } catch {
    // Something between here and the service answered in its own way.
  }
  return new RestError(status, detail ?? "The service refused the request.");
}

async function send<T>(method: string, path: string, body?: unknown, signal?: AbortSignal) {
  const accept = "application/json, application/problem+json";
  const response = await request(method, path, accept, body, signal);
  const text = await response.text();
  return (text === "" ? undefined : JSON.parse(text)) as T;
}

/** How far a question has come, before its answer. */
export interface AskProgress {
  reading?: Answer;
  stage: "reading" | "in_line" | "computing";
  milliseconds: number;
}

/**
 * Asks, and tells how far the question has come. Aborting stops it in the warehouse too.
 */
async function ask(
  model: string,
  question: string,
  place: Place,
  signal?: AbortSignal,
  onProgress?: (progress: AskProgress) => void,
): Promise<Answer> {
  const path = `/api/models/${encodeURIComponent(model)}/ask/events`;
  const accept = "text/event-stream, application/problem+json";
  const response = await request("POST", path, accept, asked(question, place), signal);
  let progress: AskProgress = { stage: "reading", milliseconds: 0 };
  let answer: Answer | undefined;
  const parser = createParser({
    onEvent: ({ event, data }) => {
      if (event === "answer") {
        answer = JSON.parse(data) as Answer;
      } else if (event === "problem") {
        throw failure((JSON.parse(data) as { status: number }).status, data);
      } else {
        progress =
          event === "reading"
            ? { ...progress, reading: JSON.parse(data) as Answer }
            : { ...progress, ...(JSON.parse(data) as AskProgress) };
        onProgress?.(progress);
      }
    },
  });
  const decoder = new TextDecoder();
  const chunks = response.body?.getReader();
  for (let chunk = await chunks?.read(); chunk && !chunk.done; chunk = await chunks?.read()) {
    parser.feed(decoder.decode(chunk.value, { stream: true }));
  }
  if (!answer) {
    throw new RestError(0, "The service ended the answer early. Try again.");
  }
  return answer;
}

/** Formats in which the rows of an answer can be taken along. */
export const FORMATS = {
  csv: "text/csv",
  xlsx: "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet",
  json: "application/json",
};

/** All rows of an answer as a file, and the name that the service gives it. */
async function rows(model: string, question: string, format: keyof typeof FORMATS) {
  const accept = `${FORMATS[format]}, application/problem+json`;
  const path = `${of(model)}/rows`;
  const response = await request("POST", path, accept, { question, byItself: true });
  const name = /filename="?([^";]+)/.exec(response.headers.get("Content-Disposition") ?? "");
  return { name: name?.[1] ?? `answer.${format}`, blob: await response.blob() };
}

const of = (model: string) => `/api/models/${encodeURIComponent(model)}`;

export const rest = {
  who: () => send<Who>("GET", "/api/session"),
  signIn: (name: string, password: string) => send<Who>("POST", "/api/session", { name, password }),
  signOut: () => send<undefined>("DELETE", "/api/session"),
  models: () => send<ModelLine[]>("GET", "/api/models"),
  model: (name: string) => send<ModelPage>("GET", `/api/models/${encodeURIComponent(name)}`),
  ask,
  rows,
  typing: (model: string, question: string, place: Place, signal?: AbortSignal) =>
    send<Typing>("POST", `${of(model)}/typing`, asked(question, place), signal),
  options: (model: string, question: string, part?: number) =>
    send<Option[]>("POST", `${of(model)}/options`, { question, part }),
  threads: (model: string, words: string) =>
    send<Thread[]>("GET", `${of(model)}/threads?words=${encodeURIComponent(words)}`),
  thread: (id: string) => send<Thread>("GET", `/api/threads/${id}`),
  renameThread: (id: string, title: string) =>
    send<Thread>("PATCH", `/api/threads/${id}`, { title }),
  deleteThread: (id: string) => send<undefined>("DELETE", `/api/threads/${id}`),
  askAgain: (thread: string, turn: string, signal?: AbortSignal) =>
    send<Answer>("POST", `/api/threads/${thread}/turns/${turn}/ask`, undefined, signal),
};
