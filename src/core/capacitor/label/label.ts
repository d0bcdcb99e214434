import { fail, ok, type Failure, type Result } from "../../result";
import { recent } from "../../recent";
import { inferKind } from "../kind";
import { assignments } from "./assign";
import { compose, type Composed } from "./compose";
import { MOST_SECTION_UF, type LabelFigures, type NominalFigure } from "./figures";
import { takeFrequency, takeLineMark, takeProtection, takeTemperature, type TemperatureRange } from "./marks";
import { namedFigures } from "./names";
import type { CapacitorLabel, LabelSection } from "./says";
import { takeNoise } from "./noise";
import { readPercents, type PercentReading } from "./percents";
import { normaliseLabel } from "./spelling";
import { Strike, type Struck } from "./strike";
import { tokensOf, WITH_TOLERANCES, type Placed } from "./tokens";
import { takeAbsoluteTolerance, takeLetter, takePercents, type Tolerance } from "./tolerance";

/** Three places more than a label prints, so that 37.1 is 37.1 and not 37.100000000000001. */
const tidy = (value: number): number => Number(value.toPrecision(12));

/** Capacitors of this trade lie well within; beyond it a unit or a part number was misread. */
const LEAST_UF = 0.001;
const MOST_UF = 10_000;
/** Volts on capacitors of single-phase motors. */
const LEAST_VOLTS = 40;
const MOST_VOLTS = 1200;
const MOST_CHARACTERS = 200;

const MICROFARADS = /\d\s*(?:u\s?f|mfd|mf|micro|nf)|(?<![a-z])(?:uf|mfd)\.?\s*[:=]?\s*\d/;
const CAPACITOR_WORDS = /\b(?:capacitor|cap|start(?:ing)?|run(?:ning)?)\b/;
const MOTOR_WORDS = /\b(?:motor|blower|pump|compressor)\b/;
const MOTOR_FIGURES = /\d\s*-?(?:hp|kw|rpm|poles?|watts?|w)\b/;
const BEARING = /\bbearings?\b|(?<![\d.])(?<!(?:en|iec|vde)\s?)6[0-4]\d{1,3}\b|(?<![\d.])\d{3,5}\s*-?\s*(?:2rs|zz|2z|ddu|llu)/;

/** What the text tells of where it is no capacitor; null where it may be one. */
function otherThing(text: string): "motor" | "bearing" | null {
  if (CAPACITOR_WORDS.test(text)) return null;
  if (MOTOR_WORDS.test(text) && (MOTOR_FIGURES.test(text) || !MICROFARADS.test(text))) return "motor";
  return BEARING.test(text) && !MICROFARADS.test(text) && !/[+/]\s*\d/.test(text) ? "bearing" : null;
}

const isReasonable = (uf: number): boolean => uf >= LEAST_UF && uf <= MOST_UF;

type Settled = Extract<LabelFigures, { kind: "nominals" | "range" }>;

function sectionsOf(figures: Settled, common: Tolerance | null, terminals: readonly string[]): LabelSection[] {
  if (figures.kind === "range") {
    const [lowUf, highUf] = figures.rangeUf;
    return [{ nominalUf: null, lowUf, highUf, terminal: null }];
  }
  return figures.nominals.map(({ uf, tolerance }: NominalFigure, index) => {
    const allowed = tolerance ?? common;
    const limit = (percent: number): number => tidy(uf * (1 + percent / 100));
    return {
      nominalUf: uf,
      lowUf: allowed ? limit(allowed.lowPercent) : null,
      highUf: allowed ? limit(allowed.highPercent) : null,
      terminal: terminals[index] ?? null,
    };
  });
}

/** A deviation in microfarads, in percent of the one value. More than the value itself is no tolerance of it. */
function inPercent(absoluteUf: number, uf: number): Tolerance | null {
  const percent = tidy((100 * absoluteUf) / uf);
  return percent <= 100 ? { lowPercent: -percent, highPercent: percent } : null;
}

/** Tolerances of the sections where all are the same; else none for the whole. */
function commonTolerance(figures: Settled, printed: Tolerance | null, absoluteUf: number | null): Tolerance | null {
  if (figures.kind !== "nominals") return null;
  const [first] = figures.nominals;
  if (absoluteUf !== null && first && figures.nominals.length === 1 && first.uf > 0) return inPercent(absoluteUf, first.uf);
  const own = figures.nominals.map((each) => each.tolerance);
  if (own.some((each) => each === null)) return printed;
  return own.every((each) => each?.highPercent === own[0]?.highPercent) ? (own[0] ?? null) : null;
}

/** What stands on the label, each part recognised for what it is before any is given a meaning. */
interface Recognised {
  readonly tokens: readonly Placed[];
  readonly noise: readonly Struck[];
  readonly percents: PercentReading;
  readonly absoluteUf: number | null;
  readonly letter: Tolerance | null;
  readonly frequencyHz: readonly number[];
  readonly temperature: TemperatureRange | null;
  readonly protection: string | null;
  readonly hasLineMark: boolean;
}

function recognise(shown: string): Recognised {
  const rest = new Strike(shown);
  const temperature = takeTemperature(rest);
  const frequencyHz = takeFrequency(rest);
  const noise = takeNoise(rest);
  const protection = takeProtection(rest);
  const hasLineMark = takeLineMark(rest);
  const absoluteUf = takeAbsoluteTolerance(rest);
  // Sections with a tolerance each are one group: their percentages stay where they are.
  const group = WITH_TOLERANCES.exec(rest.text);
  if (group) rest.blank(group.index, group[0].length);
  const percents = takePercents(rest);
  const letter = takeLetter(rest);
  if (group) rest.put(group.index, group[0]);
  const tokens = tokensOf(rest.text);
  return {
    tokens,
    noise,
    percents: readPercents(tokens, percents),
    absoluteUf,
    letter,
    frequencyHz,
    temperature,
    protection,
    hasLineMark,
  };
}

/** Readings whose strangeness differs by less are as likely as one another. */
const MARGIN = 0.1;

const signature = ({ figures, ratedV }: Composed): string => JSON.stringify([figures, ratedV]);

function shortly({ figures, ratedV }: Composed): string {
  const uf =
    figures?.kind === "range"
      ? figures.rangeUf.join("-")
      : figures?.kind === "nominals"
        ? figures.nominals.map((each) => each.uf).join("+")
        : "?";
  return `${uf} µF${ratedV === null ? "" : ` ${ratedV} V`}`;
}

/** The assignment that leaves least unexplained; where two are as good and say different things, both. */
function leastStrange(tokens: readonly Placed[]): Composed | null {
  const found: Composed[] = [];
  for (const assignment of assignments(tokens)) {
    if (found.length > 0 && assignment.cost > Math.min(...found.map(({ cost }) => cost)) + MARGIN) break;
    found.push(compose(tokens, assignment));
  }
  const [best, ...others] = found.sort((a, b) => a.cost - b.cost);
  const rival = others.find((other) => best && other.cost - best.cost < MARGIN && signature(other) !== signature(best));
  const areBoth =
    best?.figures && rival?.figures && [best, rival].every(({ figures }) => figures?.kind === "nominals" || figures?.kind === "range");
  if (!best || !rival || !areBoth) return best ?? null;
  return { ...best, figures: { kind: "two-ways", readings: [shortly(best), shortly(rival)] } };
}

interface Read extends Composed {
  readonly terminals: readonly string[];
}

/** Names of terminals take their figures first; what is left is volts. */
function readTokens(tokens: readonly Placed[]): Read | null {
  const named = namedFigures(tokens);
  if (!named) {
    const read = leastStrange(tokens);
    return read && { ...read, terminals: [] };
  }
  const isPartOfIt = (token: Placed): boolean =>
    named.tokens.has(token) || (token.tag === "unit" && token.of === "uf") || (token.tag === "sign" && token.text === "c");
  const others = tokens.map((token): Placed => (isPartOfIt(token) ? { tag: "break", text: "", at: token.at, end: token.end } : token));
  const volts = leastStrange(others);
  return {
    figures: { kind: "nominals", nominals: named.sections.map(({ uf }) => ({ uf: Number(uf), tolerance: null })) },
    ratedV: volts?.ratedV ?? null,
    used: new Set([...(volts?.used ?? []), ...tokens.flatMap((token, index) => (isPartOfIt(token) ? [index] : []))]),
    cost: volts?.cost ?? 0,
    terminals: named.sections.map(({ terminal }) => terminal),
  };
}

const SAYS_NOTHING: ReadonlySet<Placed["tag"]> = new Set(["sign", "break"]);

/** Words that were kept but not understood, in the order of the label. */
function notesOf({ tokens, noise, percents }: Recognised, used: ReadonlySet<number>, shown: string): string[] {
  const left = tokens.flatMap((token, index): Struck[] => {
    const isMeant =
      used.has(index) || percents.used.has(index) || SAYS_NOTHING.has(token.tag) || (token.tag === "unit" && token.of === "ac");
    return isMeant ? [] : [{ at: token.at, text: shown.slice(token.at, token.end).trim() }];
  });
  return [...left, ...noise]
    .sort((a, b) => a.at - b.at)
    .map(({ text }) => text.replace(/^[(,;:]+|[),;:]+$/g, ""))
    .filter((word) => /[\p{L}\d]/u.test(word));
}

/**
 * Reads the text printed on a motor capacitor (or keyed from it) into sections, limits, volts, hertz, temperature,
 * protection, mark and kind. µF, uF, MFD, mfd, MF all mean microfarad on these labels. What could be read two ways is
 * refused with both ways in the failure; standards, part numbers, dates and sizes are never read as capacitance.
 * @param text the label as printed, in any order of its parts
 * @returns the label; limits per section from a printed tolerance or range, else null; what was not understood in `notes`
 * @errors 'label-empty', 'label-no-capacitance', 'label-not-a-capacitor', 'label-range-reversed', 'label-two-ways',
 *   'label-two-parts' where the text tells of two capacitors
 * @source marking rules of IEC 60252-1 (run) and IEC 60252-2 (start)
 * @example parseCapacitorLabel("35 µF ±6% 440V") -> 35 µF, 32.9..37.1, 440 V, run
 */
export const parseCapacitorLabel: (text: string) => Result<CapacitorLabel, Failure> = recent(readLabel);

function readLabel(text: string): Result<CapacitorLabel, Failure> {
  if (text.trim() === "") return fail({ code: "label-empty" });
  const shown = normaliseLabel(text.slice(0, MOST_CHARACTERS));
  const other = otherThing(shown);
  if (other) return fail({ code: "label-not-a-capacitor", text, what: other });
  const recognised = recognise(shown);
  const read = readTokens(recognised.tokens);
  const figures = read?.figures;
  if (!read || !figures) return fail({ code: "label-no-capacitance", text });
  if (figures.kind === "two-ways") return fail({ code: "label-two-ways", text, readings: figures.readings });
  if (figures.kind === "two-parts") return fail({ code: "label-two-parts", text });
  const { doubt } = recognised.percents;
  if (doubt && figures.kind === "nominals") return fail({ code: "label-two-ways", text, readings: doubt });
  const { ratedV } = read;
  if (ratedV !== null && !(ratedV >= LEAST_VOLTS && ratedV <= MOST_VOLTS))
    return fail({
      code: "reading-out-of-range",
      text: `${ratedV} V`,
      quantity: "voltage",
      value: ratedV,
      min: LEAST_VOLTS,
      max: MOST_VOLTS,
    });
  if (figures.kind === "range") {
    const [lowUf, highUf] = figures.rangeUf;
    if (!isReasonable(lowUf) || !isReasonable(highUf)) return fail({ code: "label-no-capacitance", text });
    if (lowUf >= highUf) return fail({ code: "label-range-reversed", lowUf, highUf });
  } else if (figures.nominals.length === 0 || figures.nominals.some(({ uf }) => !isReasonable(uf))) {
    return fail({ code: "label-no-capacitance", text });
  }
  const tolerance = commonTolerance(figures, recognised.percents.tolerance ?? recognised.letter, recognised.absoluteUf);
  const sections = sectionsOf(figures, tolerance, read.terminals);
  if (isTwoParts(sections)) return fail({ code: "label-two-parts", text });
  const { kind, reason } = inferKind({
    text: shown,
    hasRange: figures.kind === "range",
    isOneSided: tolerance?.lowPercent === 0,
    sections,
    ratedV,
  });
  const { frequencyHz, temperature, protection, hasLineMark } = recognised;
  return ok({
    sections,
    tolerance,
    ratedV,
    frequencyHz,
    temperature,
    protection,
    hasLineMark,
    kind,
    kindReason: reason,
    notes: notesOf(recognised, read.used, shown),
  });
}

/** `20+130`: a run and a start part written as one. */
function isTwoParts(sections: readonly LabelSection[]): boolean {
  const values = sections.map(({ nominalUf }) => nominalUf ?? 0);
  return values.length === 2 && Math.max(...values) > MOST_SECTION_UF;
}
