import { ratedUfOf, type CapacitorLabel } from "./label/says";
import { limitsOfSection, type HouseTolerances } from "./limits";
import type { StockPart } from "./stock";

/** What the place to fit it asks for. */
export interface Wanted {
  /** the plate's word, else the fitted part's label */
  readonly label: CapacitorLabel;
  /** highest of the voltages known: plate, fitted label; null when none is */
  readonly atLeastV: number | null;
  readonly frequencyHz: number | null;
  /** highest air temperature around it */
  readonly ambientC: number | null;
  /** lowest air temperature around it; where nobody says, the label's own */
  readonly coldestC: number | null;
  readonly strapDiameterMm: number | null;
  readonly spaceHeightMm: number | null;
  readonly terminals: number | null;
}

/** Why a part is refused. */
export type Refusal =
  | { readonly code: "another-value"; readonly wantedUf: number; readonly ratedUf: number; readonly percent: number }
  | { readonly code: "section-missing"; readonly wantedUf: readonly number[]; readonly ratedUf: readonly number[] }
  | { readonly code: "lower-volts"; readonly wantedV: number; readonly ratedV: number }
  | { readonly code: "volts-unknown"; readonly wantedV: number }
  | { readonly code: "other-kind"; readonly wanted: CapacitorLabel["kind"]; readonly fitted: CapacitorLabel["kind"] }
  | { readonly code: "other-hertz"; readonly wantedHz: number; readonly ratedHz: readonly number[] }
  | { readonly code: "too-cool"; readonly ambientC: number; readonly maxC: number }
  | { readonly code: "not-cold-enough"; readonly coldestC: number; readonly minC: number }
  | { readonly code: "too-wide"; readonly strapMm: number; readonly diameterMm: number }
  | { readonly code: "too-tall"; readonly spaceMm: number; readonly heightMm: number }
  | { readonly code: "too-few-terminals"; readonly wanted: number; readonly terminals: number }
  | { readonly code: "none-left" };

/** What to know of a part that is accepted. */
export type Remark =
  | "higher-volts"
  | "sixty-on-fifty"
  | "narrower"
  | "spare-section"
  | "hertz-unknown"
  | "temperature-unknown"
  | "size-unknown"
  | "no-line-mark";

/** A part of the list with its standing: fits, or the reasons why not. */
export interface FitOffer {
  readonly part: StockPart;
  readonly refusals: readonly Refusal[];
  readonly remarks: readonly Remark[];
  /** largest deviation of a section from what is wanted, as a fraction */
  readonly deviation: number;
}

/** Ratings of one series round to about three figures; a strap takes a few millimetres less with packing, none more. */
const SAME_RATING_FRACTION = 0.015;
const STRAP_GIVES_MM = 1;

/** Closest section of the part for each wanted one, each section used once; null when it has too few. */
function pairSections(wantedUf: readonly number[], ratedUf: readonly number[]): number[] | null {
  const free = [...ratedUf];
  const paired: number[] = [];
  for (const wanted of wantedUf.toSorted((a, b) => b - a)) {
    const best = free.toSorted((a, b) => Math.abs(a - wanted) - Math.abs(b - wanted))[0];
    if (best === undefined) return null;
    free.splice(free.indexOf(best), 1);
    paired.push(best / wanted - 1);
  }
  return paired;
}

/** Whether a rated value lies inside the limits of what is wanted: a printed range takes any rating within it. */
function isSameValue(wanted: CapacitorLabel, index: number, ratedUf: number, house: HouseTolerances): boolean {
  const section = wanted.sections[index];
  const limits = section ? limitsOfSection(section, wanted.kind, house) : null;
  if (!section || !limits) return false;
  const isNear = Math.abs(ratedUf - limits.ratedUf) <= SAME_RATING_FRACTION * limits.ratedUf;
  return section.nominalUf === null || wanted.kind === "start" ? isNear || (limits.lowUf <= ratedUf && ratedUf <= limits.highUf) : isNear;
}

type Check = (wanted: Wanted, part: StockPart, house: HouseTolerances) => Refusal | null;

/** Every reason to refuse, in the order in which they are told. */
const CHECKS: readonly Check[] = [
  ({ label }, part) => (part.label.kind === label.kind ? null : { code: "other-kind", wanted: label.kind, fitted: part.label.kind }),
  ({ label }, part, house) => {
    const [wantedUf, ratedUf] = [label.sections.map(ratedUfOf), part.label.sections.map(ratedUfOf)];
    if (ratedUf.length < wantedUf.length) return { code: "section-missing", wantedUf, ratedUf };
    const missing = wantedUf.findIndex((_, index) => !ratedUf.some((uf) => isSameValue(label, index, uf, house)));
    const wanted = wantedUf[missing];
    if (wanted === undefined) return null;
    const closest = ratedUf.toSorted((a, b) => Math.abs(a - wanted) - Math.abs(b - wanted))[0] ?? 0;
    return { code: "another-value", wantedUf: wanted, ratedUf: closest, percent: 100 * (closest / wanted - 1) };
  },
  ({ atLeastV }, { label: { ratedV } }) =>
    atLeastV === null
      ? null
      : ratedV === null
        ? { code: "volts-unknown", wantedV: atLeastV }
        : ratedV < atLeastV
          ? { code: "lower-volts", wantedV: atLeastV, ratedV }
          : null,
  ({ frequencyHz }, { label }) =>
    frequencyHz !== null && label.frequencyHz.length > 0 && !label.frequencyHz.includes(frequencyHz) && !isSixtyOnFifty(frequencyHz, label)
      ? { code: "other-hertz", wantedHz: frequencyHz, ratedHz: label.frequencyHz }
      : null,
  ({ ambientC }, { label: { temperature } }) =>
    ambientC !== null && temperature !== null && temperature.maxC < ambientC
      ? { code: "too-cool", ambientC, maxC: temperature.maxC }
      : null,
  ({ coldestC }, { label: { temperature } }) =>
    coldestC !== null && temperature?.minC != null && temperature.minC > coldestC
      ? { code: "not-cold-enough", coldestC, minC: temperature.minC }
      : null,
  ({ strapDiameterMm }, { diameterMm }) =>
    strapDiameterMm !== null && diameterMm !== null && diameterMm > strapDiameterMm + STRAP_GIVES_MM
      ? { code: "too-wide", strapMm: strapDiameterMm, diameterMm }
      : null,
  ({ spaceHeightMm }, { heightMm }) =>
    spaceHeightMm !== null && heightMm !== null && heightMm > spaceHeightMm ? { code: "too-tall", spaceMm: spaceHeightMm, heightMm } : null,
  ({ terminals: wanted }, { terminals }) =>
    wanted !== null && terminals !== null && terminals < wanted ? { code: "too-few-terminals", wanted, terminals } : null,
  (_, { quantity }) => (quantity < 1 ? { code: "none-left" } : null),
];

/**
 * A film part made for 60 Hz carries less current at 50 Hz and the same volts, I = 2π f C V, so it runs cooler than it was
 * made for. Never the other way, and never a start part.
 */
const isSixtyOnFifty = (frequencyHz: number | null, label: CapacitorLabel): boolean =>
  frequencyHz === 50 && label.kind === "run" && label.frequencyHz.includes(60) && !label.frequencyHz.includes(50);

const REMARKS: readonly { readonly remark: Remark; readonly applies: (wanted: Wanted, part: StockPart) => boolean }[] = [
  { remark: "sixty-on-fifty", applies: ({ frequencyHz }, { label }) => isSixtyOnFifty(frequencyHz, label) },
  { remark: "higher-volts", applies: ({ atLeastV }, { label }) => atLeastV !== null && (label.ratedV ?? 0) > atLeastV },
  {
    remark: "narrower",
    applies: ({ strapDiameterMm }, { diameterMm }) => strapDiameterMm !== null && diameterMm !== null && diameterMm < strapDiameterMm - 5,
  },
  { remark: "spare-section", applies: ({ label }, part) => part.label.sections.length > label.sections.length },
  { remark: "hertz-unknown", applies: ({ frequencyHz }, { label }) => frequencyHz !== null && label.frequencyHz.length === 0 },
  {
    remark: "temperature-unknown",
    applies: ({ ambientC, coldestC }, { label }) => (ambientC !== null || coldestC !== null) && label.temperature === null,
  },
  {
    remark: "size-unknown",
    applies: ({ strapDiameterMm, spaceHeightMm }, { diameterMm, heightMm }) =>
      (strapDiameterMm !== null && diameterMm === null) || (spaceHeightMm !== null && heightMm === null),
  },
  { remark: "no-line-mark", applies: (wanted, { label }) => wanted.label.hasLineMark && !label.hasLineMark },
];

/**
 * Ranks a parts list for one place: what fits first (closest, fewest open questions, cheapest), then what is refused,
 * the fewest reasons first, each with its reasons.
 * @param wanted place to be filled
 * @param parts the parts, each with its value
 * @param house house rules in force
 * @returns offers, what fits first, with what stands against each
 * @source fitting rules of the trade: same µF, same or higher volts, same kind, hertz, temperature, size, terminals
 */
export function rankParts(wanted: Wanted, parts: readonly StockPart[], house: HouseTolerances): FitOffer[] {
  const wantedUf = wanted.label.sections.map(ratedUfOf);
  return parts
    .map((part): FitOffer => {
      const deviations = pairSections(wantedUf, part.label.sections.map(ratedUfOf));
      return {
        part,
        refusals: CHECKS.map((check) => check(wanted, part, house)).filter((refusal) => refusal !== null),
        remarks: REMARKS.filter(({ applies }) => applies(wanted, part)).map(({ remark }) => remark),
        deviation: deviations ? Math.max(...deviations.map(Math.abs)) : Infinity,
      };
    })
    .sort(
      (a, b) =>
        a.refusals.length - b.refusals.length ||
        a.deviation - b.deviation ||
        a.remarks.length - b.remarks.length ||
        a.part.price - b.part.price,
    );
}
