"use client";
import { useState } from "react";

/** A value that is made anew as often as one likes, and is the same object as long as it says the same: what hangs on it rests. */
export function useSame<T>(value: T): T {
  const [kept, setKept] = useState(value);
  if (kept === value) return kept;
  if (JSON.stringify(kept) === JSON.stringify(value)) return kept;
  setKept(value);
  return value;
}
