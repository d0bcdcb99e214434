import { defineStation, plainAssessment, type Stamp } from "../../station";
import { judgeHand, type HandVerdict } from "../../bearing";
import { takeApartRecord, type Step, type TakeApartRecord, type Wire } from "./record";
import { takeApartMigrations } from "./migrations";
import { trapsBack, type TrapId } from "./traps";

export {
  MOST_STEPS,
  MOST_WIRES,
  MOST_STEP_PHOTO_CHARACTERS,
  MOTOR_PARTS,
  PLACES,
  type MotorPart,
  type Place,
  type Step,
  BLANK_TAKE_APART,
  stepRecord,
  takeApartRecord,
  wireRecord,
  type TakeApartRecord,
  type Wire,
} from "./record";
export { TRAP_IDS, trapsBefore, type TrapId } from "./traps";

/** Why it will not close. */
export type CloseLack =
  | { readonly kind: "part"; readonly step: Step }
  | { readonly kind: "wire"; readonly wire: Wire }
  /** wires of one name that belong to different posts: nothing tells them apart */
  | { readonly kind: "same-mark"; readonly mark: string; readonly count: number }
  | { readonly kind: "trap"; readonly trap: TrapId }
  | { readonly kind: "turn-not-felt" }
  | { readonly kind: "does-not-turn-free" };

export interface TakeApartDetail {
  readonly state: "nothing-off" | "apart" | "ready" | "closed";
  /** in the order they go back: the last off first */
  readonly walk: readonly Step[];
  /** the one that goes back next */
  readonly next: Step | null;
  readonly left: number;
  readonly lacks: readonly CloseLack[];
  /** names that tell no wire from another */
  readonly sameMarks: ReturnType<typeof sameMarks>;
  /** prompts while it goes back */
  readonly during: readonly TrapId[];
  readonly after: HandVerdict;
}

const nameKey = (text: string): string => text.trim().toLowerCase();

/**
 * Names that stand on more than one wire while these belong to different posts.
 * @param wires as they were noted
 * @returns each such name once, and on how many wires it stands
 */
function sameMarks(wires: readonly Wire[]): { readonly mark: string; readonly count: number }[] {
  const byMark = new Map<string, Wire[]>();
  for (const wire of wires.filter(({ mark }) => mark.trim() !== ""))
    byMark.set(nameKey(wire.mark), [...(byMark.get(nameKey(wire.mark)) ?? []), wire]);
  // Wires that all go to one named post are one another's equals.
  const areEqual = (alike: readonly Wire[]): boolean => {
    const posts = new Set(alike.map(({ post }) => nameKey(post)));
    return posts.size === 1 && !posts.has("");
  };
  return [...byMark.values()].flatMap((alike) =>
    alike.length > 1 && !areEqual(alike) ? [{ mark: alike[0]?.mark.trim() ?? "", count: alike.length }] : [],
  );
}

function lacksOf(record: TakeApartRecord, during: readonly TrapId[], after: HandVerdict): CloseLack[] {
  return [
    ...record.steps.filter(({ backAt }) => backAt === null).map((step): CloseLack => ({ kind: "part", step })),
    ...record.wires.filter(({ backAt }) => backAt === null).map((wire): CloseLack => ({ kind: "wire", wire })),
    ...sameMarks(record.wires).map((same): CloseLack => ({ kind: "same-mark", ...same })),
    ...during.filter((trap) => record.seenTo[trap] === undefined).map((trap): CloseLack => ({ kind: "trap", trap })),
    ...(after.outcome === null
      ? [{ kind: "turn-not-felt" } as const]
      : after.outcome === "free"
        ? []
        : [{ kind: "does-not-turn-free" } as const]),
  ];
}

const STAMPS: Record<TakeApartDetail["state"], Stamp> = {
  "nothing-off": "not-done",
  apart: "open",
  ready: "open",
  closed: "holds",
};

/**
 * A ledger of what came off, in order, and the way back: last off, first in. It does not close while a part or a wire is
 * left over, a trap is not seen to, or the shaft does not turn free.
 */
export const takeApartStation = defineStation({
  definition: {
    id: "take-apart",
    power: "dead",
    minutes: 30,
    tests: [],
    cautions: ["springs-and-rings", "stored-charge", "local-codes"],
    methods: [
      {
        id: "off",
        power: "dead",
        tests: [],
        cautions: ["gas-off", "mark-wires", "springs-and-rings", "stored-charge", "pressurised-terminals", "local-codes"],
      },
      { id: "back", power: "dead", tests: [], cautions: ["springs-and-rings", "flying-key"] },
    ],
  },
  ...takeApartRecord,
  migrations: takeApartMigrations,
  assess(record, { facts, house }) {
    const isEmpty = record.steps.length === 0 && record.wires.length === 0;
    const sleeves = facts.hasSleeves !== false;
    const during = isEmpty ? [] : trapsBack(record, sleeves);
    const after = judgeHand(record.after, house);
    const lacks = isEmpty ? [] : lacksOf(record, during, after);
    const state = isEmpty ? "nothing-off" : lacks.length > 0 ? "apart" : record.closedAt === null ? "ready" : "closed";
    const walk = [...record.steps].reverse();
    const detail: TakeApartDetail = {
      state,
      walk,
      next: walk.find(({ backAt }) => backAt === null) ?? null,
      left: [...record.steps, ...record.wires].filter(({ backAt }) => backAt === null).length,
      lacks,
      sameMarks: sameMarks(record.wires),
      during,
      after,
    };
    const isClosed = state === "closed";
    // Where nobody turned it as it was found, how it turns once it is back speaks of its bearings.
    const isNews = facts.handFound === null && !isEmpty && after.weights !== null && after.outcome !== null && after.outcome !== "free";
    return plainAssessment<TakeApartDetail>(isEmpty && record.note.trim() !== "" ? "noted" : STAMPS[state], detail, {
      findings: isNews && after.weights ? [{ test: "hand-turn", weights: after.weights }] : [],
      facts: {
        isApart: !isEmpty && !isClosed,
        hasMovedLeads: record.wires.length > 0,
        ...(isClosed ? { handAfter: record.after } : {}),
      },
    });
  },
});
