import { MEASURES, measureSpec, type MeasureId, type MeasureSpec, type UnitMeaning } from "../measure";

/** What a meter can be asked for. Ids are persisted: do not change one without a migration. */
export const QUANTITY_IDS = [
  "resistance",
  "capacitance",
  "current",
  "voltage",
  "temperature",
  "insulation",
  "speed",
  "duration",
] as const satisfies readonly MeasureId[];
export type Quantity = (typeof QUANTITY_IDS)[number];
export type BaseUnit = (typeof MEASURES)[Quantity]["base"];

type Row = { readonly [Q in Quantity]: (typeof MEASURES)[Q] };
/** Values inside the program are in the base unit named here. */
export const QUANTITIES: Row = Object.fromEntries(QUANTITY_IDS.map((id) => [id, MEASURES[id]])) as unknown as Row;

const KIND_OF_CURRENT = /^(?:ac|~)(?=.)|(?:ac|dc|~|rms|eff)+$/i;

function ownMeaning(unit: string, { own = {} }: MeasureSpec): UnitMeaning | undefined {
  // Object.hasOwn: a keyed "constructor" must not find a property of the table itself.
  if (Object.hasOwn(own, unit)) return own[unit];
  const lower = unit.toLowerCase();
  // One or two letters with an m may change their meaning with their case: only as they stand in the table.
  return Object.hasOwn(own, lower) && !/^mf?$/.test(lower) ? own[lower] : undefined;
}

function prefixedMeaning(unit: string, { words, prefixes, bare }: MeasureSpec): UnitMeaning | undefined {
  const lower = unit.toLowerCase();
  const ends = ["", ...words].filter((word) => lower.endsWith(word)).sort((a, b) => b.length - a.length);
  for (const word of ends) {
    const prefix = unit.slice(0, unit.length - word.length);
    if (prefix === "") return { factor: bare };
    const key = Object.hasOwn(prefixes, prefix) ? prefix : prefix.length > 1 ? prefix.toLowerCase() : "";
    if (!Object.hasOwn(prefixes, key)) continue;
    const factor = prefixes[key];
    if (factor !== undefined) return factor === "ask" ? "ambiguous" : { factor };
  }
  return undefined;
}

/**
 * What a unit means behind a figure of this kind: prefix and word, in any usual spelling.
 * @param unit as typed, Greek mu written "u", ohm sign written "ohm", spaces and dots gone; "" for none
 * @returns the factor to the base unit, why it must be asked, or undefined for what is no unit of it
 * @example meaningOfUnit("Kohms", "resistance") -> { factor: 1000 }
 */
export function meaningOfUnit(unit: string, measure: MeasureId): UnitMeaning | undefined {
  const spec = measureSpec(measure);
  const own = ownMeaning(unit, spec);
  if (own !== undefined) return own;
  if (spec.hasKindOfCurrent && unit.length > 1) {
    const plain = unit.replace(KIND_OF_CURRENT, "").replace(KIND_OF_CURRENT, "");
    // `230 AC` names no unit, and needs none.
    if (plain !== unit) return prefixedMeaning(plain, spec);
  }
  return prefixedMeaning(unit, spec);
}
