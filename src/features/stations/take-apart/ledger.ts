import { MOST_STEPS, type MotorPart, type Step, type TakeApartRecord, type Wire } from "@/core/stations/take-apart";

/* Changes of the ledger; each gives a new record and loses nothing. */

/** A part that has just come off, last in the list; what was closed is open again. */
export function withStep(record: TakeApartRecord, part: MotorPart, id: string): TakeApartRecord {
  if (record.steps.length >= MOST_STEPS) return record;
  const step: Step = { id, part, name: "", count: 1, place: null, way: "", photo: null, backAt: null, countBack: 0, isNew: false };
  return { ...record, steps: [...record.steps, step], closedAt: null };
}

/** One line of the list changed. */
export const withStepChanged = (record: TakeApartRecord, id: string, apply: (step: Step) => Step): TakeApartRecord => ({
  ...record,
  steps: record.steps.map((step) => (step.id === id ? apply(step) : step)),
});
export const withDetails = (record: TakeApartRecord, id: string, details: Partial<Step>): TakeApartRecord =>
  withStepChanged(record, id, (step) => ({ ...step, ...details }));

/** One place up (−1) or down (+1) the list; at its ends it stays. */
export function moved(record: TakeApartRecord, id: string, by: -1 | 1): TakeApartRecord {
  const from = record.steps.findIndex((step) => step.id === id);
  const to = from + by;
  const [step, other] = [record.steps[from], record.steps[to]];
  if (!step || !other) return record;
  return { ...record, steps: record.steps.map((each, index) => (index === from ? other : index === to ? step : each)) };
}

export const without = (record: TakeApartRecord, id: string): TakeApartRecord => ({
  ...record,
  steps: record.steps.filter((step) => step.id !== id),
});

/** A line that was struck, where it stood. */
export function broughtBack(record: TakeApartRecord, step: Step, at: number): TakeApartRecord {
  if (record.steps.some(({ id }) => id === step.id)) return record;
  return {
    ...record,
    steps: [...record.steps.slice(0, at), step, ...record.steps.slice(at)],
    closedAt: step.backAt ? record.closedAt : null,
  };
}

/** Ticks a line as back, all of it, or takes the tick away; what comes out again opens it again. */
export const withBack = (record: TakeApartRecord, id: string, backAt: string | null): TakeApartRecord => {
  const step = record.steps.find((each) => each.id === id);
  return {
    ...withDetails(record, id, { backAt, countBack: backAt === null ? 0 : (step?.count ?? 0) }),
    closedAt: backAt === null ? null : record.closedAt,
  };
};

/** So many of a line are back: with the last of them the line is. */
export function withCountBack(record: TakeApartRecord, id: string, countBack: number, at: string): TakeApartRecord {
  const step = record.steps.find((each) => each.id === id);
  if (!step) return record;
  const count = Math.min(Math.max(countBack, 0), step.count);
  return count === step.count
    ? withBack(record, id, step.backAt ?? at)
    : { ...withDetails(record, id, { countBack: count, backAt: null }), closedAt: null };
}

/** How many came off; a line that was back is not while more of it are off. */
export function withCount(record: TakeApartRecord, id: string, count: number, at: string): TakeApartRecord {
  const step = record.steps.find((each) => each.id === id);
  return step ? withCountBack(withDetails(record, id, { count }), id, step.countBack, at) : record;
}

/** Wires of one name are called by it and a number, in the order they were noted. */
export function toldApart(record: TakeApartRecord, mark: string): TakeApartRecord {
  const isAlike = (wire: Wire): boolean => wire.mark.trim().toLowerCase() === mark.trim().toLowerCase();
  const names = new Set(record.wires.filter((wire) => !isAlike(wire)).map((wire) => wire.mark.trim().toLowerCase()));
  let number = 0;
  const nextName = (): string => {
    do number += 1;
    while (names.has(`${mark} ${number}`.toLowerCase()));
    return `${mark} ${number}`;
  };
  return { ...record, wires: record.wires.map((wire) => (isAlike(wire) ? { ...wire, mark: nextName() } : wire)) };
}
