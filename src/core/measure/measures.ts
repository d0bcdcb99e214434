/** How a keyed unit scales to the base unit, or why it cannot be taken as it stands. */
export type UnitMeaning = { readonly factor: number } | "ambiguous" | "fahrenheit";

/** What a figure may be: what a meter shows, and the plain figures of plates, labels, places and prices. */
interface MeasureSpec {
  /** unit of values inside the program */
  readonly base: string;
  readonly symbol: string;
  /** no figure of this trade lies outside, in the base unit; what does is refused in words */
  readonly min: number;
  readonly max: number;
  /** words of the unit, lower case, dots and spaces gone; a prefix may stand before each */
  readonly words: readonly string[];
  /** spellings with a meaning of their own, as typed, before prefixes are looked for */
  readonly own?: Readonly<Record<string, UnitMeaning>>;
  /** what a bare figure or a prefix alone means, in the base unit */
  readonly bare: number;
  /** prefixes that belong here; `ask`: could be read two ways on a figure of this kind */
  readonly prefixes: Readonly<Record<string, number | "ask">>;
  /** a word that says how it was measured and changes nothing: AC, DC, ~, rms */
  readonly hasKindOfCurrent?: true;
  /** letters that may stand in place of the point, as in 4k7 */
  readonly pointLetters?: Readonly<Record<string, number>>;
  /** three figures behind one comma or point are thousands: nobody keys thousandths of it */
  readonly isGrouped?: true;
  /** read off a stop-watch too: 1:30 */
  readonly isClock?: true;
  /** words for "beyond what the meter shows" */
  readonly overLimit?: "any" | "open-too";
  /** a plus in front might be a plus that belongs behind, "more than" */
  readonly isPlusAsked?: true;
}

const OHM_WORDS = ["ohm", "ohms", "ohmios", "ohmio", "r"] as const;

/** Prefixes as typed; the case of m and M is what tells them apart. Words are in lower case and taken in any. */
const KILO = { k: 1e3, K: 1e3, kilo: 1e3, kil: 1e3 } as const;
const MEGA = { M: 1e6, meg: 1e6, mega: 1e6 } as const;
const GIGA = { G: 1e9, g: 1e9, gig: 1e9, giga: 1e9 } as const;

/** Every kind of figure the program reads. One table, so that a new kind, or a new spelling, is one row. */
export const MEASURES = {
  resistance: {
    base: "ohm",
    symbol: "Ω",
    min: 0,
    max: 1e12,
    words: OHM_WORDS,
    bare: 1,
    prefixes: { ...KILO, ...MEGA, ...GIGA, milli: 1e-3, m: "ask" },
    pointLetters: { R: 1, r: 1, k: 1e3, K: 1e3, M: 1e6, G: 1e9 },
    overLimit: "open-too",
  },
  capacitance: {
    base: "uf",
    symbol: "µF",
    min: 0,
    max: 1e5,
    words: ["f", "fd", "farad", "farads"],
    own: {
      mfd: { factor: 1 },
      mfds: { factor: 1 },
      MF: { factor: 1 },
      MFd: { factor: 1 },
      // As printed on labels it means µF; a meter that shows mF means a thousand of them.
      mf: "ambiguous",
      mF: "ambiguous",
      Mf: "ambiguous",
      f: "ambiguous",
      fd: "ambiguous",
      farad: { factor: 1e6 },
      farads: { factor: 1e6 },
    },
    bare: 1,
    prefixes: { u: 1, U: 1, micro: 1, n: 1e-3, N: 1e-3, nano: 1e-3, p: 1e-6, pico: 1e-6, m: "ask", M: "ask", milli: 1e3 },
    pointLetters: { u: 1, U: 1, n: 1e-3 },
    overLimit: "any",
  },
  current: {
    base: "a",
    symbol: "A",
    min: 0,
    max: 1e4,
    words: ["a", "amp", "amps", "ampere", "amperes"],
    bare: 1,
    prefixes: { m: 1e-3, u: 1e-6, micro: 1e-6, milli: 1e-3, k: 1e3, M: "ask" },
    hasKindOfCurrent: true,
    overLimit: "any",
  },
  voltage: {
    base: "v",
    symbol: "V",
    min: 0,
    max: 1e5,
    words: ["v", "volt", "volts"],
    bare: 1,
    prefixes: { k: 1e3, K: 1e3, kilo: 1e3, m: 1e-3, u: 1e-6, milli: 1e-3, M: "ask" },
    hasKindOfCurrent: true,
    overLimit: "any",
  },
  temperature: {
    base: "c",
    symbol: "°C",
    min: -90,
    max: 1200,
    words: ["c", "°c", "degc", "celsius", "centigrade", "°", "deg"],
    own: { "°f": "fahrenheit", f: "fahrenheit", degf: "fahrenheit", fahrenheit: "fahrenheit" },
    bare: 1,
    prefixes: {},
    overLimit: "any",
  },
  /** what an insulation tester shows: megohms unless it says otherwise */
  insulation: {
    base: "megohm",
    symbol: "MΩ",
    min: 0,
    max: 1e8,
    words: OHM_WORDS,
    own: { ohm: { factor: 1e-6 }, ohms: { factor: 1e-6 }, r: { factor: 1e-6 } },
    bare: 1,
    prefixes: {
      k: 1e-3,
      K: 1e-3,
      kilo: 1e-3,
      kil: 1e-3,
      M: 1,
      meg: 1,
      mega: 1,
      G: 1e3,
      g: 1e3,
      gig: 1e3,
      giga: 1e3,
      T: 1e6,
      tera: 1e6,
      m: "ask",
    },
    pointLetters: { k: 1e-3, K: 1e-3, M: 1, G: 1e3 },
    overLimit: "open-too",
    isPlusAsked: true,
  },
  speed: {
    base: "rpm",
    symbol: "rpm",
    min: 0,
    max: 1e5,
    words: ["rpm", "r/min", "1/min", "/min", "min-1", "rev/min", "u/min", "revs", "t/min"],
    bare: 1,
    prefixes: {},
    isGrouped: true,
    overLimit: "any",
  },
  duration: {
    base: "s",
    symbol: "s",
    min: 0,
    max: 1e6,
    isClock: true,
    words: ["s", "sec", "secs", "second", "seconds"],
    own: {
      min: { factor: 60 },
      mins: { factor: 60 },
      minute: { factor: 60 },
      minutes: { factor: 60 },
      h: { factor: 3600 },
      hr: { factor: 3600 },
      hrs: { factor: 3600 },
      hour: { factor: 3600 },
      hours: { factor: 3600 },
      m: "ambiguous",
    },
    bare: 1,
    // A prefix alone is no unit of time: m could be minutes.
    prefixes: { m: 1e-3, milli: 1e-3 },
  },
  length: {
    base: "mm",
    symbol: "mm",
    min: 0,
    max: 1e5,
    words: ["mm", "millimetre", "millimetres", "millimeter", "millimeters"],
    own: {
      cm: { factor: 10 },
      m: { factor: 1000 },
      in: { factor: 25.4 },
      ins: { factor: 25.4 },
      inch: { factor: 25.4 },
      inches: { factor: 25.4 },
      '"': { factor: 25.4 },
      "''": { factor: 25.4 },
      "”": { factor: 25.4 },
      "″": { factor: 25.4 },
    },
    bare: 1,
    prefixes: {},
  },
  frequency: {
    base: "hz",
    symbol: "Hz",
    min: 0,
    max: 1e6,
    words: ["hz", "hertz", "cy", "cyc", "cycle", "cycles", "cps", "c/s", "~"],
    bare: 1,
    prefixes: {},
  },
  power: {
    base: "w",
    symbol: "W",
    min: 0,
    max: 1e6,
    words: ["w", "watt", "watts"],
    own: {
      // 550 ft·lbf/s (NIST SP 811, Table B.8), and 75 kgf·m/s for the metric one
      hp: { factor: 745.69987 },
      horsepower: { factor: 745.69987 },
      ps: { factor: 735.49875 },
      cv: { factor: 735.49875 },
      ch: { factor: 735.49875 },
    },
    bare: 1,
    prefixes: { k: 1e3, K: 1e3, kilo: 1e3, m: "ask", M: "ask" },
  },
  /** time of work or of a way, typed as people say it */
  minutes: {
    base: "min",
    symbol: "min",
    min: 0,
    max: 1e5,
    words: ["min", "mins", "minute", "minutes", "m"],
    own: { h: { factor: 60 }, hr: { factor: 60 }, hrs: { factor: 60 }, hour: { factor: 60 }, hours: { factor: 60 } },
    bare: 1,
    prefixes: {},
  },
  days: {
    base: "days",
    symbol: "days",
    min: 0,
    max: 1e4,
    words: ["day", "days", "d"],
    own: {
      week: { factor: 7 },
      weeks: { factor: 7 },
      h: { factor: 1 / 24 },
      hr: { factor: 1 / 24 },
      hrs: { factor: 1 / 24 },
      hour: { factor: 1 / 24 },
      hours: { factor: 1 / 24 },
    },
    bare: 1,
    prefixes: {},
  },
  months: {
    base: "months",
    symbol: "months",
    min: 0,
    max: 1200,
    words: ["month", "months", "mo", "mth", "mths"],
    own: { y: { factor: 12 }, yr: { factor: 12 }, yrs: { factor: 12 }, year: { factor: 12 }, years: { factor: 12 } },
    bare: 1,
    prefixes: {},
  },
  years: {
    base: "years",
    symbol: "years",
    min: 0,
    max: 100,
    words: ["year", "years", "y", "yr", "yrs"],
    own: { month: { factor: 1 / 12 }, months: { factor: 1 / 12 }, mo: { factor: 1 / 12 }, mths: { factor: 1 / 12 } },
    bare: 1,
    prefixes: {},
  },
  percent: { base: "percent", symbol: "%", min: -100, max: 1e4, words: ["%", "percent", "pct"], bare: 1, prefixes: {} },
  count: {
    base: "pieces",
    symbol: "",
    min: 0,
    max: 1e6,
    words: ["pc", "pcs", "piece", "pieces"],
    bare: 1,
    prefixes: {},
    isGrouped: true,
  },
  money: { base: "money", symbol: "", min: 0, max: 1e7, words: [], bare: 1, prefixes: {} },
  /** a figure whose unit stands in its field's name */
  plain: { base: "", symbol: "", min: -1e9, max: 1e9, words: [], bare: 1, prefixes: {} },
} as const satisfies Record<string, MeasureSpec>;

export type MeasureId = keyof typeof MEASURES;
/**
 * A measure without its own types, for code that treats all alike.
 * @param id which measure
 * @returns its row
 */
export const measureSpec = (id: MeasureId): MeasureSpec => MEASURES[id];

/**
 * The measure shown with this symbol, so that 15k is taken for Ω and 2 h is not taken for 2 s.
 * @param symbol as it stands beside a field
 * @returns the measure; `plain` for a unit of no measure
 */
export const measureOfSymbol = (symbol: string): MeasureId =>
  (Object.keys(MEASURES) as MeasureId[]).find((id) => symbol !== "" && MEASURES[id].symbol === symbol) ?? "plain";
export type { MeasureSpec };
