import type { Facts } from "@/core/facts";
import type { BoardUnderstanding, Probe } from "@/core/winding";
import { layoutWord } from "@/features/vocabulary/board-words";
import type { StationView } from "../../station/contract";
import { noted, said } from "../../station/said";
import { outcomeSentences } from "./board-sentences";
import { connectionOf, describe, leftOutSentence } from "./connection-words";
import { windingSentences, type WindingsDetail } from "./sentences";
import { typedFigure } from "@/core/quantity";
import { pairName } from "./words";

/** The connection in words, for the printed page; nothing while a winding is at fault or a post is open. */
function connectionSentence(detail: WindingsDetail, facts: Facts): string[] {
  const answer = connectionOf(detail, facts);
  if (answer?.kind !== "drawn") return [];
  const leftOut = leftOutSentence(answer, detail.names);
  return [`Connection: ${describe(answer.connection, detail.names)}.`, ...(leftOut ? [leftOut] : [])];
}

/** Where the stamp alone would not say it. */
const BRIEFS: Partial<Record<BoardUnderstanding["state"], string>> = { "cannot-tell": "Cannot tell", unknown: "No known layout" };

/** Why a pair is asked for that does not part the answers. */
const WHY_REASONS: Record<Exclude<Probe["why"], "parts">, string> = {
  unseen: "No reading has reached that winding yet.",
  checks: "No other reading checks some of these figures: with this one a slip in any of them shows.",
  groups: "No layout known here fits so far: see whether the two hang together.",
};

export const windingsView: StationView<"windings", WindingsDetail> = {
  methods: { sketch: "Sketch", pairs: "Pairs", compare: "Temperature and trend", connection: "Connection" },
  brief: ({ detail, stamp }) =>
    stamp === "not-done" && detail.measured > 0
      ? `${detail.measured} of ${detail.pairs}`
      : (BRIEFS[detail.board?.state ?? "empty"] ?? null),
  move: ({ detail }) => {
    const { next, board, measured } = detail;
    if (!next || measured === 0 || !board) return null;
    const [best] = board.answers;
    const outcomes = board.isSample ? [] : outcomeSentences(detail);
    return {
      title: `Probe ${pairName(detail.names, next)}`,
      reason:
        outcomes.length > 0
          ? outcomes.join(" ")
          : board.next && board.next.why !== "parts"
            ? `${WHY_REASONS[board.next.why]} ${measured} of ${detail.pairs} pairs measured.`
            : `It settles most of what is still open${best && !board.isSample ? `: likeliest so far, ${layoutWord(best.structure.layout.id).toLowerCase()}` : ""}. ${measured} of ${detail.pairs} pairs measured.`,
    };
  },
  say: (record, { detail }, facts) => {
    if (detail.measured === 0) return [];
    const readings = record.pairs
      .filter(({ entry }) => entry.reading)
      .map(({ a, b, entry }) => `${pairName(detail.names, [a, b])} ${typedFigure(entry)}`);
    return [
      ...said("read", `${readings.join(", ")}.`),
      ...said(detail.isWorking ? "working" : "means", windingSentences(detail, facts.machineKind === "hermetic-compressor")),
      ...said("means", connectionSentence(detail, facts)),
      ...noted(record),
    ];
  },
};
