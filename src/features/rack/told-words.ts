import type { Hearing, ToldFinding } from "@/core/hearing";
import type { Drive } from "@/core/trade";
import type { KnownPlace } from "@/store/known-place";
import { HISTORY_WORDS, MACHINE_WORDS } from "../vocabulary/words";
import type { ToldId } from "./heard-changes";

const DRIVE_CHIPS: Record<Drive, string> = { belt: "Driven by a belt", direct: "On its own shaft" };

/** Findings of others: what was said, and where it becomes a finding of one's own. */
const FINDINGS: Record<ToldFinding, string> = {
  seized: "Told: the shaft does not turn. It counts once a hand has tried it, at Turn by hand.",
  "wheel-loose": "Told: something is loose on the shaft. It counts once a hand has tried it, at Turn by hand.",
  "gear-bypassed":
    "Told: the start gear is bypassed. It counts once it has been seen at Start gear; look for the bridge before power goes on.",
  "protector-bypassed": "Told: the protector is bypassed. Look for the bridge, and take it out, before power goes on.",
};

/** What the sentence told beside complaints, a chip each. */
export function toldChips(hearing: Hearing, place: KnownPlace | null): readonly { readonly id: ToldId; readonly word: string }[] {
  return [
    ...(hearing.machineKind === null ? [] : [{ id: "machine" as const, word: MACHINE_WORDS[hearing.machineKind] }]),
    ...(hearing.drive === null ? [] : [{ id: "drive" as const, word: DRIVE_CHIPS[hearing.drive] }]),
    ...(place === null ? [] : [{ id: "place" as const, word: [place.machine, place.site].filter(Boolean).join(" · ") }]),
    ...[...hearing.course, ...hearing.after].map((id) => ({ id, word: HISTORY_WORDS[id] })),
  ];
}

/** What somebody found, each in one sentence. */
export const toldSentences = ({ told }: Hearing): readonly string[] => told.map((finding) => FINDINGS[finding]);

const wordsOf = (text: string): readonly string[] => text.toLowerCase().match(/[\p{L}\d]+/gu) ?? [];

/** What nothing was made of, less the names of a place that is known. */
export function notUnderstood(said: string, { unheard }: Hearing, place: KnownPlace | null): Hearing["unheard"] {
  const names = new Set(place ? wordsOf(`${place.machine} ${place.site}`) : []);
  return unheard.filter(({ from, to }) => !wordsOf(said.slice(from, to)).every((word) => names.has(word)));
}
