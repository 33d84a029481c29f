import createClient from "openapi-fetch";

import { say } from "../language/say";
import type { components, paths } from "./schema";

export type Schemas = components["schemas"];
export type Draft = Schemas["DraftOut"];
export type Document = Draft["document"];
export type Act = NonNullable<Schemas["ActsIn"]["acts"]>[number];
export type MatesName = Draft["mates"][number]["name"];
export type Block = Schemas["BlockOut"];
export type Faults = Schemas["FaultsOut"];
export type Point = [string, string];

/** The addresses that answer with a file to be taken along, and what each is asked with. */
export type FilePath = Extract<keyof paths, `/api/files/${string}` | `/api/finder/${string}.csv`>;
export type AskedWith<P extends FilePath> = paths[P]["post"]["requestBody"]["content"]["application/json"];

/** The server said no, and why. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly faults: Faults,
  ) {
    super(faults.faults.map((fault) => (fault.where ? `${fault.where}: ${fault.message}` : fault.message)).join("\n"));
  }
}

const signedOut = new Set<() => void>();

/** Has something done whenever the server says that nobody is signed in; gives back how that ends. */
export function onSignedOut(done: () => void): () => void {
  signedOut.add(done);
  return () => void signedOut.delete(done);
}

/** The server could not be reached. */
export class Unreachable extends Error {
  constructor() {
    super(say("api-yonks-server-does-not-answer"));
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
  return (await arrived(asked)).data as T;
}

async function arrived(asked: Promise<Answer>): Promise<Answer> {
  let answer: Answer;
  try {
    answer = await asked;
  } catch {
    throw new Unreachable();
  }
  if (answer.response.ok) return answer;
  const faults = answer.error as Faults | undefined;
  if (answer.response.status === 401) for (const done of signedOut) done();
  if (faults && Array.isArray(faults.faults)) throw new Refused(answer.response.status, faults);
  throw new Unreachable();
}

/** Whether it is to be tried again as it is: nothing answers, or she is signed out and will be back. */
export function isForLater(reason: unknown): boolean {
  return reason instanceof Unreachable || (reason instanceof Refused && reason.status === 401);
}

/** A file that is sent as it is, in place of what is written as JSON. */
export const asItIs = (file: File) => ({
  body: file as never,
  bodySerializer: (body: unknown) => body as File,
  headers: { "Content-Type": file.type || "application/octet-stream" },
});

/** What went wrong, in a sentence. */
export function words(reason: unknown): string {
  return reason instanceof Error ? reason.message : String(reason);
}

/** The faults of what was refused, by their places; one without a place where nothing answered. */
export function faultsOf(reason: unknown): Faults["faults"] {
  return reason instanceof Refused ? reason.faults.faults : [{ place: "", where: "", message: words(reason) }];
}

/** A file of the server and the name it has. */
export async function file<P extends FilePath>(path: P, body: AskedWith<P>): Promise<{ name: string; content: Blob }> {
  // one address stands for all: their bodies differ, and `body` is checked against its own above
  const one = path as "/api/files/cutting.csv";
  const answer = await arrived(client.POST(one, { body: body as AskedWith<typeof one>, parseAs: "blob" }));
  const name = /filename\*=UTF-8''(.+)$/.exec(answer.response.headers.get("Content-Disposition") ?? "")?.[1];
  return { name: decodeURIComponent(name ?? "yonk"), content: answer.data as Blob };
}

/** Asks for a file and hands it to the browser's downloads. */
export async function download<P extends FilePath>(path: P, body: AskedWith<P>): Promise<void> {
  const { name, content } = await file(path, body);
  handOver(name, URL.createObjectURL(content));
}

/** Asks for one of the files of a menu: its address came from the server, which checks what is asked. */
export function takeAlong(path: string, asked: object): Promise<void> {
  const one = path as "/api/files/cutting.csv";
  return download(one, asked as AskedWith<typeof one>);
}

/** Hands what an address stands for to the browser's downloads. */
export function handOver(name: string, address: string): void {
  const link = window.document.createElement("a");
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
}
