import { field, recordOf } from "../../fields";
import { SUSPECTS } from "../../trade";
import type { Facts } from "../../facts";
import { absenceOf, type Trait } from "../../relevance";
import { defineStation, plainAssessment, NoteSchema } from "../../station";
import * as v from "valibot";
import { type Finding, type Outcome, type RuledOut } from "../../diagnosis";
import type { ForeignSort } from "../../motor";
import { lookMigrations } from "./migrations";

/** What can be seen or smelt, and what it tells the line-up. Ids are persisted: do not change without a migration. */
export const SIGNS = {
  "capacitor-bulged": { sense: "seen", outcome: "capacitor-damaged", needs: "charge" },
  "capacitor-leaking": { sense: "seen", outcome: "capacitor-damaged", needs: "charge" },
  "capacitor-terminal-burnt": { sense: "seen", outcome: "capacitor-damaged", needs: "charge" },
  "varnish-burnt": { sense: "seen", outcome: "winding-burnt" },
  "lead-loose": { sense: "seen", outcome: "wiring-damaged" },
  "lead-burnt": { sense: "seen", outcome: "wiring-damaged" },
  "cover-not-seated": { sense: "seen", outcome: "cover-loose" },
  "cover-cracked": { sense: "seen", outcome: "cover-loose" },
  "guard-missing": { sense: "seen", outcome: null },
  "interlock-defeated": { sense: "seen", outcome: null },
  "dust-clogged": { sense: "seen", outcome: "dust-clogged" },
  "wheel-fouled": { sense: "seen", outcome: "dust-clogged" },
  "oil-or-wax": { sense: "seen", outcome: null },
  "electronics-inside": { sense: "seen", outcome: null, shows: "electronic" },
  "brushes-inside": { sense: "seen", outcome: null, shows: "brushes" },
  "drive-in-front": { sense: "seen", outcome: null, shows: "three-phase" },
  "smell-burnt": { sense: "smelt", outcome: "winding-burnt" },
  "smell-electric": { sense: "smelt", outcome: "wiring-damaged" },
} as const satisfies Record<string, { sense: "seen" | "smelt"; outcome: Outcome<"look"> | null; needs?: Trait; shows?: ForeignSort }>;
export type Sign = keyof typeof SIGNS;
export const SIGN_IDS = Object.keys(SIGNS) as Sign[];

/**
 * Whether a sign can be seen on this motor at all.
 * @param sign which sign
 * @param facts what is known of the motor
 * @returns true when it can
 */
export function isSignOn(sign: Sign, facts: Facts): boolean {
  const { needs } = SIGNS[sign] as { needs?: Trait };
  return needs === undefined || absenceOf(needs, facts) === null;
}

export const lookRecord = recordOf({
  signs: field.someOf(SIGN_IDS),
  nothingFound: field.flag(),
  /** ruled out by ear or eye, each with what was heard or seen */
  ruledOut: field.own(v.pipe(v.array(v.object({ suspect: v.picklist(SUSPECTS), reason: NoteSchema })), v.maxLength(SUSPECTS.length)), []),
  note: field.note(),
});

export interface LookDetail {
  readonly signs: readonly Sign[];
  readonly state: "not-done" | "clean" | "signs";
  /** without a reason it does not count yet */
  readonly ruledOut: readonly RuledOut[];
}

/** A sort of motor that is not judged here, as the eye has it; what a person said at the plate stands before it. */
function seenSort(signs: readonly Sign[], { isOursSaid, notOurs }: Facts): Pick<Facts, "notOurs"> {
  const shown = signs.flatMap((sign) => (SIGNS[sign] as { shows?: ForeignSort }).shows ?? [])[0];
  return { notOurs: shown === undefined || isOursSaid ? notOurs : { sort: shown, by: "seen" } };
}

/** Look and smell before anything is touched. */
export const lookStation = defineStation({
  definition: { id: "look", power: "dead", minutes: 2, tests: ["look"], cautions: ["oil-filled-can"] },
  ...lookRecord,
  migrations: lookMigrations,
  assess(record, { facts: known }) {
    const ruledOut = record.ruledOut.filter(({ reason }) => reason.trim() !== "");
    const facts = { ruledOut, ...seenSort(record.signs, known) };
    if (record.signs.length === 0) {
      const isDone = record.nothingFound;
      const findings: Finding[] = isDone ? [{ test: "look", weights: { clean: 1 } }] : [];
      const stamp = isDone ? "holds" : record.note.trim() === "" ? "not-done" : "noted";
      return plainAssessment<LookDetail>(stamp, { signs: [], state: isDone ? "clean" : "not-done", ruledOut }, { findings, facts });
    }
    // Two signs of one kind are one finding: they do not count twice.
    const outcomes = new Set(record.signs.flatMap((sign) => SIGNS[sign].outcome ?? []));
    const findings = [...outcomes].map((outcome): Finding => ({ test: "look", weights: { [outcome]: 1 } }));
    const isDamage = findings.length > 0;
    return plainAssessment<LookDetail>(
      isDamage ? "out" : "noted",
      { signs: record.signs, state: "signs", ruledOut },
      {
        findings,
        facts: { ...facts, isCapacitorDamaged: outcomes.has("capacitor-damaged") },
      },
    );
  },
});
