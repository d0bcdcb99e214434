import type { PlateFieldId } from "../motor";
import type { Box } from "../picture";
import {
  LEAST_CHANCE,
  MOST_CANDIDATES,
  ranked,
  SURE,
  together,
  type PhotoCandidate,
  type FieldReading,
  type FieldWeights,
} from "./candidate";
import { PHOTO_PLATE_FIELDS, type PhotoPlateField } from "./fields";
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
const ANY_FIGURE = 4;
/** No printable text fits: something else stands there [nats]. */
const NONE_FITS = 10.5;
/** The field is not on the plate, or its line was not found, beside one line that is surely its. */
const NOT_THERE = 0.01;
/** A line of no name known here, of dirt or of words [chance beside exp of the costs]. */
const ANY_LINE = Math.exp(-10);

/** What one line may say as one field. */
interface LineAsField {
  readonly field: PhotoPlateField;
  readonly line: SplitLine;
  /** negative log of the chance that this field's line reads so [nats] */
  readonly cost: number;
  readonly weighed: readonly Weighed[];
}

/** How the text of a way stands on the plate, unit and all, without gaps. */
function printsOf(way: Way): ((text: string) => string)[] {
  if (way.field !== "capacitor") return way.units.map((unit) => (text: string) => text.replace(/\s/g, "") + unit);
  return UF_UNITS.flatMap((unit) =>
    ["V", "VAC"].map((volts) => (text: string) => text.replace(/\s/g, "").replace("µF", unit).replace(/V$/, volts)),
  );
}

/** Every text that a line may say as one field, in any of its ways; null: none. */
function lineAs(field: PhotoPlateField, line: SplitLine): LineAsField | null {
  const costs = new Map<string, number>();
  for (const way of WAYS) {
    if (way.field !== field) continue;
    for (const print of printsOf(way))
      for (const { text, cost } of weighFigures(way.printable, line.figures, print)) {
        const keyed = way.keyed(text);
        costs.set(keyed, Math.min(cost + line.names[way.name], costs.get(keyed) ?? Infinity));
      }
  }
  const weighed = [...costs].map(([text, cost]) => ({ text, cost })).sort((a, b) => a.cost - b.cost);
  const best = weighed[0]?.cost;
  if (best === undefined) return null;
  const name = Math.min(...WAYS.filter((way) => way.field === field).map((way) => line.names[way.name]));
  return { field, line, cost: Math.min(best, name + NONE_FITS), weighed: weighed.map((one) => ({ ...one, cost: one.cost - name })) };
}

/** A capacitor's line has two figures and two units. */
const LEAST_CAPACITOR_SIGNS = 5;
const isLong = ({ figures }: SplitLine): boolean => Math.max(...figures.map(({ text }) => text.length)) >= LEAST_CAPACITOR_SIGNS;

/** A line that may be a field's, with the chance that it is. */
interface Placed extends LineAsField {
  readonly isThisOne: number;
}

const ROUNDS = 40;

/**
 * Which line is which field's: a line is of one field at most, and a field has one line at most. Chances are scaled to that in
 * turns. @source R. Sinkhorn, A relationship between arbitrary positive matrices and doubly stochastic matrices (1964)
 */
function place(lines: readonly SplitLine[]): readonly Placed[] {
  const ways = lines.flatMap((line) =>
    PHOTO_PLATE_FIELDS.flatMap((field) => (field === "capacitor" && !isLong(line) ? [] : [lineAs(field, line)])),
  );
  const known = ways.filter((way) => way !== null).map((way) => ({ way, weight: Math.exp(-way.cost) }));
  const other = new Map(
    lines.map((line) => [line, OTHER_NAMES.reduce((sum, name) => sum + Math.exp(-line.names[name] - ANY_FIGURE), ANY_LINE)]),
  );
  const ofLine = new Map(lines.map((line) => [line, 1]));
  const ofField = new Map<PhotoPlateField, number>(PHOTO_PLATE_FIELDS.map((field) => [field, 1]));
  for (let round = 0; round < ROUNDS; round += 1) {
    for (const line of lines) {
      const taken = known.reduce(
        (sum, { way, weight }) => sum + (way.line === line ? weight * (ofField.get(way.field) ?? 1) : 0),
        other.get(line) ?? 0,
      );
      ofLine.set(line, 1 / taken);
    }
    for (const field of PHOTO_PLATE_FIELDS) {
      const taken = known.reduce(
        (sum, { way, weight }) => sum + (way.field === field ? weight * (ofLine.get(way.line) ?? 1) : 0),
        NOT_THERE,
      );
      ofField.set(field, 1 / taken);
    }
  }
  return known.map(({ way, weight }) => ({ ...way, isThisOne: weight * (ofLine.get(way.line) ?? 1) * (ofField.get(way.field) ?? 1) }));
}

/** What each text of a field weighs, over all lines that may be its; and what "none of these" weighs. */
function weightsOf(ways: readonly Placed[]): FieldWeights {
  const weights = new Map<string, number>();
  let none = Math.max(0, 1 - ways.reduce((sum, { isThisOne }) => sum + isThisOne, 0));
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
function weighTogether(alone: Readonly<Record<PhotoPlateField, readonly PhotoCandidate[]>>): Record<PhotoPlateField, Map<string, number>> {
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
        go(
          at + 1,
          choice.text === null ? texts : { ...texts, [field]: choice.text },
          chance * choice.chance * (choice.text === null ? UNKNOWN : 1),
        );
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
 * @param pictures lines as read, of one picture or of several of the same plate
 * @returns each field with its candidates; none where nothing was read
 */
export function readPlate(pictures: readonly (readonly ReadLine[])[]): readonly FieldReading<PhotoPlateField>[] {
  const placed = pictures.map((lines) => place(lines.map(splitLine).filter((line) => line !== null)));
  const aloneAs = (field: PhotoPlateField): readonly PhotoCandidate[] =>
    ranked(together(placed.map((ways) => weightsOf(ways.filter((way) => way.field === field)))));
  const weighed = weighTogether({
    volts: aloneAs("volts"),
    hertz: aloneAs("hertz"),
    amps: aloneAs("amps"),
    rpm: aloneAs("rpm"),
    power: aloneAs("power"),
    capacitor: aloneAs("capacitor"),
  });
  return PHOTO_PLATE_FIELDS.map((field) => {
    const none = weighed[field].get(NONE) ?? 0;
    weighed[field].delete(NONE);
    const candidates = ranked({ weights: weighed[field], none }).filter(({ chance }, at) => chance >= LEAST_CHANCE && at < MOST_CANDIDATES);
    const first = candidates[0];
    const from = first ? bestLine(placed, field, first.text) : null;
    return { field, candidates, isSure: (first?.chance ?? 0) >= SURE, read: from?.shown ?? "", at: from?.at ?? null };
  });
}

/** The line a text most likely stands on, of all pictures. */
function bestLine(placed: readonly (readonly Placed[])[], field: PhotoPlateField, text: string) {
  let best: { shown: string; at: { picture: number; box: Box }; cost: number } | null = null;
  for (const [picture, ways] of placed.entries())
    for (const way of ways) {
      const found = way.field === field ? way.weighed.find((one) => one.text === text) : undefined;
      if (!found) continue;
      const cost = found.cost - Math.log(way.isThisOne + 1e-9);
      if (best === null || cost < best.cost) best = { shown: way.line.shown, at: { picture, box: way.line.line.box }, cost };
    }
  return best;
}
