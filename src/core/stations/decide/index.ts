import { plainAt } from "../../fields";
import type { ActionId, TestId } from "../../trade";
import { defineStation, plainAssessment } from "../../station";
import { type Facts, plateCapacitorFor } from "../../facts";
import { neededCapacitor, type CapacitorLabel, type NeededCapacitor } from "../../capacitor";
import { ACTION_TABLE, causesOf, checksBefore, MEASURES_FOR, type CauseState, type Measure } from "../../decision";
import { decideRecord } from "./record";
import { decideMigrations } from "./migrations";

export { decideRecord, type DecideRecord } from "./record";

export interface DecideDetail {
  readonly action: ActionId | null;
  readonly isReasonMissing: boolean;
  readonly part: NeededCapacitor | null;
  /** why the part may have failed, and what is known of each */
  readonly causes: readonly CauseState[];
  /** tests this action asks for that nobody made */
  readonly unchecked: readonly TestId[];
  /** what can be done while the part is not here */
  readonly measures: readonly Measure[];
  readonly machineYearsLeft: number | null;
}

/** The part to fetch: the plate's word for this kind; a fitted one of the other kind says nothing of it. */
function partFor(kind: CapacitorLabel["kind"], facts: Facts): NeededCapacitor | null {
  const asked = plateCapacitorFor(facts, kind);
  const { fittedCapacitor } = facts;
  return neededCapacitor(asked, asked === null || fittedCapacitor?.kind === asked.kind ? fittedCapacitor : null);
}

const NEEDS_CAPACITOR: readonly ActionId[] = ["replace-run-capacitor", "replace-start-capacitor"];

/** The chosen action, its reason, the part it needs, why that failed, and what to do until it is here. */
export const decideStation = defineStation({
  definition: { id: "decide", power: "either", minutes: 2, tests: [], cautions: ["local-codes"] },
  ...decideRecord,
  migrations: decideMigrations,
  assess(record, { facts, findings }) {
    const { action, also } = record;
    const works = [action, also].filter((each): each is ActionId => each !== null);
    const evidence = { complaints: facts.complaints, findings };
    const made = new Set(findings.map(({ test }) => test));
    const checks = new Set(works.flatMap((work) => checksBefore(work, ACTION_TABLE[work].checkFirst, evidence)));
    const causes = works.flatMap((work) => causesOf(work, evidence, record.causes as Parameters<typeof causesOf>[2]));
    const machineYearsLeft = plainAt(decideRecord, record, "machineYears").value;
    const detail: DecideDetail = {
      action,
      isReasonMissing: action !== null && record.reason.trim() === "",
      part: works.some((work) => NEEDS_CAPACITOR.includes(work))
        ? partFor(works.includes("replace-start-capacitor") ? "start" : "run", facts)
        : null,
      causes: causes.filter(({ cause }, index) => causes.findIndex((each) => each.cause === cause) === index),
      unchecked: [...checks].filter((test) => !made.has(test)),
      measures: [...new Set(works.flatMap((work) => MEASURES_FOR[work] ?? []))],
      machineYearsLeft,
    };
    return plainAssessment(action === null ? "not-done" : "noted", detail, {
      facts: {
        action,
        also,
        decidedAt: action === null ? null : record.decidedAt,
        isMakeshift: record.partHere === false && record.measure !== null,
        recheckOn: record.recheckOn,
      },
      due: record.recheckOn === null ? [] : [{ kind: "recheck-decision", when: { on: record.recheckOn } }],
    });
  },
});
