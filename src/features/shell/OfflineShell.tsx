"use client";
import { useEffect } from "react";

/**
 * Registers the service worker in production; a development server must never be cached. Where the browser refuses one,
 * the program works as long as the server answers.
 */
export function OfflineShell() {
  useEffect(() => {
    if (process.env.NODE_ENV !== "production" || !("serviceWorker" in navigator)) return;
    navigator.serviceWorker.register("/serwist/sw.js", { scope: "/" }).catch(() => undefined);
  }, []);
  return null;
}
