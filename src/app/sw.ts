import { Serwist, type PrecacheEntry, type SerwistGlobalConfig, type SerwistPlugin } from "serwist";
import { NO_SUCH_PAGE } from "./routes";

declare global {
  interface WorkerGlobalScope extends SerwistGlobalConfig {
    __SW_MANIFEST: (PrecacheEntry | string)[] | undefined;
  }
}
declare const self: ServiceWorkerGlobalScope;

/** Tabs of earlier builds start workers at addresses with a fragment; a cached answer forgets it, and the worker dies; a fresh Response keeps it. */
const withAddress = (request: Request, response: Response): Response =>
  request.destination === "worker"
    ? new Response(response.body, { status: response.status, statusText: response.statusText, headers: response.headers })
    : response;
const keepWorkerAddress: SerwistPlugin = {
  handlerWillRespond: async ({ request, response }) => withAddress(request, response),
};

/** Files with their content in their name: a page of an earlier build goes on asking for its own. */
const BUILT = "/_next/static/";
const EARLIER_BUILDS = "vemmick-earlier-builds";

const serwist = new Serwist({
  precacheEntries: self.__SW_MANIFEST,
  precacheOptions: {
    plugins: [keepWorkerAddress],
    // One stored page serves every card: what stands behind the ? never makes another page.
    ignoreURLParametersMatching: [/.*/],
    cleanURLs: false,
    urlManipulation: ({ url }) => {
      const path = url.pathname.replace(/\/+$/, "");
      return path === url.pathname || path === "" ? [] : [new URL(`${path}${url.search}`, url)];
    },
    cleanupOutdatedCaches: true,
  },
  // A new build waits until a person lets it in: pages of two builds never run one another's files.
  skipWaiting: false,
  clientsClaim: true,
  navigationPreload: false,
});

/** Takes the files of the builds so far along before they leave the store: tabs that are open may still ask for them. */
async function keepEarlierBuilds(): Promise<void> {
  const [present, earlier] = await Promise.all([caches.open(serwist.precacheStrategy.cacheName), caches.open(EARLIER_BUILDS)]);
  const own = new Set(
    (self.__SW_MANIFEST ?? []).map((entry) => new URL(typeof entry === "string" ? entry : entry.url, self.location.href).href),
  );
  // What was earlier than the builds at hand has no tab any more.
  const kept = new Set((await present.keys()).map(({ url }) => url));
  await Promise.all((await earlier.keys()).filter(({ url }) => !kept.has(url)).map((request) => earlier.delete(request)));
  await Promise.all(
    (await present.keys())
      .filter(({ url }) => new URL(url).pathname.startsWith(BUILT) && !own.has(url))
      .map(async (request) => {
        const response = await present.match(request);
        if (response) await earlier.put(request, response);
      }),
  );
}
self.addEventListener("install", (event) => event.waitUntil(keepEarlierBuilds()));

/** Large parts that not everybody needs: fetched when they are first used, and kept from then on. */
const LATER_PARTS = "vemmick-later-parts";
/** Parts of one kind: a newer one takes the place of those of earlier builds, told by their addresses. */
const folderOf = (path: string): string => path.slice(0, path.lastIndexOf("/"));
const LATER_KINDS = [
  // One file, with its content in its name.
  { isOf: (path: string): boolean => path.startsWith(BUILT) && path.endsWith(".wasm"), isEarlier: (): boolean => true },
  // Several files, in a folder of their version.
  {
    isOf: (path: string): boolean => path.startsWith("/text-reader/"),
    isEarlier: (path: string, present: string): boolean => folderOf(path) !== folderOf(present),
  },
] as const;
const laterKind = ({ pathname }: URL) => LATER_KINDS.find(({ isOf }) => isOf(pathname));

serwist.registerCapture(
  ({ url, sameOrigin }) => sameOrigin && laterKind(url) !== undefined,
  async ({ request, url }) => {
    const parts = await caches.open(LATER_PARTS);
    const kept = await parts.match(request.url);
    if (kept) return withAddress(request, kept);
    const response = await fetch(request);
    if (response.ok) {
      const kind = laterKind(url);
      const earlier = (await parts.keys()).filter((one) => {
        const { pathname } = new URL(one.url);
        return kind?.isOf(pathname) && kind.isEarlier(pathname, url.pathname);
      });
      await Promise.all(earlier.map((one) => parts.delete(one)));
      await parts.put(request.url, response.clone());
    }
    return response;
  },
);

serwist.registerCapture(
  ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith(BUILT),
  async ({ request }) => {
    const kept = await (await caches.open(EARLIER_BUILDS)).match(request.url, { ignoreSearch: true });
    return kept ? withAddress(request, kept) : fetch(request);
  },
);

/** An address that is none of the program's: the server says so; without one, the program's own page does. */
serwist.registerCapture(
  ({ request, sameOrigin }) => sameOrigin && request.mode === "navigate",
  async ({ request }) => {
    try {
      return await fetch(request);
    } catch {
      return (await serwist.matchPrecache(NO_SUCH_PAGE)) ?? Response.error();
    }
  },
);

serwist.addEventListeners();
