import type { STATIONS } from "@/core/stations";
import { notOursSentence } from "@/features/vocabulary/not-ours-words";
import { SIGN_WORDS } from "@/features/vocabulary/sign-words";
import { SUSPECT_WORDS } from "@/features/vocabulary/words";
import type { Sign } from "@/core/stations/look";

export type Detail = ReturnType<(typeof STATIONS)["look"]["assess"]>["detail"];

const CONSEQUENCES: Partial<Record<Sign, string>> = {
  "cover-not-seated":
    "A cover that is not seated never presses the start switch: it looks like a dead motor. Seat it before anything is bought.",
  "capacitor-bulged": "A bulged or vented capacitor needs no meter: it is finished.",
  "interlock-defeated": "Note it in the report. It is not to be defeated again; the owner decides with a licensed person.",
  "electronics-inside": notOursSentence({ sort: "electronic", by: "seen" }),
  "brushes-inside": notOursSentence({ sort: "brushes", by: "seen" }),
  "drive-in-front": notOursSentence({ sort: "three-phase", by: "seen" }),
  "guard-missing": "No run test before a guard is on.",
};

const ruledOutSentences = ({ ruledOut }: Detail): string[] =>
  ruledOut.map(({ suspect, reason }) => `${SUSPECT_WORDS[suspect]} ruled out: ${reason.trim()}.`);

export const sentences = (detail: Detail): string[] => [...signSentences(detail), ...ruledOutSentences(detail)];

function signSentences(detail: Detail): string[] {
  if (detail.state === "clean") return ["Nothing to see or smell. That alone clears no part."];
  if (detail.state === "not-done") return ["Look before you touch: leads, capacitor, cover, guards, varnish, dust; then smell."];
  return [`${detail.signs.map((sign) => SIGN_WORDS[sign]).join(", ")}.`, ...detail.signs.flatMap((sign) => CONSEQUENCES[sign] ?? [])];
}

export const brief = (detail: Detail): string | null =>
  detail.state === "clean"
    ? "Clean"
    : detail.signs.length > 0
      ? `${detail.signs.length} ${detail.signs.length === 1 ? "sign" : "signs"}`
      : null;
