import type { Metadata, Viewport } from "next";
import { headers } from "next/headers";
import "@fontsource-variable/archivo/standard.css";
import "@fontsource-variable/martian-mono/standard.css";
import "./globals.css";
import { GlobalKeys } from "@/features/keys/GlobalKeys";
import { Later } from "@/features/behind/Later";

export const metadata: Metadata = {
  title: "Vemmick",
  description: "The traveller card of a single-phase motor under test",
  icons: { icon: "/favicon.svg", apple: "/icon-apple-180.png" },
};

export const viewport: Viewport = { width: "device-width", initialScale: 1 };

export default async function RootLayout({ children }: { children: React.ReactNode }) {
  // Reading the request makes every page carry its own nonce, so that no script needs 'unsafe-inline'.
  const nonce = (await headers()).get("x-nonce") ?? undefined;
  return (
    <html lang="en" data-theme="paper" suppressHydrationWarning>
      <head>
        {/* Must run before the first paint, so it is loaded in line with the page. */}
        {/* eslint-disable-next-line @next/next/no-sync-scripts */}
        <script src="/theme.js" nonce={nonce} suppressHydrationWarning />
      </head>
      <body>
        {children}
        <GlobalKeys />
        <Later />
      </body>
    </html>
  );
}
