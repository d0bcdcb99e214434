"use client";
import { useMemo } from "react";
import { useHouseRow } from "./house-row";
import { rowInHand } from "./in-hand";

/** What every screen needs of the house, without its rules. */
export interface HouseBasics {
  readonly technician: string;
  /** one-letter keys outside fields */
  readonly hasLetterKeys: boolean;
}

/** Who works here and how, live; null while it is being read. A damaged record gives what can be read of it. */
export function useHouseBasics(): HouseBasics | null {
  const row = useHouseRow();
  return useMemo(() => {
    if (row === null) return null;
    const { technician, hasLetterKeys } = row;
    return { technician: typeof technician === "string" ? technician : "", hasLetterKeys: hasLetterKeys !== false };
  }, [row]);
}

/** Whether this tab has just switched one-letter keys off, before the database has answered: the very next key counts. */
export const areLettersOff = (): boolean => rowInHand("house", "house")?.hasLetterKeys === false;
