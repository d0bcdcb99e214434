"use client";
import { useEffect, useState } from "react";
import type { LabelReader } from "./label-reader";

/** When the lines stand. */
const AT_REST_MS = 200;

let loaded: LabelReader | null = null;
export const loadLabelReader = async (): Promise<LabelReader> => (loaded ??= (await import("./label-reader")).labelReader);

/** What reads labels; null until it is there: the lines stand before it, as they are printed. */
export function useLabelReader(): LabelReader | null {
  const [reader, setReader] = useState(() => loaded);
  useEffect(() => {
    const later = setTimeout(() => void loadLabelReader().then(setReader), AT_REST_MS);
    return () => clearTimeout(later);
  }, []);
  return reader;
}
