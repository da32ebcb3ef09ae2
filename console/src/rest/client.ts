import type { components } from "./schema";

type Schemas = components["schemas"];
export type Answer = Schemas["AnswerPart"];
export type AnswerColumn = Schemas["AnswerColumn"];
export type WordPart = Schemas["WordPart"];
export type ModelPage = Schemas["ModelPage"];
export type ModelLine = Schemas["ModelLine"];
export type Who = Schemas["Who"];

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

async function send<T>(method: string, path: string, body?: unknown, signal?: AbortSignal) {
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      signal,
      credentials: "same-origin",
      headers: {
        Accept: "application/json, application/problem+json",
        ...(body === undefined ? {} : { "Content-Type": "application/json" }),
        ...(method === "GET" ? {} : { "X-XSRF-TOKEN": csrfToken() }),
      },
      body: body === undefined ? undefined : JSON.stringify(body),
    });
  } catch (e) {
    if (signal?.aborted) throw e;
    throw new RestError(0, "The service cannot be reached. Check the network, then try again.");
  }
  const text = await response.text();
  const json: unknown = text === "" ? undefined : JSON.parse(text);
  if (!response.ok) {
    const detail = (json as { detail?: string } | undefined)?.detail;
    throw new RestError(response.status, detail ?? "The service refused the request.");
  }
  return json as T;
}

export const rest = {
  who: () => send<Who>("GET", "/api/session"),
  signIn: (name: string, password: string) => send<Who>("POST", "/api/session", { name, password }),
  signOut: () => send<undefined>("DELETE", "/api/session"),
  models: () => send<ModelLine[]>("GET", "/api/models"),
  model: (name: string) => send<ModelPage>("GET", `/api/models/${encodeURIComponent(name)}`),
  ask: (model: string, question: string, signal?: AbortSignal) =>
    send<Answer>("POST", `/api/models/${encodeURIComponent(model)}/ask`, { question }, signal),
};
