// Keeps the pages of Yonk in the browser, so that they open while its server is away. What the server answers is kept by
// the pages themselves. The list of files is put in when the program is built, which makes each build a worker of its own.

interface WorkerEvent extends Event {
  waitUntil: (work: Promise<unknown>) => void;
}
interface FetchEvent extends WorkerEvent {
  request: Request;
  respondWith: (answer: Promise<Response>) => void;
}
interface Worker {
  addEventListener: ((name: "install" | "activate", on: (event: WorkerEvent) => void) => void) &
    ((name: "fetch", on: (event: FetchEvent) => void) => void);
  skipWaiting: () => Promise<void>;
  clients: { claim: () => Promise<void> };
}

const FILES = JSON.parse("__FILES__") as { build: string; names: string[] };
const worker = self as unknown as Worker;
const NAME = `yonk-${FILES.build}`;
const PAGE = "/";

worker.addEventListener("install", (event) => {
  event.waitUntil(
    caches
      .open(NAME)
      .then((cache) => cache.addAll([PAGE, ...FILES.names.map((name) => `/${name}`)]))
      .then(() => worker.skipWaiting()),
  );
});

worker.addEventListener("activate", (event) => {
  event.waitUntil(
    caches
      .keys()
      .then((names) => Promise.all(names.filter((name) => name !== NAME).map((name) => caches.delete(name))))
      .then(() => worker.clients.claim()),
  );
});

worker.addEventListener("fetch", (event) => {
  const { request } = event;
  const { pathname, origin } = new URL(request.url);
  if (request.method !== "GET" || origin !== location.origin || pathname.startsWith("/api/")) return;
  if (pathname.startsWith("/assets/")) event.respondWith(kept(request).then((found) => found ?? fetch(request)));
  else if (request.mode === "navigate") event.respondWith(fetch(request).catch(() => orPage()));
});

function kept(request: Request | string): Promise<Response | undefined> {
  return caches.open(NAME).then((cache) => cache.match(request));
}

/** Every address is one page; where that is not kept nothing answers. */
async function orPage(): Promise<Response> {
  return (await kept(PAGE)) ?? Response.error();
}

export {};
