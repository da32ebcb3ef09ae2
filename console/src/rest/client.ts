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
export type Kept = Schemas["KeptPart"];
export type Opened = Schemas["OpenedPart"];
export type NextQuestion = Schemas["Next"];
export type Draft = Schemas["DraftPart"];
export type DraftLine = Schemas["DraftLine"];
export type Table = Schemas["Table"];
export type Column = Schemas["Column"];
export type Metric = Schemas["Metric"];
export type SampleQuestion = Schemas["SampleQuestion"];
export type Fault = Schemas["FaultPart"];
export type Proposal = Schemas["ProposalPart"];
export type Change = Schemas["Change"];
export type SideBySide = Schemas["SideBySide"];
export type MetricFromWords = Schemas["WordedMetric"];
export type Correction = Schemas["Correction"];
export type WordsRead = Schemas["WordsRead"];
export type Rehearsal = Schemas["RehearsalPart"];
export type Job = Schemas["JobPart"];
export type EditionLine = Schemas["EditionLine"];
export type NewEdition = Schemas["NewEdition"];
export type Source = Schemas["Described"];
export type Schema = Schemas["Schema"];
export type SurveyPart = Schemas["SurveyPart"];
export type Upload = Schemas["UploadPart"];
export type UploadLine = Schemas["UploadLine"];
export type FileColumn = Schemas["ColumnForm"];
export type Said = Schemas["SaidRequest"];
export type Gap = Schemas["GapPart"];
export type Mend = Schemas["MendPart"];
export type Logged = Schemas["LoggedPart"];
export type LogRules = Schemas["RulesPart"];
export type Verdict = Schemas["VerdictRequest"];
export type News = Schemas["NewsPart"];
export type Item = Schemas["Item"];
export type Health = Schemas["HealthPart"];
export type Account = Schemas["AccountPart"];
export type AccountDetails = Schemas["AccountDetails"];
export type MadePassword = Schemas["MadePassword"];
export type OwnWord = Schemas["OwnWordPart"];

/** One change of a draft's files; without a value and a new name, the place is removed. */
export interface Edit {
  file: string;
  path: string[];
  value?: unknown;
  rename?: string;
}

/** Where a question stands: in a thread, or at the start of a new one. */
export interface Place {
  thread?: string;
  after?: string;
  /** Whether it is a whole question even if it could lean on the one before. */
  whole?: boolean;
  /** The logged question that was asked back, when this is what was chosen. */
  chosenFor?: string;
}

function asked(question: string, { thread, after, whole, chosenFor }: Place) {
  return { question, thread: { id: thread, after }, byItself: whole === true, chosenFor };
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
  parquet: "application/vnd.apache.parquet",
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

/** All rows of an answer, each with its cells in the order of the columns. */
async function allRows(model: string, question: string): Promise<unknown[][]> {
  const body = { question, byItself: true };
  const found = await send<Record<string, unknown>[]>("POST", `${of(model)}/rows`, body);
  return found.map((row) => Object.values(row));
}

/** Sends a file, telling how much of it went; `fetch` cannot tell. */
function bring(source: string, file: File, onProgress: (share: number) => void) {
  return new Promise<Upload>((resolve, reject) => {
    const request = new XMLHttpRequest();
    request.open("POST", `${ofSource(source)}/uploads?file=${encodeURIComponent(file.name)}`);
    request.setRequestHeader("Accept", "application/json, application/problem+json");
    request.setRequestHeader("Content-Type", "application/octet-stream");
    request.setRequestHeader("X-XSRF-TOKEN", csrfToken());
    request.upload.onprogress = (e) => onProgress(e.total > 0 ? e.loaded / e.total : 0);
    request.onerror = () => reject(new RestError(0, NO_NETWORK));
    request.onload = () =>
      request.status < 400
        ? resolve(JSON.parse(request.responseText) as Upload)
        : reject(failure(request.status, request.responseText));
    request.send(file);
  });
}

const of = (model: string) => `/api/models/${encodeURIComponent(model)}`;
const ofSource = (source: string) => `/api/sources/${encodeURIComponent(source)}`;

export const rest = {
  who: () => send<Who>("GET", "/api/session"),
  signIn: (name: string, password: string) => send<Who>("POST", "/api/session", { name, password }),
  signOut: () => send<undefined>("DELETE", "/api/session"),
  models: () => send<ModelLine[]>("GET", "/api/models"),
  model: (name: string) => send<ModelPage>("GET", `/api/models/${encodeURIComponent(name)}`),
  ask,
  rows,
  allRows,
  /** Answers a whole question that belongs to no thread. */
  answer: (model: string, question: string) =>
    send<Answer>("POST", `${of(model)}/ask`, { question, byItself: true }),
  typing: (
    model: string,
    question: string,
    place: Place,
    completions: boolean,
    signal?: AbortSignal,
  ) =>
    send<Typing>(
      "POST",
      `${of(model)}/typing?completions=${completions}`,
      asked(question, place),
      signal,
    ),
  behind: (model: string, question: string, only: string[]) =>
    send<NextQuestion[]>("POST", `${of(model)}/behind`, { question, only }),
  options: (model: string, question: string, part: number | undefined, words: string) =>
    send<Option[]>("POST", `${of(model)}/options`, { question, part, words }),
  threads: (model: string, words: string) =>
    send<Thread[]>("GET", `${of(model)}/threads?words=${encodeURIComponent(words)}`),
  thread: (id: string) => send<Thread>("GET", `/api/threads/${id}`),
  renameThread: (id: string, title: string) =>
    send<Thread>("PATCH", `/api/threads/${id}`, { title }),
  deleteThread: (id: string) => send<undefined>("DELETE", `/api/threads/${id}`),
  judge: (logged: string, verdict: Partial<Verdict>) =>
    send<undefined>("PUT", `/api/questions/${logged}/verdict`, verdict),
  askAuthor: (logged: string, words: string) =>
    send<undefined>("POST", `/api/questions/${logged}/for-author`, { words }),
  ownQuestions: () => send<Logged[]>("GET", "/api/me/questions"),
  deleteOwnQuestion: (id: string) => send<undefined>("DELETE", `/api/me/questions/${id}`),
  deleteOwnQuestions: () => send<{ questions: number }>("DELETE", "/api/me/questions"),
  items: (model: string, words: string) =>
    send<Item[]>("GET", `${of(model)}/items?words=${encodeURIComponent(words)}`),
  means: (model: string, words: string, item: string) =>
    send<OwnWord>("PUT", `${of(model)}/own-words`, { words, item }),
  keepAnswer: (model: string, question: string) =>
    send<Kept>("POST", `${of(model)}/kept`, { question }),
  keptAnswer: (id: string) => send<Opened>("GET", `/api/kept/${id}`),
  keptAnswers: () => send<Kept[]>("GET", "/api/me/kept"),
  forgetKeptAnswer: (id: string) => send<undefined>("DELETE", `/api/me/kept/${id}`),
  ownWords: () => send<OwnWord[]>("GET", "/api/me/words"),
  forgetOwnWord: (id: string) => send<undefined>("DELETE", `/api/me/words/${id}`),
  news: () => send<News[]>("GET", "/api/me/news"),
  putNewsAway: (id: string) => send<undefined>("DELETE", `/api/me/news/${id}`),
  logRules: () => send<LogRules>("GET", "/api/log/rules"),
  changeLogRules: (people: LogRules["people"], keepDays: number) =>
    send<LogRules>("PUT", "/api/log/rules", { people, keepDays }),
  changePassword: (old: string, password: string) =>
    send<undefined>("PUT", "/api/me/password", { old, password }),
  askAgain: (thread: string, turn: string, signal?: AbortSignal) =>
    send<Answer>("POST", `/api/threads/${thread}/turns/${turn}/ask`, undefined, signal),
};

/** What authors use: drafts, rehearsals, editions, sources. */
export const authoring = {
  published: () => send<ModelLine[]>("GET", "/api/models"),
  drafts: () => send<DraftLine[]>("GET", "/api/drafts"),
  draft: (model: string) => send<Draft>("GET", `${of(model)}/draft`),
  edit: (model: string, revision: number, edits: Edit[]) =>
    send<Draft>("PATCH", `${of(model)}/draft`, { revision, edits }),
  discard: (model: string) => send<undefined>("DELETE", `${of(model)}/draft`),
  judge: (model: string, revision: number, keep: boolean, paths?: string[]) =>
    send<Draft>("POST", `${of(model)}/draft/proposals`, { revision, keep, paths }),
  changes: (model: string) => send<Change[]>("GET", `${of(model)}/draft/changes`),
  askBoth: (model: string, question: string) =>
    send<SideBySide>("POST", `${of(model)}/draft/ask`, { question }),
  read: (model: string, question: string, signal?: AbortSignal) =>
    send<Answer>("POST", `${of(model)}/draft/read`, { question }, signal),
  metric: (model: string, name: string, words: string) =>
    send<MetricFromWords>("POST", `${of(model)}/draft/metric`, { name, words }),
  correct: (model: string, question: string, meant: { means?: string; sql?: string }) =>
    send<Correction>("POST", `${of(model)}/draft/correction`, { question, ...meant }),
  readWords: (model: string, name: string, text: string) =>
    send<WordsRead>("POST", `${of(model)}/draft/words`, { name, text }),
  wordsAddress: (model: string, form: "csv" | "ttl") => `${of(model)}/draft/words.${form}`,
  rehearse: (model: string) => send<Rehearsal>("POST", `${of(model)}/rehearsals`),
  rehearsal: (id: string) => send<Rehearsal>("GET", `/api/rehearsals/${id}`),
  newestRehearsal: (model: string) => send<Rehearsal[]>("GET", `${of(model)}/rehearsals`),
  publish: (model: string, revision: number, note: string, overrule: string) =>
    send<NewEdition>("POST", `${of(model)}/editions`, { revision, note, overrule }),
  editions: (model: string) => send<EditionLine[]>("GET", `${of(model)}/editions`),
  editionChanges: (model: string, number: number) =>
    send<Change[]>("GET", `${of(model)}/editions/${number}/changes`),
  back: (model: string, number: number) =>
    send<NewEdition>("POST", `${of(model)}/editions/${number}/back`),
  health: (model: string) => send<Health>("GET", `${of(model)}/health`),
  checkHealth: (model: string) => send<Job>("POST", `${of(model)}/health`),
  unused: (model: string) => send<Schemas["UnusedPart"]>("GET", `${of(model)}/unused`),
  log: (model: string, days: number) => send<Logged[]>("GET", `${of(model)}/log?days=${days}`),
  gaps: (model: string) => send<Gap[]>("GET", `${of(model)}/gaps`),
  decideGap: (model: string, decision: object) =>
    send<undefined>("PUT", `${of(model)}/gaps/decision`, decision),
  mendGap: (model: string, key: string, revision: number, edits: Edit[], keep: boolean) =>
    send<Mend>("POST", `${of(model)}/gaps/mend`, { key, revision, edits, keep }),
  mend: (id: string) => send<Mend>("GET", `/api/mends/${id}`),
  sources: () => send<Source[]>("GET", "/api/sources"),
  schemas: (source: string) => send<Schema[]>("GET", `${ofSource(source)}/schemas`),
  startSurvey: (source: string, schemas: string[]) =>
    send<Job>("POST", `${ofSource(source)}/surveys`, { schemas }),
  survey: (id: string) => send<SurveyPart>("GET", `/api/surveys/${id}`),
  stopSurvey: (id: string) => send<undefined>("DELETE", `/api/surveys/${id}`),
  uploads: (source: string) => send<UploadLine[]>("GET", `${ofSource(source)}/uploads`),
  bring,
  upload: (id: string) => send<Upload>("GET", `/api/uploads/${id}`),
  sayOfUpload: (id: string, said: Partial<Said>) =>
    send<Upload>("PUT", `/api/uploads/${id}/reading`, said),
  makeTable: (id: string, table: string, replace: boolean) =>
    send<Upload>("POST", `/api/uploads/${id}/table`, { table, replace }),
  forgetUpload: (id: string, table: boolean) =>
    send<undefined>("DELETE", `/api/uploads/${id}?table=${table}`),
  asideAddress: (id: string) => `/api/uploads/${id}/aside`,
  growDraft: (model: string, survey: string) =>
    send<Draft>("POST", `${of(model)}/draft/tables`, { survey }),
  draftFrom: (model: string, survey: string) =>
    send<Draft>("POST", "/api/drafts", { model, survey }),
};

const ofAccount = (name: string) => `/api/accounts/${encodeURIComponent(name)}`;

/** What stewards use to look after accounts. */
export const accounts = {
  all: () => send<Account[]>("GET", "/api/accounts"),
  add: (name: string, details: AccountDetails) =>
    send<MadePassword>("POST", "/api/accounts", { name, details }),
  change: (name: string, details: AccountDetails) => send<Account>("PUT", ofAccount(name), details),
  newPassword: (name: string) => send<MadePassword>("POST", `${ofAccount(name)}/password`, {}),
  remove: (name: string) => send<undefined>("DELETE", ofAccount(name)),
};
