import { parseCapacitorLabel, type CapacitorLabel } from "../../capacitor";
import { BLANK_PART, PART_FIELDS, type MeasuredCapacitor, type CapacitorRecord } from "./record";

/** One part of a record, without what belongs to the place. */
const partOf = (record: MeasuredCapacitor): MeasuredCapacitor =>
  Object.fromEntries(PART_FIELDS.map((field) => [field, record[field]])) as unknown as MeasuredCapacitor;

/**
 * The same record with the other part in hand. Exchanged twice it is as it was.
 * @param record both parts
 * @returns both parts, the other one first
 */
export const exchangeParts = (record: CapacitorRecord): CapacitorRecord => ({ ...record, ...record.second, second: partOf(record) });

const hasFigures = ({ running }: MeasuredCapacitor): boolean => running.sections.some(({ amps, volts }) => amps !== null || volts !== null);

/** Something was keyed of this part. */
export const isPartKeyed = (part: MeasuredCapacitor): boolean => JSON.stringify(part) !== JSON.stringify(BLANK_PART);

const kindOf = ({ label, corrections }: MeasuredCapacitor): CapacitorLabel["kind"] | null => {
  const parsed = parseCapacitorLabel(label);
  return corrections.kind ?? (parsed.ok ? parsed.value.kind : null);
};

/**
 * The record with the running figures at the part they are of: once a motor runs its start part is out of the circuit, so
 * that amps and volts were taken at the run part, whichever label was typed first.
 * @param record both parts as they were keyed
 * @returns the same, with figures of a start part moved to the run part where that has none
 */
export function withRunningAtRunPart(record: CapacitorRecord): CapacitorRecord {
  const { second } = record;
  const [own, other] = [kindOf(record), kindOf(second)];
  if (own === "start" && other === "run" && hasFigures(record) && !hasFigures(second))
    return { ...record, running: BLANK_PART.running, second: { ...second, running: record.running } };
  if (own === "run" && other === "start" && hasFigures(second) && !hasFigures(record))
    return { ...record, running: second.running, second: { ...second, running: BLANK_PART.running } };
  return record;
}
