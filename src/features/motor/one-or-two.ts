import type { Summary } from "@/store/summary";
import { clockDay } from "../vocabulary/clock";

/** A motor among cards that were found. */
export interface MotorFound {
  readonly motor: string;
  readonly name: string;
  /** how many visits were found */
  readonly visits: string;
  /** moment of the last of them */
  readonly last: string;
}

export const countedVisits = (count: number): string => `${count} ${count === 1 ? "visit" : "visits"}`;

/** Motors of some cards, in the order of their cards, by the names of the last visit to each. */
export function motorsOf(cards: readonly Summary[]): readonly MotorFound[] {
  const byMotor = new Map<string, Summary[]>();
  for (const card of cards) byMotor.set(card.motor, [...(byMotor.get(card.motor) ?? []), card]);
  return [...byMotor].map(([motor, own]) => {
    const last = own.reduce((latest, each) => (each.createdAt > latest.createdAt ? each : latest));
    return {
      motor,
      name: `${last.machine.trim() || "Machine not named"}, ${last.site.trim() || "no site"}`,
      visits: countedVisits(own.length),
      last: last.createdAt,
    };
  });
}

const HOW_WORDS = { "made-one": "Made one", parted: "Parted off", followed: "Made one" } as const;

/** What was said of some visits, each moment once, the newest first. */
export function changeWords(visits: readonly Summary[]): readonly { readonly at: string; readonly words: string }[] {
  const said = new Map<string, { how: keyof typeof HOW_WORDS; names: Set<string>; count: number }>();
  for (const { motorChange, machine } of visits) {
    if (!motorChange) continue;
    const known = said.get(motorChange.at) ?? { how: motorChange.how, names: new Set<string>(), count: 0 };
    known.names.add(machine.trim().toLowerCase() === "" ? "a machine not named" : machine.trim());
    known.count += 1;
    // Later visits only follow what was said.
    if (motorChange.how !== "followed") known.how = motorChange.how;
    said.set(motorChange.at, known);
  }
  return [...said]
    .sort(([a], [b]) => (a < b ? 1 : -1))
    .map(([at, { how, names, count }]) => ({
      at,
      words: `${HOW_WORDS[how]} on ${clockDay(at)}: ${[...names].join(" and ")}, ${countedVisits(count)}.`,
    }));
}
