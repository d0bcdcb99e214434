import { NF, NUM, UF, USUAL_VOLTS, VOLT_UNIT } from "./spelling";
import { PERCENT, STRUCK } from "./strike";
import { ABOUT, type Tolerance } from "./tolerance";

/** A sign between two figures of one group. */
export type FigureJoint = "-" | "/" | "+";

/** One figure, or several that are written as one: `40/5`, `189-227`, `35+5/440`. */
export interface Figures {
  readonly tag: "figures";
  readonly text: string;
  readonly values: readonly string[];
  readonly joints: readonly FigureJoint[];
  /** a tolerance of its own for each, or none */
  readonly tolerances: readonly (Tolerance | null)[];
  /** a unit of microfarads stands among them */
  readonly hasUf: boolean;
  /** a whole number and a fraction: it is no voltage */
  readonly isFraction: boolean;
}

/** What a unit makes of the figure that it belongs to. `ac` alone is one only where nothing else is. */
export type UnitOf = "uf" | "nf" | "v" | "ac";

export type Token =
  | Figures
  | { readonly tag: "unit"; readonly of: UnitOf; readonly text: string }
  | { readonly tag: "percent"; readonly text: string }
  | { readonly tag: "about"; readonly what: (typeof ABOUT)[number]["what"]; readonly text: string }
  /** does not part a figure from its unit */
  | { readonly tag: "sign"; readonly text: string }
  /** parts them */
  | { readonly tag: "break"; readonly text: string }
  | { readonly tag: "word"; readonly text: string };

/** A token with its place. */
export type Placed = Token & { readonly at: number; readonly end: number };

const VALUE = String.raw`(?:[1-9]\d{0,2},\d{3}(?!\d)|${NUM})`;
const OWN_TOLERANCE = String.raw`\s*±\s*(${NUM})\s*%?\s*`;
const GROUP_WITH_TOLERANCES = String.raw`(${NUM})\s*(?:${UF})?${OWN_TOLERANCE}(?:${UF})?\s*\+\s*(${NUM})\s*(?:${UF})?${OWN_TOLERANCE}(?:${UF})?(?:\+\s*(${NUM})\s*(?:${UF})?${OWN_TOLERANCE}(?:${UF})?)?`;
/** Sections each with its own tolerance: `40±6%+5±10% µF`, `40 µF ±6% + 5 µF ±6%`; found before percentages are struck out. */
export const WITH_TOLERANCES = new RegExp(String.raw`(?<![\d.a-z])${GROUP_WITH_TOLERANCES}`);

const sticky = (source: string): RegExp => new RegExp(source, "uy");
const FRACTION = sticky(String.raw`(\d+)[\s-]+([1357])\s*\/\s*([248])(?![\d.%])`);
const WITH_TOLERANCES_HERE = sticky(GROUP_WITH_TOLERANCES);
const FIRST = sticky(VALUE);
const INNER_UF = sticky(String.raw`\s*(${UF})`);
const JOINT = sticky(String.raw`[ \t]*(\+|\/|-|&|and(?=[\s\d])|to(?=[\s\d]))[ \t]*(${VALUE})(?!\s*%)`);
const TIGHT_JOINT = sticky(String.raw`[ \t]*(?:\+|\/|&|to|and)[ \t]*\d|-\d`);
const SPACED_JOINT = sticky(String.raw`\s-\s\d`);
const INFIX = sticky(String.raw`(\d{1,2})u(\d{1,2})(?![\da-z])`);
const BEHIND_UF = sticky(String.raw`\s*${UF}`);
const BEHIND_V = sticky(String.raw`\s*(?:${VOLT_UNIT})`);
const MOST_FIGURES = 4;

function matchAt(pattern: RegExp, text: string, at: number): RegExpExecArray | null {
  pattern.lastIndex = at;
  return pattern.exec(text);
}

const jointOf = (sign: string): FigureJoint => (sign === "-" || sign === "to" ? "-" : sign === "/" ? "/" : "+");
/** `1/2`, `3/8`: less than one. */
const isProper = (top: string | undefined, bottom: string | undefined): boolean => Number(top) < Number(bottom);

/** A dash with blanks parts the parts of a label as often as it makes a range of two figures. */
const isSpacedRange = (values: readonly string[], next: string, goesOn: boolean): boolean => {
  const ratio = Number(next) / Number(values[0]);
  return values.length === 1 && !goesOn && ![...values, next].some((value) => /^0\d/.test(value)) && ratio > 1 && ratio <= 2;
};

type Found = Omit<Figures, "tag" | "text"> & { readonly end: number };

const single = (value: string, end: number, hasUf = false): Found => ({
  values: [value],
  joints: [],
  tolerances: [null],
  hasUf,
  isFraction: false,
  end,
});

/**
 * Figures that begin here, with what is joined to them.
 * @param isBehindVolts a unit of volts stands right before: `VOLTS 220 - 270 - 324 MFD`
 */
function figuresAt(text: string, at: number, isBehindVolts: boolean): Found | null {
  const group = matchAt(WITH_TOLERANCES_HERE, text, at);
  if (group) {
    const own = [1, 3, 5].filter((place) => group[place] !== undefined);
    const values = own.map((place) => group[place] ?? "");
    return {
      values,
      joints: values.slice(1).map(() => "+" as const),
      tolerances: own.map((place) => ({ lowPercent: -Number(group[place + 1]), highPercent: Number(group[place + 1]) })),
      hasUf: new RegExp(UF).test(group[0]),
      isFraction: false,
      end: at + group[0].length,
    };
  }
  const infix = matchAt(INFIX, text, at);
  if (infix) return single(`${infix[1] ?? ""}.${infix[2] ?? ""}`, at + infix[0].length, true);
  const fraction = matchAt(FRACTION, text, at);
  if (fraction && isProper(fraction[2], fraction[3]))
    return {
      ...single(String(Number(fraction[1]) + Number(fraction[2]) / Number(fraction[3])), at + fraction[0].length),
      isFraction: true,
    };
  const first = matchAt(FIRST, text, at);
  if (!first) return null;
  const values = [first[0]];
  const joints: FigureJoint[] = [];
  let end = at + first[0].length;
  let hasUf = false;
  while (values.length < MOST_FIGURES) {
    const unit = matchAt(INNER_UF, text, end);
    const joint = matchAt(JOINT, text, unit ? end + unit[0].length : end);
    if (!joint) break;
    const next = joint[2] ?? "";
    const after = joint.index + joint[0].length;
    const goesOn = matchAt(TIGHT_JOINT, text, after) ?? (isBehindVolts ? matchAt(SPACED_JOINT, text, after) : null);
    if (/^\s-\s/.test(joint[0]) && !isSpacedRange(values, next, goesOn !== null)) break;
    // Behind a unit, what goes on in volts is another part: 30 µF/440 V, 15 µF-440, 45 µF+400.
    if (unit && (matchAt(BEHIND_V, text, after) || (USUAL_VOLTS.includes(Number(next)) && !matchAt(BEHIND_UF, text, after)))) break;
    if (unit) hasUf = true;
    values.push(next);
    joints.push(jointOf(joint[1] ?? ""));
    end = after;
  }
  return { values, joints, tolerances: values.map(() => null), hasUf, isFraction: false, end };
}

const NOT_IN_WORD = String.raw`(?![a-z])`;
/** What else may begin at a place, in the order of asking. */
const ROWS: readonly { readonly pattern: RegExp; readonly make: (text: string) => Token }[] = [
  { pattern: sticky(`${PERCENT}+`), make: (text) => ({ tag: "percent", text }) },
  { pattern: sticky(String.raw`[·;\n|•,()]+|${STRUCK}+`), make: (text) => ({ tag: "break", text }) },
  { pattern: sticky(NF), make: (text) => ({ tag: "unit", of: "nf", text }) },
  { pattern: sticky(UF), make: (text) => ({ tag: "unit", of: "uf", text }) },
  { pattern: sticky(`cn${NOT_IN_WORD}`), make: (text) => ({ tag: "unit", of: "uf", text }) },
  ...ABOUT.map(({ what, words }) => ({
    pattern: sticky(`(?:${words.source})${NOT_IN_WORD}`),
    make: (text: string): Token => ({ tag: "about", what, text }),
  })),
  { pattern: sticky(VOLT_UNIT), make: (text) => ({ tag: "unit", of: "v", text }) },
  { pattern: sticky(`u[nr]${NOT_IN_WORD}|ac${NOT_IN_WORD}`), make: (text) => ({ tag: "unit", of: "ac", text }) },
  { pattern: sticky(`c${NOT_IN_WORD}|[~:=.]+`), make: (text) => ({ tag: "sign", text }) },
  { pattern: sticky(String.raw`\p{L}[\p{L}']*`), make: (text) => ({ tag: "word", text }) },
];

/**
 * Parts the text into what it is made of, each recognised for itself.
 * @param text normalised, with other things struck out
 * @returns tokens in their order; blanks are left out
 */
export function tokensOf(text: string): readonly Placed[] {
  const tokens: Placed[] = [];
  let at = 0;
  while (at < text.length) {
    const begin = at;
    const before = tokens.findLast(({ tag }) => tag !== "sign");
    const figures = figuresAt(text, at, before?.tag === "unit" && before.of === "v");
    if (figures) {
      at = figures.end;
      const { end, ...rest } = figures;
      tokens.push({ tag: "figures", text: text.slice(begin, end), ...rest, at: begin, end });
      continue;
    }
    for (const { pattern, make } of ROWS) {
      const match = matchAt(pattern, text, at);
      if (!match || match[0] === "") continue;
      at += match[0].length;
      tokens.push({ ...make(match[0]), at: begin, end: at });
      break;
    }
    if (at === begin) at += 1;
  }
  return tokens;
}
