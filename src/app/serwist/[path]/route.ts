import { createSerwistRoute } from "@serwist/turbopack";
import { ROUTES } from "../../routes";

/** A new revision a build: the pages' nonces and chunk names change with it. */
const revision = crypto.randomUUID();

export const { dynamic, dynamicParams, revalidate, generateStaticParams, GET } = createSerwistRoute({
  swSrc: "src/app/sw.ts",
  useNativeEsbuild: true,
  esbuildOptions: { sourcemap: false },
  globPatterns: [".next/static/**/*.{js,css,woff2,json}", "public/**/*"],
  additionalPrecacheEntries: ROUTES.map((url) => ({ url, revision })),
});
