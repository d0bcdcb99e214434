/*
 * What stands on a label, or is written beside it, and is not its capacitance: standards, part numbers, dates, sizes,
 * resistors, hours. Each is taken out before figures are looked for, so that none is read as one, and kept as a note.
 */

const NUM = String.raw`(?:\d+(?:\.\d+)?|\.\d+)`;
const FRACTION = String.raw`(?:\d+\s+)?\d+(?:\.\d+)?(?:\/\d+)?`;

/** Kinds of other things, in the order they are looked for. */
const NOISE: readonly RegExp[] = [
  // Standards, with their year: EN 60252-1:2011, GB/T3667.1
  /\b(?:en|iec|vde|din|eia|ul|csa|jis|gb(?:\/t)?|is)\s?-?\s?\d{3,}(?:[.-]\d+)*(?::\d{4})?/g,
  // Named numbers: P/N 52R118, S/N 123, lot 7, date 0419
  /\b(?:p\s?\/\s?n|part\s?(?:no|number)?|s\s?\/\s?n|serial|lot|ref|cat|model|date(?:\s?code)?|mfg|week|wk|yr|year)\b\.?\s*[:#.]?\s*(?=\S*\d)[a-z\d./-]+/g,
  // Dates: 2019-05, 05/2019
  /(?<![\d.a-z])(?:19|20)\d{2}[-/.](?:0?[1-9]|1[0-2])(?!\d)/g,
  /(?<![\d.a-z])(?:0?[1-9]|1[0-2])[-/.](?:19|20)\d{2}(?!\d)/g,
  // Sizes: 40x70mm, 1 3/4" x 3", 50 mm, 2"
  new RegExp(
    String.raw`(?<![\d.a-z])${FRACTION}\s*(?:mm|cm|")?\s*[x×*]\s*${FRACTION}\s*(?:mm|cm|")?(?:\s*[x×*]\s*${FRACTION}\s*(?:mm|cm|")?)?`,
    "g",
  ),
  new RegExp(String.raw`(?<![\d.a-z])${FRACTION}\s*(?:mm\b|cm\b|")`, "g"),
  // Resistors across it, power of a motor, its amps and speed
  new RegExp(String.raw`(?<![\d.a-z])${NUM}\s*[km]?\s*(?:ohms?|ω)(?:\s*resistor)?(?:\s*${NUM}\s*w(?:atts?)?\b)?`, "g"),
  new RegExp(String.raw`(?<![\d.a-z])${FRACTION}\s*(?:hp|h\.p\.|kw|w|watts?|rpm|ph)\b`, "g"),
  new RegExp(String.raw`\bamps?\s*:?\s*${NUM}|(?<![\d.a-z])${NUM}\s*(?:amps?|a)\b`, "g"),
  // Life and starts: 10000h, 20 starts/h
  /(?<![\d.a-z])\d+\s*starts?\s*(?:\/|per|an)\s*(?:h|hr|hour)\b/g,
  /(?<![\d.a-z])\d+\s*(?:h|hrs?|hours?)\b/g,
  // Terminals and highest temperature by name
  /(?<![\d.a-z])\d\s*(?:terminals?|pins?|tabs?|way)\b/g,
  /\b(?:ta|tmax|tc)\s*:?\s*\d{2,3}\b/g,
];

/* Tokens that mix letters and figures and do mean something on a label: figures with their units, one behind another. */
const UNIT = String.raw`(?:u\.?f?d?|micro|mfds?|mf|nf|w?v\.?(?:a\.?c\.?|db?|eff|rms|dc|olts?)?~?|hz|cyc?|cps|°?c|%|herm|fan|comp)`;
const PIECE = String.raw`[(±+~-]*\d[\d./]*${UNIT}?(?:\([a-dghjkm]\))?[(),;:/+~±-]*`;
const NAME = String.raw`(?:uf|mfd|mf|vac|v|hz|un|cn|h|f|c|herm|fan|comp)[:=/]*`;
const MEANT = new RegExp(String.raw`^[(]?(?:${NAME})?(?:${PIECE})+$|^\(?[ps][0-3]\)?[,;]?$`);
/** A number of a maker: letters and figures in one. */
const PART_NUMBER = /^(?=.*[a-z])(?=.*\d)[a-z\d(][a-z\d./()-]*$/;
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
 * Takes everything out that is not the part's own marking.
 * @param text normalised label
 * @returns the text with gaps, and what was taken out in its order
 */
export function takeNoise(text: string): { readonly text: string; readonly noise: readonly string[] } {
  const noise: string[] = [];
  const gap = (found: string): string => {
    noise.push(found.trim());
    return " | ";
  };
  const without = NOISE.reduce((now, pattern) => now.replace(pattern, gap), text);
  const tokens = without.split(/(\s+)/).map((token) => (isNumberOfMaker(token) ? gap(token) : token));
  return { text: tokens.join(""), noise };
}
