import createClient from "openapi-fetch";

import type { components, paths } from "./schema";

export type Schemas = components["schemas"];
export type Draft = Schemas["DraftOut"];
export type Document = Draft["document"];
export type Act = NonNullable<Schemas["ActsIn"]["acts"]>[number];
export type MatesName = Draft["mates"][number]["name"];
export type Block = Schemas["BlockOut"];
export type Faults = Schemas["FaultsOut"];
export type Point = [string, string];

/** The server said no, and why. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly faults: Faults,
  ) {
    super(faults.faults.map((fault) => (fault.place ? `${fault.place}: ${fault.message}` : fault.message)).join("\n"));
  }
}

/** The server could not be reached. */
export class Unreachable extends Error {
  constructor() {
    super("Yonk's server does not answer.");
  }
}

export const client = createClient<paths>({ baseUrl: "/" });

interface Answer {
  data?: unknown;
  error?: unknown;
  response: Response;
}

/** The data of an answer; throws `Refused` or `Unreachable`. */
export async function settled<T>(asked: Promise<Answer>): Promise<T> {
  let answer: Answer;
  try {
    answer = await asked;
  } catch {
    throw new Unreachable();
  }
  if (answer.response.ok) return answer.data as T;
  const faults = answer.error as Faults | undefined;
  if (faults && Array.isArray(faults.faults)) throw new Refused(answer.response.status, faults);
  throw new Unreachable();
}

/** Asks for a file of a draft and hands it to the browser's downloads. */
export async function download(path: string, document: Document): Promise<void> {
  await saveAnswer(path, { document });
}

/** Asks for a file and hands it to the browser's downloads. */
export async function saveAnswer(path: string, body: object): Promise<void> {
  let response: Response;
  try {
    response = await fetch(path, {
      method: "POST",
      headers: { "Content-Type": "application/json" },
      body: JSON.stringify(body),
    });
  } catch {
    throw new Unreachable();
  }
  if (!response.ok) throw new Refused(response.status, (await response.json()) as Faults);
  const name = /filename\*=UTF-8''(.+)$/.exec(response.headers.get("Content-Disposition") ?? "")?.[1];
  const link = window.document.createElement("a");
  link.href = URL.createObjectURL(await response.blob());
  link.download = decodeURIComponent(name ?? "yonk");
  link.click();
  URL.revokeObjectURL(link.href);
}
