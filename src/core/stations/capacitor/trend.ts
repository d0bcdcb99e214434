import type { EarlierVisit } from "../../station";
import { figureOf } from "../../quantity";
import { fitDrift, printCapacitorLabel, type CapacitorLabel, type Drift, type DriftPoint, type SectionLimits } from "../../capacitor";
import * as v from "valibot";
import { exchangeParts } from "./parts";
import { capacitorRecord, type CapacitorRecord } from "./record";

/** Figures of one section over the visits, with its trend. */
export interface Trend {
  /** earlier figures of this very part, the oldest first */
  readonly earlier: readonly (DriftPoint & { readonly at: string })[];
  /** day of the present figure; 0 when there is none */
  readonly presentDay: number;
  /** null while there are too few to say anything */
  readonly drift: Drift | null;
}

const DAY_MS = 86_400_000;
export const toDay = (at: string): number => Date.parse(at) / DAY_MS;

/** Decisions after which another part hangs in the strap. */
const ENDS_A_PART = ["replace-run-capacitor", "replace-start-capacitor", "replace-motor"];

function wasReplaced({ records }: EarlierVisit): boolean {
  const action = (records.decide as { readonly action?: unknown } | undefined)?.action;
  return typeof action === "string" && ENDS_A_PART.includes(action);
}

/** Figures that were taken of the same part: same label, and no replacement since. */
function sameParts(
  label: CapacitorLabel,
  earlier: readonly EarlierVisit[],
  readLabel: (record: CapacitorRecord) => CapacitorLabel | null,
): { readonly at: string; readonly record: CapacitorRecord }[] {
  const found: { readonly at: string; readonly record: CapacitorRecord }[] = [];
  const printed = printCapacitorLabel({ ...label, notes: [] });
  for (const visit of earlier.toReversed()) {
    if (wasReplaced(visit)) break;
    const record = v.safeParse(capacitorRecord.schema, visit.records.capacitor);
    if (!record.success || record.output.label.trim() === "") continue;
    // Which of two parts was typed first on that visit says nothing.
    const same = [record.output, exchangeParts(record.output)].find((each) => {
      const then = readLabel(each);
      return then !== null && printCapacitorLabel({ ...then, notes: [] }) === printed;
    });
    if (same === undefined) break;
    found.push({ at: visit.at, record: same });
  }
  return found.reverse();
}

/**
 * Trend of one section: cold-meter figures of earlier visits and the present one.
 * @param present the meter's figure of this visit, with its time; null when it was not taken
 */
export function trendOf(
  section: { readonly index: number; readonly label: CapacitorLabel; readonly limits: SectionLimits },
  earlier: readonly EarlierVisit[],
  present: (DriftPoint & { readonly at: string }) | null,
  readLabel: (record: CapacitorRecord) => CapacitorLabel | null,
): Trend {
  const points = sameParts(section.label, earlier, readLabel).flatMap(({ record }) => {
    const entry = record.readings[section.index];
    const figure = figureOf(entry);
    const at = entry?.reading?.at;
    return figure && at !== undefined
      ? [{ at, day: toDay(at), capacitanceUf: figure.value, standardUncertaintyUf: figure.standardUncertainty }]
      : [];
  });
  return { earlier: points, presentDay: present?.day ?? 0, drift: fitDrift(present ? [...points, present] : points, section.limits) };
}
