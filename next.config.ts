import { withSerwist } from "@serwist/turbopack";
import type { NextConfig } from "next";
import { derivedByState } from "./scripts/lib/derived-by.mjs";
import { layOutPaperFonts } from "./scripts/lib/paper-fonts.mjs";
import { shareScripts } from "./scripts/lib/shared-scripts.mjs";
import { layOutTextReader } from "./scripts/lib/text-reader.mjs";

/** On every answer, pages and files alike. */
const EVERYWHERE = {
  "X-Content-Type-Options": "nosniff",
  "Referrer-Policy": "no-referrer",
  "Cross-Origin-Opener-Policy": "same-origin",
  "Cross-Origin-Resource-Policy": "same-origin",
  "Permissions-Policy": "camera=(self), microphone=(self), serial=(self), bluetooth=(self), geolocation=(), payment=()",
};
/** A worker runs under the policy its own script came with. Pages have a stricter one, with a nonce, from src/proxy.ts. */
const ON_FILES = {
  "Content-Security-Policy": "default-src 'self'; object-src 'none'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'",
};
/** The workers that merge team files and that read text may compile what they do it with; nothing else of the program may, and no text is run as a program. */
const ON_WORKERS = { "Content-Security-Policy": `${ON_FILES["Content-Security-Policy"]}; script-src 'self' 'wasm-unsafe-eval'` };
const toList = (headers: Readonly<Record<string, string>>) => Object.entries(headers).map(([key, value]) => ({ key, value }));

// Before anything looks at what is in public/.
layOutPaperFonts();
layOutTextReader();

const config: NextConfig = {
  env: { NEXT_PUBLIC_CORE: derivedByState(), NEXT_PUBLIC_BUILT_AT: new Date().toISOString() },
  reactStrictMode: true,
  // No picture is made smaller by the server: nobody shall be able to keep it busy with that.
  images: { unoptimized: true },
  poweredByHeader: false,
  devIndicators: false,
  // The whole check has looked at the types before it builds: once is enough.
  typescript: { ignoreBuildErrors: process.env.TYPES_ARE_CHECKED === "1" },
  webpack: (webpack: object, { dev, isServer }) => {
    if (!dev && !isServer) shareScripts(webpack);
    return webpack;
  },
  headers: async () => [
    { source: "/:path*", headers: toList(EVERYWHERE) },
    ...["/_next/static/:path*", "/favicon.svg", "/icon-:name.png", "/theme.js", "/NOTICES.txt", "/paper-fonts/:path*"].map((source) => ({
      source,
      headers: toList(ON_FILES),
    })),
    { source: "/_next/static/chunks/team-worker.:hash.js", headers: toList(ON_WORKERS) },
    { source: "/text-reader/:path*", headers: toList(ON_WORKERS) },
  ],
};

export default withSerwist(config);
