"use client";

/** Whether a newer build is there: none; waiting to be let in; or let in, in another tab, while this page is of the old one. */
export type NewVersionState = "none" | "waiting" | "in-force";

let state: NewVersionState = "none";
let waiting: ServiceWorker | null = null;
/** This tab let the new build in, and comes back as a page of it. */
let isChangingOver = false;
const listeners = new Set<() => void>();

export const newVersion = (): NewVersionState => state;
export function subscribeVersion(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}
function setState(next: NewVersionState): void {
  state = next;
  listeners.forEach((listener) => listener());
}

/** How often an open page asks whether there is a newer build [ms]. */
const ASK_EVERY_MS = 30 * 60_000;

/** Watches for newer builds; returns how to stop. */
export function watchVersions(container: ServiceWorkerContainer): () => void {
  // Without one, the first worker takes this page over: that is no new version.
  let hadWorker = container.controller !== null;
  const onChange = (): void => {
    if (isChangingOver) window.location.reload();
    else if (hadWorker) setState("in-force");
    hadWorker = true;
  };
  container.addEventListener("controllerchange", onChange);
  const onWaiting = (worker: ServiceWorker): void => {
    if (container.controller === null) return;
    waiting = worker;
    setState("waiting");
  };
  let timer: ReturnType<typeof setInterval> | undefined;
  container.register("/serwist/sw.js", { scope: "/", updateViaCache: "none" }).then(
    (registration: ServiceWorkerRegistration | undefined) => {
      // A browser that blocks workers quietly answers with nothing.
      if (!registration) return;
      if (registration.waiting) onWaiting(registration.waiting);
      registration.addEventListener("updatefound", () => {
        const found = registration.installing;
        found?.addEventListener("statechange", () => {
          if (found.state === "installed") onWaiting(found);
        });
      });
      timer = setInterval(() => void registration.update().catch(() => undefined), ASK_EVERY_MS);
    },
    () => undefined,
  );
  return () => {
    container.removeEventListener("controllerchange", onChange);
    clearInterval(timer);
  };
}

/** Lets the waiting build in; the page comes back as one of it. */
export function changeOver(): void {
  isChangingOver = true;
  if (state === "in-force" || waiting === null) window.location.reload();
  else waiting.postMessage({ type: "SKIP_WAITING" });
}
