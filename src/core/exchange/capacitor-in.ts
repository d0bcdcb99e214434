import {
  capacitorJudge,
  compareWithPlate,
  isAskedFor,
  limitsOfSection,
  parseCapacitorLabel,
  ratedUfOf,
  type CapacitorLabel,
  type LabelSection,
  type PartMismatch,
  type SectionLimits,
} from "../capacitor";
import type { HouseFigures } from "../house";
import { decideConformity, figureOf, findSlip, type Conformity, type Entry, type Figure, type Slip } from "../quantity";
import type { Failure } from "../result";
import { worstOf, type IncomingVerdict } from "./incoming-verdict";

/** A capacitor by its label and its own reading. */
export interface IncomingCapacitor {
  readonly kind: "capacitor";
  readonly verdict: IncomingVerdict;
  readonly label: CapacitorLabel | null;
  readonly failure: Failure | null;
  /** against what the place asks for; empty: nothing against it, or it is one of several */
  readonly mismatches: readonly PartMismatch[];
  readonly isWantedKnown: boolean;
  /** the section that is measured, and what it may read */
  readonly section: LabelSection | null;
  readonly limits: SectionLimits | null;
  readonly figure: Figure | null;
  /** beyond the range of the meter, or shorted: neither is known */
  readonly isOverLimit: boolean;
  /** the figure looks like a slip of the finger: it counts for nothing until somebody said which is meant */
  readonly slip: Slip | null;
  readonly conformity: Conformity | null;
}

/** Several capacitors for one place: joined in parallel, or one for each value that is asked for. */
export interface CapacitorsIn {
  readonly kind: "capacitors";
  readonly verdict: IncomingVerdict;
  readonly as: "sum" | "sections";
  readonly mismatches: readonly PartMismatch[];
  /** asked for, and no piece has it yet [µF] */
  readonly missingUf: readonly number[];
  /** by their labels [µF]; null: a label is not read, or has several values */
  readonly ratedUf: number | null;
  /** what the sum may read; null: each is held against its own label */
  readonly limits: SectionLimits | null;
  /** sum of the readings; null: not all are read, or they are not joined */
  readonly figure: Figure | null;
  readonly conformity: Conformity | null;
}

interface PieceOfLabel {
  readonly label: string;
  readonly reading: Entry | null;
}

type Measured = Pick<IncomingCapacitor, "label" | "failure" | "section" | "limits" | "figure" | "isOverLimit" | "slip" | "conformity">;

const conform = (figure: Figure | null, limits: SectionLimits | null, house: HouseFigures): Conformity | null =>
  figure && limits
    ? decideConformity({
        value: figure.value,
        standardUncertainty: figure.standardUncertainty,
        limits: { low: limits.lowUf, high: limits.highUf },
        guardFactor: house.guardFactor,
        coverageFactor: house.coverageFactor,
      })
    : null;

/** A piece by itself: of a can with several sections the one that is asked for is measured. */
function measured({ label, reading }: PieceOfLabel, wanted: CapacitorLabel | null, house: HouseFigures): Measured {
  const read = label.trim() === "" ? null : parseCapacitorLabel(label);
  const own = read?.ok ? read.value : null;
  const wantedUf = wanted?.sections[0] ? ratedUfOf(wanted.sections[0]) : null;
  const off = (section: LabelSection): number => (wantedUf === null ? 0 : Math.abs(ratedUfOf(section) - wantedUf));
  const section = own?.sections.toSorted((a, b) => off(a) - off(b))[0] ?? null;
  const limits = own && section ? limitsOfSection(section, own.kind, house) : null;
  const keyed = figureOf(reading);
  const slip = keyed && limits && reading ? findSlip(reading, "capacitance", capacitorJudge(limits, keyed.value)) : null;
  const figure = slip === null ? keyed : null;
  return {
    label: own,
    failure: read && !read.ok ? read.failure : null,
    section,
    limits,
    figure,
    isOverLimit: reading?.reading?.kind === "over-limit",
    slip,
    conformity: conform(figure, limits, house),
  };
}

/** What a reading alone says; a sign for over limit says nothing: many meters end below a start capacitor. */
const ofReading = ({ conformity, isOverLimit, slip }: Pick<IncomingCapacitor, "conformity" | "isOverLimit" | "slip">): IncomingVerdict =>
  isOverLimit || slip !== null
    ? "unsure"
    : conformity === null
      ? "unmeasured"
      : conformity.decision === "out"
        ? "wrong"
        : conformity.decision === "too-close"
          ? "too-close"
          : "right";

const lacksVolts = (wanted: CapacitorLabel, own: CapacitorLabel | null): boolean => wanted.ratedV !== null && own?.ratedV == null;

/** Of a dual that is asked for, one piece may be one of its values: the other is missing then, and nothing is wrong. */
const isOneOfSeveral = (wanted: CapacitorLabel, own: CapacitorLabel): boolean =>
  wanted.sections.length > 1 &&
  own.sections.length === 1 &&
  own.sections.every((section) => wanted.sections.some((each) => isAskedFor(each, section)));

/**
 * A capacitor that is to go in, from the shelf, a shop or another machine: its label against the place, its reading against
 * its own limits.
 * @param label as printed on it
 * @param entry what it read before it was fitted
 * @param wanted what the place asks for; null: nobody knows
 * @param house house rules in force
 * @returns what stands for and against it
 */
export function judgeCapacitorIn(
  label: string,
  entry: Entry | null,
  wanted: CapacitorLabel | null,
  house: HouseFigures,
): IncomingCapacitor {
  const piece = measured({ label, reading: entry }, wanted, house);
  const own = piece.label;
  const mismatches =
    own && wanted ? compareWithPlate(wanted, own).filter(({ code }) => code !== "wrong-value" || !isOneOfSeveral(wanted, own)) : [];
  const byReading = ofReading(piece);
  const verdict: IncomingVerdict =
    mismatches.length > 0 || byReading === "wrong"
      ? "wrong"
      : own === null || wanted === null || lacksVolts(wanted, own)
        ? "unsure"
        : byReading;
  return { kind: "capacitor", verdict, ...piece, mismatches, isWantedKnown: wanted !== null };
}

/**
 * A capacitor as one of several: what the place asks for is asked of all together.
 * @param piece as it was judged alone
 * @returns the same, by its reading alone
 */
export const asOneOfSeveral = (piece: IncomingCapacitor): IncomingCapacitor => ({
  ...piece,
  mismatches: [],
  verdict: piece.label === null ? "unsure" : ofReading(piece),
});

/** The labels of several as one: values of each for a place with several, their sum for a place with one. */
function jointLabel(wanted: CapacitorLabel, own: readonly CapacitorLabel[], sumUf: number | null): CapacitorLabel | null {
  const [first] = own;
  const [section] = first?.sections ?? [];
  if (!first || !section) return null;
  const known = own.flatMap(({ ratedV }) => ratedV ?? []);
  // A part of another kind among them is one of another kind, and the lowest volts govern.
  const kind = own.find((each) => each.kind !== wanted.kind)?.kind ?? wanted.kind;
  const ratedV = known.length > 0 ? Math.min(...known) : null;
  const sections =
    sumUf === null ? own.flatMap((each) => each.sections) : [{ ...section, nominalUf: sumUf, lowUf: null, highUf: null, terminal: null }];
  return { ...first, kind, ratedV, sections };
}

/** Sum of the readings. One meter read them all: its errors add end to end. */
function sumOf(figures: readonly (Figure | null)[]): Figure | null {
  const known = figures.filter((figure) => figure !== null);
  if (known.length < figures.length || known.length === 0) return null;
  const total = (pick: (figure: Figure) => number): number => known.reduce((sum, figure) => sum + pick(figure), 0);
  return { value: total(({ value }) => value), standardUncertainty: total(({ standardUncertainty }) => standardUncertainty) };
}

/**
 * What capacitors come to that go in together: one for each value of a dual that is asked for, else joined in parallel.
 * @param pieces each as it was judged
 * @param wanted what the place asks for; null: nobody knows
 * @param house house rules in force
 * @returns null for one piece at a place of one value: it says all itself
 * @source capacitors in parallel: values add, the lowest volts govern (Kirchhoff)
 */
export function judgeCapacitorsIn(
  pieces: readonly IncomingCapacitor[],
  wanted: CapacitorLabel | null,
  house: HouseFigures,
): CapacitorsIn | null {
  const own = pieces.flatMap(({ label }) => label ?? []);
  const isSections = wanted !== null && wanted.sections.length > 1;
  const [only] = own;
  if (pieces.length < 2 && !(isSections && only && isOneOfSeveral(wanted, only))) return null;
  const isRead = own.length === pieces.length;
  const isPlain = isRead && own.every(({ sections }) => sections.length === 1);
  const ratedUf = isPlain ? own.reduce((sum, { sections }) => sum + (sections[0] ? ratedUfOf(sections[0]) : 0), 0) : null;
  const as = isSections ? "sections" : "sum";
  const [asked] = wanted?.sections ?? [];
  const limits = wanted && asked && as === "sum" ? limitsOfSection(asked, wanted.kind, house) : null;
  const figure = as === "sum" ? sumOf(pieces.map((piece) => piece.figure)) : null;
  const conformity = conform(figure, limits, house);
  const missingUf = isSections
    ? wanted.sections.filter((each) => !own.some(({ sections }) => sections.some((section) => isAskedFor(each, section)))).map(ratedUfOf)
    : [];
  const isEachAsked = wanted !== null && own.every((each) => isOneOfSeveral(wanted, each));
  const joint = wanted && isRead && (isSections || ratedUf !== null) ? jointLabel(wanted, own, isSections ? null : ratedUf) : null;
  const isNear = ratedUf !== null && limits !== null && ratedUf >= limits.lowUf && ratedUf <= limits.highUf;
  const mismatches =
    joint && wanted
      ? compareWithPlate(wanted, joint).filter(({ code }) => code !== "wrong-value" || !(isSections ? isEachAsked : isNear))
      : [];
  const isUnsure = wanted === null || joint === null || missingUf.length > 0 || own.some((each) => lacksVolts(wanted, each));
  const verdict: IncomingVerdict =
    mismatches.length > 0
      ? "wrong"
      : worstOf([
          ...(isUnsure ? (["unsure"] as const) : []),
          ...pieces.map(ofReading),
          ...(as === "sum" && conformity !== null ? [ofReading({ conformity, isOverLimit: false, slip: null })] : []),
        ]);
  return { kind: "capacitors", verdict, as, mismatches, missingUf, ratedUf, limits, figure, conformity };
}
