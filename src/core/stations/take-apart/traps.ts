import type { MotorPart, TakeApartRecord } from "./record";

/** Known traps. `off`: before it comes off; `back`: while it goes back, and it will not close without. Ids are persisted. */
interface TrapSpec {
  readonly when: "off" | "back";
  /** parts that bring it; null: always */
  readonly parts: readonly MotorPart[] | null;
  /** wires that were noted bring it too */
  readonly wires?: true;
  readonly sleeveOnly?: true;
}

const TRAP_TABLE = {
  "mark-bells": { when: "off", parts: ["end-bell"] },
  "left-hand-thread": { when: "off", parts: ["wheel", "pulley", "nut"] },
  "ease-do-not-hammer": { when: "off", parts: ["wheel", "pulley", "bearing"] },
  "key-first": { when: "off", parts: ["wheel", "pulley", "key"] },
  "spring-washer-side": { when: "off", parts: ["end-bell", "bearing", "spring-washer"] },
  "ring-flies": { when: "off", parts: ["retaining-ring"] },
  "oil-hole-up": { when: "back", parts: ["end-bell"], sleeveOnly: true },
  "inner-ring-only": { when: "back", parts: ["bearing"] },
  "ring-in-groove": { when: "back", parts: ["retaining-ring"] },
  "spring-washer-in": { when: "back", parts: ["spring-washer"] },
  "marks-meet": { when: "back", parts: ["end-bell"] },
  crosswise: { when: "back", parts: ["end-bell"] },
  "even-gap": { when: "back", parts: ["end-bell", "rotor"] },
  // A key that was never there is not asked for.
  "key-in": { when: "back", parts: ["key"] },
  "screw-on-flat": { when: "back", parts: ["set-screw", "wheel", "pulley"] },
  "wires-clear": { when: "back", parts: [], wires: true },
  "ground-restored": { when: "back", parts: null },
} as const satisfies Record<string, TrapSpec>;
export type TrapId = keyof typeof TRAP_TABLE;
export const TRAP_IDS = Object.keys(TRAP_TABLE) as TrapId[];

const specOf = (id: TrapId): TrapSpec => TRAP_TABLE[id];

/** Prompts before a part comes off, in the order they bite. */
export function trapsBefore(part: MotorPart): TrapId[] {
  return TRAP_IDS.filter((id) => specOf(id).when === "off" && specOf(id).parts?.includes(part) === true);
}

/** What has to be seen to while this ledger goes back, in the order it bites. */
export function trapsBack({ steps, wires }: Pick<TakeApartRecord, "steps" | "wires">, hasSleeves: boolean): TrapId[] {
  const parts = new Set(steps.map(({ part }) => part));
  return TRAP_IDS.filter((id) => {
    const spec = specOf(id);
    if (spec.when !== "back" || (spec.sleeveOnly && !hasSleeves)) return false;
    return spec.parts === null || spec.parts.some((part) => parts.has(part)) || (spec.wires === true && wires.length > 0);
  });
}
