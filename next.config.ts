import { withSerwist } from "@serwist/turbopack";
import type { NextConfig } from "next";

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  devIndicators: false,
  // The whole check has looked at the types before it builds: once is enough.
  typescript: { ignoreBuildErrors: process.env.TYPES_ARE_CHECKED === "1" },
};

export default withSerwist(config);
