import { withSerwist } from "@serwist/turbopack";
import type { NextConfig } from "next";

/** On every answer, pages and files alike. */
const EVERYWHERE = {
  "X-Content-Type-Options": "nosniff",
  "Referrer-Policy": "no-referrer",
  "Cross-Origin-Opener-Policy": "same-origin",
  "Cross-Origin-Resource-Policy": "same-origin",
  "Permissions-Policy": "camera=(self), microphone=(self), serial=(self), geolocation=(), payment=()",
};
/** A worker runs under the policy its own script came with. Pages have a stricter one, with a nonce, from src/proxy.ts. */
const ON_FILES = {
  "Content-Security-Policy": "default-src 'self'; object-src 'none'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'",
};
const toList = (headers: Readonly<Record<string, string>>) => Object.entries(headers).map(([key, value]) => ({ key, value }));

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  devIndicators: false,
  // The whole check has looked at the types before it builds: once is enough.
  typescript: { ignoreBuildErrors: process.env.TYPES_ARE_CHECKED === "1" },
  headers: async () => [
    { source: "/:path*", headers: toList(EVERYWHERE) },
    ...["/_next/static/:path*", "/favicon.svg", "/theme.js", "/NOTICES.txt"].map((source) => ({ source, headers: toList(ON_FILES) })),
  ],
};

export default withSerwist(config);
