import { parseCapacitorLabel, ratedUfOf } from "../../capacitor";
import type { CapacitorRecord } from "./record";

/** Figures of the part: by meter, running or swing. */
const hasFigures = ({ readings, running, swing, looksBad }: CapacitorRecord): boolean =>
  readings.some((each) => each !== null) ||
  running.sections.some(({ amps, volts }) => amps !== null || volts !== null) ||
  swing.sections.some(({ behaviour }) => behaviour !== null) ||
  looksBad !== null;

/** What a label says of the part, as far as another part would say something else. */
function partKey(text: string): string | null {
  const parsed = parseCapacitorLabel(text);
  return parsed.ok ? [parsed.value.kind, ...parsed.value.sections.map((section) => ratedUfOf(section).toFixed(2))].join() : null;
}

/** A label typed over another that the readings were taken with, and that says another part; null: the same, or not readable yet. */
export function relabelledFrom(record: CapacitorRecord): string | null {
  if (record.readFor === "" || !hasFigures(record)) return null;
  const [before, now] = [partKey(record.readFor), partKey(record.label)];
  return before !== null && now !== null && before !== now ? record.readFor : null;
}

/** Types a label; once there are readings, the label they were taken with is kept beside it. */
export function typeLabel(record: CapacitorRecord, label: string): CapacitorRecord {
  const isFirst = record.readFor === "" && hasFigures(record) && partKey(record.label) !== null;
  return { ...record, label, readFor: isFirst ? record.label : record.readFor };
}
