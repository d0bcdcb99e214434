import type { PlateFieldId } from "../motor";
import { LEAST_CHANCE, MOST_CANDIDATES, ranked, SURE, type Candidate, type FieldReading } from "./candidate";
import type { PrintedName } from "./printed-names";
import type { ReadLine } from "./read-line";
import { unlikeAMotor, type PlateTexts } from "./together";
import {
  PRINTED_AMPS,
  PRINTED_CAPACITOR_VOLTS,
  PRINTED_HERTZ,
  PRINTED_HP,
  PRINTED_KW,
  PRINTED_RPM,
  PRINTED_UF,
  PRINTED_VOLTS,
  PRINTED_WATTS,
  type Printable,
} from "./usual-values";
import { splitLine, weighFigures, type SplitLine, type Weighed } from "./weigh-line";

/** Fields of a plate that are read from a picture. */
export const PHOTO_PLATE_FIELDS = ["volts", "hertz", "amps", "rpm", "power", "capacitor"] as const;
export type PhotoPlateField = (typeof PHOTO_PLATE_FIELDS)[number];

interface Way {
  readonly field: PhotoPlateField;
  readonly name: PrintedName;
  readonly printable: readonly Printable[];
  /** as keyed into the field */
  readonly keyed: (text: string) => string;
  /** units that may stand behind the figure */
  readonly units: readonly string[];
}

const same = (text: string): string => text;
const UF_UNITS = ["uF", "MFD"];
const UF_AND_VOLTS: readonly Printable[] = [
  ...PRINTED_UF.flatMap((uf) =>
    PRINTED_CAPACITOR_VOLTS.map((volts) => ({ text: `${uf.text} µF ${volts.text} V`, unusual: uf.unusual + volts.unusual })),
  ),
  ...PRINTED_UF.map((uf) => ({ text: `${uf.text} µF`, unusual: uf.unusual + 1.5 })),
];

const WAYS: readonly Way[] = [
  { field: "volts", name: "volts", printable: PRINTED_VOLTS, keyed: same, units: ["", "V"] },
  { field: "hertz", name: "hertz", printable: PRINTED_HERTZ, keyed: same, units: ["", "Hz"] },
  { field: "amps", name: "amps", printable: PRINTED_AMPS, keyed: same, units: ["", "A"] },
  { field: "rpm", name: "rpm", printable: PRINTED_RPM, keyed: same, units: ["", "RPM"] },
  { field: "power", name: "hp", printable: PRINTED_HP, keyed: (text) => `${text} HP`, units: ["", "HP"] },
  { field: "power", name: "kw", printable: PRINTED_KW, keyed: (text) => `${text} kW`, units: ["", "kW"] },
  { field: "power", name: "watts", printable: PRINTED_WATTS, keyed: (text) => `${text} W`, units: ["", "W"] },
  { field: "capacitor", name: "capacitor", printable: UF_AND_VOLTS, keyed: same, units: [] },
];
/** What else stands on a plate: its name is known, its figure may be anything [nats]. */
const OTHER_NAMES: readonly PrintedName[] = ["phase", "insulation", "ambient", "serial", "frame", "duty", "model", "factor", "title"];
const ANY_FIGURE = 3.2;
/** No printable text fits: something else stands there [nats]. */
const NONE_FITS = 7.5;
/** The field is not on the plate, or its line was not found, against one line that surely is its. */
const NOT_THERE = 0.015;

/** What one line may say as one field, with the chance that it is this field's line. */
interface LineAsField {
  readonly field: PhotoPlateField;
  readonly line: SplitLine;
  readonly isThisOne: number;
  readonly weighed: readonly Weighed[];
}

/** How the text of a way stands on the plate, unit and all, without gaps. */
function printsOf(way: Way): ((text: string) => string)[] {
  if (way.field !== "capacitor") return way.units.map((unit) => (text: string) => text.replace(/\s/g, "") + unit);
  return UF_UNITS.flatMap((unit) =>
    ["V", "VAC"].map((volts) => (text: string) => text.replace(/\s/g, "").replace("µF", unit).replace(/V$/, volts)),
  );
}

function waysOfLine(line: SplitLine): LineAsField[] {
  const isLong = Math.max(...line.figures.map(({ text }) => text.length)) > 5;
  const scored = WAYS.flatMap((way) => {
    // A capacitor's line has two figures and two units.
    if (way.field === "capacitor" && !isLong) return [];
    const best = new Map<string, number>();
    for (const print of printsOf(way))
      for (const { text, cost } of weighFigures(way.printable, line.figures, print)) {
        const keyed = way.keyed(text);
        best.set(keyed, Math.min(cost, best.get(keyed) ?? Infinity));
      }
    const weighed = [...best].map(([text, cost]) => ({ text, cost })).sort((a, b) => a.cost - b.cost);
    const first = weighed[0];
    return first ? [{ way, weighed, cost: line.names[way.name] + Math.min(first.cost, NONE_FITS) }] : [];
  });
  const others = OTHER_NAMES.map((name) => line.names[name] + ANY_FIGURE);
  const total = [...scored.map(({ cost }) => cost), ...others].reduce((sum, cost) => sum + Math.exp(-cost), 0);
  return scored.map(({ way, weighed, cost }) => ({ field: way.field, line, isThisOne: Math.exp(-cost) / total, weighed }));
}

/** What each text of a field weighs, over all lines that may be its; and what "none of these" weighs. */
function weightsOf(ways: readonly LineAsField[]): { readonly weights: Map<string, number>; readonly none: number } {
  const weights = new Map<string, number>();
  let none = NOT_THERE;
  for (const { weighed, isThisOne } of ways) {
    const total = weighed.reduce((sum, { cost }) => sum + Math.exp(-cost), Math.exp(-NONE_FITS));
    for (const { text, cost } of weighed) weights.set(text, (weights.get(text) ?? 0) + (isThisOne * Math.exp(-cost)) / total);
    none += (isThisOne * Math.exp(-NONE_FITS)) / total;
  }
  return { weights, none };
}

/** So many texts of each field are weighed together with those of the others. */
const TOGETHER = 7;
const TOGETHER_FIELDS = ["volts", "hertz", "amps", "rpm", "power"] as const satisfies readonly PlateFieldId[];

/** Chances of each field's texts, weighed together as one motor's. */
function weighTogether(alone: Readonly<Record<PhotoPlateField, readonly Candidate[]>>): Record<PhotoPlateField, Map<string, number>> {
  const sums = Object.fromEntries(PHOTO_PLATE_FIELDS.map((field) => [field, new Map<string, number>()])) as Record<
    PhotoPlateField,
    Map<string, number>
  >;
  const choices = TOGETHER_FIELDS.map((field) => {
    const some = alone[field].slice(0, TOGETHER);
    const known = some.reduce((sum, { chance }) => sum + chance, 0);
    return [...some, { text: null, chance: Math.max(1e-6, 1 - known) }];
  });
  const go = (at: number, texts: PlateTexts, chance: number): void => {
    const field = TOGETHER_FIELDS[at];
    if (field === undefined) {
      const weight = chance * Math.exp(-unlikeAMotor(texts));
      TOGETHER_FIELDS.forEach((each) => {
        const text = texts[each] ?? NONE;
        sums[each].set(text, (sums[each].get(text) ?? 0) + weight);
      });
      return;
    }
    for (const choice of choices[at] ?? [])
      if (chance * choice.chance > LEAST_TOGETHER)
        go(at + 1, choice.text === null ? texts : { ...texts, [field]: choice.text }, chance * choice.chance * (choice.text === null ? UNKNOWN : 1));
  };
  go(0, {}, 1);
  sums.capacitor = new Map(alone.capacitor.map(({ text, chance }) => [text, chance]));
  sums.capacitor.set(NONE, Math.max(0, 1 - alone.capacitor.reduce((sum, { chance }) => sum + chance, 0)));
  return sums;
}
const NONE = "";
const LEAST_TOGETHER = 1e-7;
/** What is not known agrees with the rest about as well as an ordinary plate does with itself. */
const UNKNOWN = 0.6;

/**
 * What a plate says, field by field: every line weighed as every field, every text that may be printed against what was read,
 * then all fields together as one motor.
 * @param lines as read, of one picture or of several of the same plate
 * @returns each field with its candidates; none where nothing was read
 */
export function readPlate(lines: readonly ReadLine[]): readonly FieldReading<PhotoPlateField>[] {
  const split = lines.map(splitLine).filter((line) => line !== null);
  const ways = split.flatMap(waysOfLine);
  const alone = Object.fromEntries(
    PHOTO_PLATE_FIELDS.map((field) => {
      const { weights, none } = weightsOf(ways.filter((way) => way.field === field));
      return [field, ranked(weights, none)];
    }),
  ) as Record<PhotoPlateField, readonly Candidate[]>;
  const together = weighTogether(alone);
  return PHOTO_PLATE_FIELDS.map((field) => {
    const none = together[field].get(NONE) ?? 0;
    together[field].delete(NONE);
    const candidates = ranked(together[field], none).filter(({ chance }, at) => chance >= LEAST_CHANCE && at < MOST_CANDIDATES);
    const first = candidates[0];
    const from = first && bestLine(ways, field, first.text);
    return {
      field,
      candidates,
      isSure: (first?.chance ?? 0) >= SURE,
      read: from?.line.shown ?? "",
      box: from?.line.line.box ?? null,
    };
  });
}

/** The line a text most likely stands on. */
function bestLine(ways: readonly LineAsField[], field: PhotoPlateField, text: string): LineAsField | null {
  let best: { way: LineAsField; cost: number } | null = null;
  for (const way of ways) {
    const found = way.field === field ? way.weighed.find((one) => one.text === text) : undefined;
    if (!found) continue;
    const cost = found.cost - Math.log(way.isThisOne + 1e-9);
    if (best === null || cost < best.cost) best = { way, cost };
  }
  return best?.way ?? null;
}
