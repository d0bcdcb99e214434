"use client";

/** The event by which a browser offers to install the program; not yet in the DOM's types. */
interface InstallPromptEvent extends Event {
  prompt(): Promise<{ readonly outcome: "accepted" | "dismissed" }>;
}

let offer: InstallPromptEvent | null = null;
let isInstalled = false;
const listeners = new Set<() => void>();
const tell = (): void => listeners.forEach((listener) => listener());

/** Where the program stands on this device: opened as one of its own, offered by the browser, or neither. */
export type InstallState = "installed" | "offered" | "by-hand";

export function installState(): InstallState {
  if (isInstalled || window.matchMedia("(display-mode: standalone)").matches) return "installed";
  return offer ? "offered" : "by-hand";
}

export function subscribeInstall(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Keeps the browser's offer until the person asks for it; returns how to stop. */
export function watchInstallOffer(): () => void {
  const onOffer = (event: Event): void => {
    event.preventDefault();
    offer = event as InstallPromptEvent;
    tell();
  };
  const onInstalled = (): void => {
    isInstalled = true;
    offer = null;
    tell();
  };
  window.addEventListener("beforeinstallprompt", onOffer);
  window.addEventListener("appinstalled", onInstalled);
  return () => {
    window.removeEventListener("beforeinstallprompt", onOffer);
    window.removeEventListener("appinstalled", onInstalled);
  };
}

/** Shows the browser's own question. An offer serves once: after a no the browser decides when to make another. */
export async function install(): Promise<void> {
  const made = offer;
  offer = null;
  await made?.prompt();
  tell();
}
