import { createSerwistRoute } from "@serwist/turbopack";

/** A new revision a build: the pages' nonces and chunk names change with it. */
const revision = crypto.randomUUID();

/** Every route of the program: all of it must be there offline after the first visit. */
const ROUTES = ["/", "/traveller", "/bench", "/shelf", "/ledger", "/house-rules", "/print", "/schema"];

export const { dynamic, dynamicParams, revalidate, generateStaticParams, GET } = createSerwistRoute({
  swSrc: "src/app/sw.ts",
  useNativeEsbuild: true,
  globPatterns: [".next/static/**/*.{js,css,woff2,json}", "public/**/*"],
  additionalPrecacheEntries: ROUTES.map((url) => ({ url, revision })),
});
