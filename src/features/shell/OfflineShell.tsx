"use client";
import { SerwistProvider } from "@serwist/turbopack/react";

/** Registers the service worker in production; a development server must never be cached. */
export function OfflineShell({ children }: { children: React.ReactNode }) {
  return (
    <SerwistProvider swUrl="/serwist/sw.js" disable={process.env.NODE_ENV !== "production"} reloadOnOnline={false}>
      {children}
    </SerwistProvider>
  );
}
