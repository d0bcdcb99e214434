import type { Facts } from "@/core/stations";
import { connectBoard } from "@/core/winding";
import { layoutWord } from "@/features/vocabulary/board-words";
import type { StationView } from "../contract";
import { outcomeSentences } from "./board-sentences";
import { describe } from "./connection-words";
import { windingSentences, type WindingsDetail } from "./sentences";
import { pairName, shownAt } from "./words";

/** The connection in words, for the printed page; nothing while a winding is at fault or a post is open. */
function connectionSentence({ elements, board, names }: WindingsDetail, { motorType }: Facts): string[] {
  const isFaulty = board !== null && board.answers[0]?.structure.fault !== null;
  const connection = elements.length > 0 && !isFaulty ? connectBoard(elements, motorType) : null;
  return connection ? [`Connection: ${describe(connection, names)}.`] : [];
}

export const windingsView: StationView<"windings", WindingsDetail> = {
  title: "Windings",
  letter: "w",
  methods: { sketch: "Sketch", pairs: "Pairs", compare: "Temperature and trend", connection: "Connection" },
  bench: { letter: "l", question: "Which lead is which?" },
  brief: ({ detail, stamp }) =>
    stamp === "not-done" && detail.measured > 0
      ? `${detail.measured} of ${detail.pairs}`
      : detail.board?.state === "contradiction"
        ? "Contradiction"
        : detail.board?.state === "cannot-tell"
          ? "Cannot tell"
          : null,
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
          : `It settles most of what is still open${best && !board.isSample ? `: likeliest so far, ${layoutWord(best.structure.layout.id).toLowerCase()}` : ""}. ${measured} of ${detail.pairs} pairs measured.`,
    };
  },
  say: (record, { detail }, facts) => {
    if (detail.measured === 0) return [];
    const readings = record.pairs
      .filter(({ entry }) => entry.reading)
      .map(({ a, b }) => {
        const text = shownAt(record, [a, b]);
        return `${pairName(detail.names, [a, b])} ${text}${/\d$/.test(text) ? " Ω" : ""}`;
      });
    return [
      `${readings.join(", ")}.`,
      ...windingSentences(detail, facts.machineKind === "hermetic-compressor"),
      ...connectionSentence(detail, facts),
      ...(record.note.trim() ? [record.note.trim()] : []),
    ];
  },
  instrument: () => import("./Instrument"),
};
