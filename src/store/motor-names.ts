"use client";
import { useMemo } from "react";
import type { TravellerId } from "@/records";
import { EVERYTHING, type LookedFor } from "./find-cards";
import { toWords, wantedWords } from "./find-words";
import { useFound, useSummaries } from "./summaries";

/** What a motor seen before is called, and where it stands. */
export interface MotorNames {
  readonly machine: string;
  readonly site: string;
}

/** Cards that are looked through for names, and names that are offered. */
const MOST_CARDS = 40;
const MOST_NAMES = 5;
/** One letter finds everything. */
const FEWEST_LETTERS = 2;

const asTyped = ({ machine, site }: MotorNames): string => `${machine.trim()}\n${site.trim()}`.toLowerCase();

/**
 * Machines and sites of earlier cards whose words begin as what is typed, the last visited first, live.
 * @param typed what is typed in either field
 * @param own the card in hand, which is not offered
 */
export function useMotorNames(typed: MotorNames, own: TravellerId): readonly MotorNames[] {
  const text = `${typed.machine} ${typed.site}`.trim();
  const wanted = useMemo((): LookedFor | null => (text.length < FEWEST_LETTERS ? null : { ...EVERYTHING, text }), [text]);
  const found = useFound(wanted);
  const ids = useMemo(() => (found ?? []).flatMap(({ id }) => (id === own ? [] : [id])).slice(0, MOST_CARDS), [found, own]);
  const rows = useSummaries(ids);
  return useMemo(() => {
    if (wanted === null || rows.state !== "ready") return [];
    const words = wantedWords(text);
    const names = new Map<string, MotorNames>();
    for (const { machine, site } of rows.value) {
      // Found by a note or a part, a card is none that is being named.
      const named = toWords(`${machine} ${site}`);
      if (machine.trim() !== "" && words.every((word) => named.some((each) => each.startsWith(word))))
        names.set(asTyped({ machine, site }), { machine, site });
    }
    names.delete(asTyped(typed));
    return [...names.values()].slice(0, MOST_NAMES);
  }, [wanted, rows, text, typed]);
}
