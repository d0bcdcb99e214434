"use client";
import type { BearingEnd } from "@/core/bearing";
import { PickOne } from "@/components/Choice";
import { BEARING_ENDS } from "./end-in-hand";
import { END_WORDS } from "./words";

const OPTIONS = BEARING_ENDS.map((id) => ({ id, label: END_WORDS[id] }));

/** Which of the two bearings is in hand. */
export function EndSwitch({ end, onEnd }: { end: BearingEnd; onEnd: (end: BearingEnd) => void }) {
  return <PickOne legend="Bearing at the" options={OPTIONS} picked={end} onPick={(picked) => (picked ? onEnd(picked) : undefined)} />;
}
