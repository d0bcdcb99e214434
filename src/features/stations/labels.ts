import { STATION_IDS, type StationId } from "@/core/stations";

/** What a station is called and opened by, apart from what it says: a list or a key needs no more. */
export interface StationLabel {
  readonly title: string;
  /** one letter that opens it from the keyboard */
  readonly letter: string;
  /** figures of a meter are taken there */
  readonly isMetered?: true;
  /** makes sense with no card open: its letter after b, the question it answers, which one the bench opens with, and what is checked there one after another */
  readonly bench?: { readonly letter: string; readonly question: string; readonly isFirst?: true; readonly next?: string };
}

/** The label of every station. A new one is one line here, one in registry.ts, one in hands.ts, and one in hows.ts. */
export const STATION_LABELS: Readonly<Record<StationId, StationLabel>> = {
  complaint: { title: "Complaint", letter: "c" },
  plate: { title: "Plate", letter: "p" },
  "make-safe": { title: "Make safe", letter: "s", isMetered: true },
  look: { title: "Look and smell", letter: "l" },
  "hand-turn": { title: "Turn by hand", letter: "t", bench: { letter: "t", question: "Is this bearing worn?" } },
  capacitor: {
    title: "Capacitor",
    letter: "u",
    isMetered: true,
    bench: { letter: "c", question: "Is this capacitor good?", isFirst: true, next: "Next part" },
  },
  windings: { title: "Windings", letter: "w", isMetered: true, bench: { letter: "l", question: "Which lead is which?" } },
  frame: { title: "To the frame", letter: "f", isMetered: true },
  insulation: { title: "Insulation", letter: "i", isMetered: true, bench: { letter: "i", question: "Is the insulation good?" } },
  "start-gear": { title: "Start gear", letter: "e", isMetered: true, bench: { letter: "s", question: "Does the start gear work?" } },
  bearing: { title: "Bearings", letter: "q", bench: { letter: "r", question: "Which bearing is this?", next: "Next bearing" } },
  "take-apart": { title: "Take apart", letter: "z", bench: { letter: "z", question: "What came off?" } },
  "power-back": { title: "Power back on", letter: "o" },
  supply: { title: "Supply", letter: "m", isMetered: true },
  "run-test": { title: "Run test", letter: "a", isMetered: true, bench: { letter: "m", question: "Does it run right?" } },
  "uncoupled-run": { title: "Uncoupled run", letter: "y", isMetered: true },
  decide: { title: "Decide", letter: "d" },
  "out-in": { title: "Out and in", letter: "x" },
  prove: { title: "Prove", letter: "v", isMetered: true },
  end: { title: "How it ends", letter: "0" },
};

/** A station that makes sense with no card open. */
export interface BenchStation {
  readonly id: StationId;
  readonly letter: string;
  readonly question: string;
  readonly isFirst?: true;
  /** where parts are checked one after another: how the next one is asked for */
  readonly next?: string;
}

/** Every station of the bench: the one it opens with, then in working order. */
export const BENCH_STATIONS: readonly BenchStation[] = STATION_IDS.flatMap((id) => {
  const { bench } = STATION_LABELS[id];
  return bench ? [{ id, ...bench }] : [];
}).sort((a, b) => Number(b.isFirst ?? false) - Number(a.isFirst ?? false));

/** Station behind the second key after b; null when there is none. */
export const benchStationOf = (letter: string): StationId | null => BENCH_STATIONS.find((each) => each.letter === letter)?.id ?? null;
