import type { StationView } from "../contract";
import { pairName, windingSentences, type WindingsDetail } from "./sentences";

export const windingsView: StationView<"windings", WindingsDetail> = {
  title: "Windings",
  letter: "w",
  bench: { letter: "l", question: "Which lead is which?" },
  brief: ({ detail, stamp }) => (stamp === "not-done" && detail.measured > 0 ? `${detail.measured} of 3` : null),
  say: (record, { detail }, facts) => {
    if (detail.measured === 0) return [];
    const readings = ([0, 1, 2] as const)
      .filter((pair) => record.pairs[pair]?.reading)
      .map((pair) => `${pairName(record.leads, pair)} ${record.pairs[pair]?.text ?? ""} Ω`);
    return [
      `${readings.join(", ")}.`,
      ...windingSentences(detail, facts.machineKind === "hermetic-compressor"),
      ...(record.note.trim() ? [record.note.trim()] : []),
    ];
  },
  instrument: () => import("./Instrument"),
};
