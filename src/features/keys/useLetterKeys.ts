"use client";
import { useEffect, useEffectEvent } from "react";

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    target instanceof HTMLTextAreaElement ||
    target instanceof HTMLSelectElement ||
    (target instanceof HTMLInputElement && !["checkbox", "radio", "button"].includes(target.type)));

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
    if (act(event.key)) event.preventDefault();
  });
  useEffect(() => {
    if (!isOn) return;
    const listen = (event: KeyboardEvent): void => onKey(event);
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, [isOn]);
}
