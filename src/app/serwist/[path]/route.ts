import { createSerwistRoute } from "@serwist/turbopack";
import { ROUTES } from "../../routes";

/** A new revision a build: the pages' nonces and chunk names change with it. */
const revision = crypto.randomUUID();

export const { dynamic, dynamicParams, revalidate, generateStaticParams, GET } = createSerwistRoute({
  swSrc: "src/app/sw.ts",
  useNativeEsbuild: true,
  esbuildOptions: { sourcemap: false },
  globPatterns: [".next/static/**/*.{js,css,woff2,json}", "public/**/*"],
  // What the framework lays down for pages of its older kind and for browsers without modules is never asked for.
  globIgnores: [
    // Fetched when first used, and kept from then on (src/app/sw.ts).
    "public/text-reader/**",
    ".next/static/chunks/@(polyfills|main|framework)-+([0-9a-f]).js",
    ".next/static/chunks/pages/**",
    ".next/static/chunks/app/**/route-*.js",
  ],
  additionalPrecacheEntries: ROUTES.map((url) => ({ url, revision })),
});
