import { MOST_STEPS, type MotorPart, type Step, type TakeApartRecord } from "@/core/stations/take-apart";

/* Changes of the ledger; each gives a new record and loses nothing. */

/** A part that has just come off, last in the list; what was closed is open again. */
export function withStep(record: TakeApartRecord, part: MotorPart, id: string): TakeApartRecord {
  if (record.steps.length >= MOST_STEPS) return record;
  const step: Step = { id, part, name: "", count: 1, place: null, way: "", photo: null, backAt: null };
  return { ...record, steps: [...record.steps, step], closedAt: null };
}

export const withDetails = (record: TakeApartRecord, id: string, details: Partial<Step>): TakeApartRecord => ({
  ...record,
  steps: record.steps.map((step) => (step.id === id ? { ...step, ...details } : step)),
});

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

/** Ticks a part as back, or takes the tick away; what comes out again opens it again. */
export const withBack = (record: TakeApartRecord, id: string, backAt: string | null): TakeApartRecord => ({
  ...withDetails(record, id, { backAt }),
  closedAt: backAt === null ? null : record.closedAt,
});
