import { defineStation, plainAssessment, type Stamp } from "../../station";
import type { Facts } from "../../facts";
import type { TestId } from "../../trade";
import { fitOnlyExchanged, hasTwoParts, judgePart, worstStamp, type CapacitorDetail, type JudgedPart } from "./judge-part";
import { capacitorRecord, type MeasuredCapacitor } from "./record";
import { exchangeParts, isPartKeyed, withRunningAtRunPart } from "./parts";
import type { SectionVerdict } from "./section";
import { capacitorMigrations } from "./migrations";
import { isWorthWaiting } from "./worth-waiting";

/** The running method is worth proposing where the cold figure cannot decide; the cold meter while nothing was read. */
function openTestsOf(sections: readonly SectionVerdict[], stamp: Stamp, isSecondMissing: boolean): readonly TestId[] {
  const isUndecided = sections.some(({ joint, running }) => joint?.conformity.decision === "too-close" && running === null);
  // The other part is read whatever the first came to.
  const other: readonly TestId[] = isSecondMissing ? ["capacitor-meter"] : [];
  if (isUndecided && sections.every(({ running }) => running === null)) return [...other, "capacitor-running"];
  // A part the meter cannot reach is measured another way.
  if (sections.some(({ overLimit, swing, running }) => overLimit === "beyond-range" && swing === null && running === null))
    return [...other, "capacitor-swing", "capacitor-running"];
  return stamp === "not-done" || stamp === "unsure" || isSecondMissing ? ["capacitor-meter"] : [];
}

/** Each part reads what the other should: the readings were keyed at the wrong one. */
function areExchanged(first: JudgedPart, second: JudgedPart, keyed: readonly MeasuredCapacitor[]): boolean {
  // Somebody looked again, and they stand.
  if (keyed.some(({ readings: [reading] }) => reading?.isSure === true)) return false;
  const isOne = first.sections.length === 1 && second.sections.length === 1;
  return isOne && fitOnlyExchanged([...first.sections, ...second.sections], ROOM);
}
/** Worn parts read a little beyond their limits, exchanged or not. */
const ROOM = { low: 0.85, high: 1.15 } as const;

/** The run part's facts stand before those of the start part, whichever was typed first. */
const factsOfBoth = (parts: readonly JudgedPart[]): Partial<Facts> =>
  Object.assign(
    {},
    ...parts.toSorted((a, b) => Number(a.label?.kind === "run") - Number(b.label?.kind === "run")).map(({ facts }) => facts),
  ) as Partial<Facts>;

/** Capacitors by meter, running and swing, each against its label and against the plate. */
export const capacitorStation = defineStation({
  definition: {
    id: "capacitor",
    power: "dead",
    reads: ["capacitor"],
    minutes: 3,
    tests: ["capacitor-meter", "capacitor-running", "capacitor-swing"],
    needs: "capacitor",
    cautions: ["stored-charge", "oil-filled-can"],
    methods: [
      { id: "meter", power: "dead", tests: ["capacitor-meter"], cautions: ["stored-charge", "mark-wires", "oil-filled-can"] },
      { id: "running", power: "live", tests: ["capacitor-running"], cautions: ["line-voltage", "moving-parts"] },
      { id: "swing", power: "dead", tests: ["capacitor-swing"], cautions: ["stored-charge", "mark-wires"] },
      { id: "discharge", power: "dead", tests: [], cautions: ["stored-charge", "prove-dead"] },
      { id: "start-parts", power: "either", tests: [], cautions: ["local-codes"] },
    ],
  },
  ...capacitorRecord,
  migrations: capacitorMigrations,
  lasts: ({ label, corrections, second }) => ({
    label,
    corrections,
    second: { ...capacitorRecord.blank.second, label: second.label, corrections: second.corrections },
  }),
  assess(keyed, context) {
    const record = withRunningAtRunPart(keyed);
    const first = judgePart(record, context);
    const second = isPartKeyed(record.second) ? judgePart(exchangeParts(record), context) : null;
    const parts = [first, ...(second ? [second] : [])];
    const isExchanged = second !== null && areExchanged(first, second, [record, record.second]);
    const stamp = isExchanged ? "unsure" : worstStamp(parts.map((part) => part.stamp));
    const detail: CapacitorDetail =
      first.detail.state === "label" ? { ...first.detail, other: second?.detail ?? null, areExchanged: isExchanged } : first.detail;
    const sections = parts.flatMap((part) => part.sections);
    const isSecondMissing = hasTwoParts(context) && first.label !== null && (second === null || second.stamp === "not-done");
    const isLabelled = parts.some(({ label }) => label !== null);
    // What was read and says nothing is not asked for over and over.
    const wasRun = [record, record.second].some(({ running }) =>
      running.sections.some(({ amps, volts }) => amps !== null || volts !== null),
    );
    const openTests: readonly TestId[] = isLabelled
      ? openTestsOf(sections, stamp, isSecondMissing).filter((test) => test !== "capacitor-running" || !wasRun)
      : stamp === "not-done"
        ? ["capacitor-meter"]
        : [];
    const isLeft = sections.length > 0 && sections.every(isWorthWaiting);
    return plainAssessment<CapacitorDetail>(stamp, detail, {
      facts: factsOfBoth(parts),
      findings: isExchanged ? [] : parts.flatMap(({ findings }) => findings),
      openTests,
      due:
        stamp === "too-close" && context.house.tooCloseReplace === "leave" && isLeft
          ? [{ kind: "recheck-capacitor", when: { after: null, days: context.house.recheckDays } }]
          : [],
      working: parts.flatMap(({ working }) => working),
    });
  },
});
