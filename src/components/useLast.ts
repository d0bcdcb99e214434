"use client";
import { useState } from "react";

/** What is known now, or while the next of it is worked out what was known last: `isOld` then, to be shown greyed. */
export function useLast<T>(now: T | null): { readonly shown: T | null; readonly isOld: boolean } {
  const [last, setLast] = useState(now);
  if (now !== null && last !== now) setLast(now);
  return now === null ? { shown: last, isOld: last !== null } : { shown: now, isOld: false };
}
