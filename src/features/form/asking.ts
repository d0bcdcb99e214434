"use client";
import { useEffect, useRef, useState } from "react";

/** The keys rest when nothing was typed for so long [ms]. */
const REST_MS = 600;

/** Whether a text has stood unchanged for a moment: until then somebody is still typing it. */
export function useSettled(text: string): boolean {
  const [settled, setSettled] = useState<string | null>(null);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(text), REST_MS);
    return () => clearTimeout(timer);
  }, [text]);
  return settled === text;
}

/** Brings a question that has just appeared into view, above the pad where there is one; one that is seen stays where it is. */
export function useIntoView<T extends HTMLElement>(isShown: boolean): React.RefObject<T | null> {
  const ref = useRef<T>(null);
  useEffect(() => {
    if (isShown) ref.current?.scrollIntoView({ block: "nearest" });
  }, [isShown]);
  return ref;
}
