"use client";
import { useEffect, useEffectEvent } from "react";

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    target instanceof HTMLTextAreaElement ||
    target instanceof HTMLSelectElement ||
    (target instanceof HTMLInputElement && !["checkbox", "radio", "button"].includes(target.type)));

/** A first key that waits for its second; while it does, that key belongs to it and to nobody else. */
let chord: { readonly act: (key: string) => void; readonly timer: ReturnType<typeof setTimeout> } | null = null;
const CHORD_MS = 1200;

/**
 * Waits for the second of two keys.
 * @param act what to do with it
 * @param alone what to do when none comes
 */
export function startChord(act: (key: string) => void, alone: () => void): void {
  if (chord) clearTimeout(chord.timer);
  const timer = setTimeout(() => {
    chord = null;
    alone();
  }, CHORD_MS);
  chord = { act, timer };
}

/**
 * One-letter keys outside fields. Escape leaves a field, so that the letters work again.
 * @param act returns true when the key was used
 */
export function useLetterKeys(isOn: boolean, act: (key: string) => boolean): void {
  const onKey = useEffectEvent((event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return;
    if (isTyping(event.target)) {
      if (event.key === "Escape") (event.target as HTMLElement).blur();
      return;
    }
    if (document.querySelector("[role=dialog]")) return;
    if (chord) {
      clearTimeout(chord.timer);
      const second = chord;
      chord = null;
      event.preventDefault();
      second.act(event.key);
    } else if (act(event.key)) event.preventDefault();
  });
  useEffect(() => {
    if (!isOn) return;
    const listen = (event: KeyboardEvent): void => onKey(event);
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, [isOn]);
}
