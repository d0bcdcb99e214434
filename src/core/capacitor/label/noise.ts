import type { Strike, Struck } from "./strike";

/*
 * What stands on a label, or is written beside it, and is none of its figures: standards, part numbers, dates, sizes,
 * resistors, hours. Each is struck out before figures are looked for, so that none is read as one, and kept as a note.
 */

const NUM = String.raw`(?:\d+(?:\.\d+)?|\.\d+)`;
const FRACTION = String.raw`(?:\d+\s+(?:[1357]\/[248]|\d{1,2}\/16)(?!\d)|\d+(?:\.\d+)?(?:\/\d+)?)`;

/** Kinds of other things, in the order they are looked for. */
const NOISE: readonly RegExp[] = [
  // Standards, with their year: EN 60252-1:2011, GB/T3667.1
  /\b(?:en|iec|vde|din|eia|ul|csa|jis|gb(?:\/t)?|is)\s?-?\s?\d{3,}(?:[.-]\d+)*(?::\d{4})?/,
  // Named numbers: P/N 52R118, S/N 123, lot 7, date 0419, week 12/21
  /\b(?:p\s?\/\s?n|part\s?(?:no|number)?|s\s?\/\s?n|serial|lot|ref|cat|model|type|batch|date(?:\s?code)?|mfg|week|wk|yr|year)\b\.?\s*[:#.]?\s*(?=\S*\d)[a-z\d./-]+/,
  // Dates: 12.05.2021, 2019-05, 05/2019
  /(?<![\d.a-z])(?:\d{1,2}[-/.]){2}(?:19|20)\d{2}(?!\d)/,
  /(?<![\d.a-z])(?:19|20)\d{2}[-/.](?:0?[1-9]|1[0-2])(?:[-/.]\d{1,2})?(?!\d)/,
  /(?<![\d.a-z])(?:0?[1-9]|1[0-2])[-/.](?:19|20)\d{2}(?!\d)/,
  // Sizes: 40x70mm, Ø45x98, 1 3/4" x 3", 50 mm, 2"
  new RegExp(
    String.raw`[ø⌀]?(?<![\d.a-z])${FRACTION}\s*(?:mm|cm|")?\s*[x×*]\s*${FRACTION}\s*(?:mm|cm|")?(?:\s*[x×*]\s*${FRACTION}\s*(?:mm|cm|")?)?`,
  ),
  new RegExp(String.raw`[ø⌀]\s*${NUM}\s*(?:mm|cm)?`),
  new RegExp(String.raw`(?<![\d.a-z])${FRACTION}\s*(?:mm\b|cm\b|")`),
  // Resistors across it, power of a motor, its amps and speed, weight
  new RegExp(String.raw`(?<![\d.a-z])${NUM}\s*[km]?\s*(?:ohms?|ω)(?:\s*resistor)?(?:\s*${NUM}\s*w(?:atts?)?\b)?`),
  new RegExp(String.raw`(?<![\d.a-z])${FRACTION}\s*(?:hp|h\.p\.|kw|w|watts?|rpm|ph|k?g)\b`),
  new RegExp(String.raw`\bamps?\s*:?\s*${NUM}|(?<![\d.a-z])${NUM}\s*(?:amps?|a)\b`),
  // Direct volts: 1000 V DC
  /(?<![\d.a-z])\d{2,4}\s*v(?:olts?)?\s*\.?\s*d\.?\s?c(?![a-z])/,
  // Volts as a multiple of the rated ones: 1.1 Un, 110 % Un
  /(?<![\d.a-z])1(?:\.(?:05|[1-3]5?)\s*[x×*]?|\d\d\s*%)\s*u[nr](?![a-z])/,
  // Life and starts: 10000h, 20 starts/h
  /(?<![\d.a-z])\d+\s*starts?\s*(?:\/|per|an)\s*(?:h|hr|hour)\b/,
  /(?<![\d.a-z])\d+\s*(?:h|hrs?|hours?)\b/,
  // Terminals and highest temperature by name
  /(?<![\d.a-z])\d\s*(?:terminals?|pins?|tabs?|way)\b/,
  /\b(?:ta|tmax|tc)\s*:?\s*\d{2,3}\b/,
];

/* Tokens that mix letters and figures and do mean something on a label: figures with their units, one behind another. */
const UNIT = String.raw`(?:u\.?f?d?|micro|mfds?|mf|nf|w?v\.?(?:a\.?c\.?|db?|eff|rms|dc|olts?)?~?|hz|cyc?|cps|°?c|%|herm|fan|comp|tol|ed|db|ab|df|rh)`;
const PIECE = String.raw`[(±+~-]*\d[\d./]*${UNIT}?(?:\([a-dghjkm]\))?[(),;:/+~±.-]*`;
const NAME = String.raw`(?:ufd?|mfds?|mf|vac|volts?|ac|v|hz|un|cn|c|u|h|f|herm|fan|comp|tol|ed|db|ab|df|rh)[.:=/~]*`;
const MEANT = new RegExp(String.raw`^[(~]?(?:${NAME})*(?:${PIECE})+(?:${NAME})?$|^\(?[ps][0-3]\)?[,;]?$`);
/** A number of a maker: letters and figures in one. */
const PART_NUMBER = /^(?=.*[a-z])(?=.*\d)[a-z\d(][a-z\d./()-]*[,;]?$/;
/** Groups of figures too long to be a value. */
const LONG_NUMBER = /^(\d{1,4})-(\d{4,})$|^\d{5,}$/;
/** Ends of a printed range lie so near each other. */
const isRange = (low: string | undefined, high: string | undefined): boolean =>
  Number(high) / Number(low) > 1 && Number(high) / Number(low) < 1.5;

function isNumberOfMaker(token: string): boolean {
  const long = LONG_NUMBER.exec(token);
  return long ? !isRange(long[1], long[2]) : PART_NUMBER.test(token) && !MEANT.test(token);
}

/**
 * Strikes out everything that is not the part's own marking.
 * @param rest normalised label
 * @returns what was struck out
 */
export function takeNoise(rest: Strike): readonly Struck[] {
  const struck: Struck[] = [];
  for (const pattern of NOISE) for (const match of rest.out(pattern)) struck.push({ at: match.index, text: match[0].trim() });
  for (const match of [...rest.text.matchAll(/[^\s|\u0001\u0002]+/g)]) {
    if (!isNumberOfMaker(match[0])) continue;
    rest.blank(match.index, match[0].length);
    struck.push({ at: match.index, text: match[0].replace(/[,;]$/, "") });
  }
  return struck;
}
