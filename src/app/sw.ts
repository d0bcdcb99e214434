import { defaultCache } from "@serwist/turbopack/worker";
import { Serwist, type PrecacheEntry, type SerwistGlobalConfig, type SerwistPlugin } from "serwist";

declare global {
  interface WorkerGlobalScope extends SerwistGlobalConfig {
    __SW_MANIFEST: (PrecacheEntry | string)[] | undefined;
  }
}
declare const self: ServiceWorkerGlobalScope;

/** A cached answer forgets the fragment of its address, and a web worker started from it dies; a fresh Response keeps it. */
const keepWorkerAddress: SerwistPlugin = {
  handlerWillRespond: async ({ request, response }) =>
    request.destination === "worker"
      ? new Response(response.body, {
          status: response.status,
          statusText: response.statusText,
          headers: response.headers,
        })
      : response,
};

const serwist = new Serwist({
  precacheEntries: self.__SW_MANIFEST,
  precacheOptions: {
    plugins: [keepWorkerAddress],
    // One static page serves every card: ?id= and ?station= do not make another page.
    ignoreURLParametersMatching: [/^id$/, /^station$/, /^method$/, /^find$/],
    cleanupOutdatedCaches: true,
  },
  skipWaiting: true,
  clientsClaim: true,
  navigationPreload: false,
  runtimeCaching: defaultCache,
});

serwist.addEventListeners();
