"use client";
import { useSyncExternalStore } from "react";
import { PickOne } from "@/components/Choice";

const THEMES = [
  { id: "paper", label: "Paper" },
  { id: "low", label: "Low light" },
  { id: "glare", label: "Glare" },
] as const;
type Theme = (typeof THEMES)[number]["id"];

const CHANGED = "vemmick-theme-changed";

function subscribe(listener: () => void): () => void {
  window.addEventListener(CHANGED, listener);
  return () => window.removeEventListener(CHANGED, listener);
}

const current = (): Theme => THEMES.find(({ id }) => id === document.documentElement.dataset.theme)?.id ?? "paper";

function choose(theme: Theme): void {
  document.documentElement.dataset.theme = theme;
  try {
    // public/theme.js reads it before the first paint.
    localStorage.setItem("vemmick-theme", theme);
  } catch {
    // Storage is refused: the theme holds until the tab closes, and the banner tells about storage.
  }
  window.dispatchEvent(new Event(CHANGED));
}

/** Paper, low light, glare: kept on this device. */
export function ThemePicker() {
  const theme = useSyncExternalStore(subscribe, current, () => "paper" as const);
  return <PickOne legend="Light" options={THEMES} picked={theme} onPick={(id) => choose(id ?? theme)} />;
}
