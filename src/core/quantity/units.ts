/** What a meter can be asked for. Values inside the program are in the base unit named here. */
export const QUANTITIES = {
  resistance: { base: "ohm", symbol: "Ω", mayBeNegative: false },
  capacitance: { base: "uf", symbol: "µF", mayBeNegative: false },
  current: { base: "a", symbol: "A", mayBeNegative: false },
  voltage: { base: "v", symbol: "V", mayBeNegative: false },
  temperature: { base: "c", symbol: "°C", mayBeNegative: true },
  /** what an insulation tester shows: megohms unless it says otherwise */
  insulation: { base: "megohm", symbol: "MΩ", mayBeNegative: false },
  speed: { base: "rpm", symbol: "rpm", mayBeNegative: false },
  duration: { base: "s", symbol: "s", mayBeNegative: false },
} as const;

export type Quantity = keyof typeof QUANTITIES;
export type BaseUnit = (typeof QUANTITIES)[Quantity]["base"];

/** How a keyed unit scales to the base unit, or why it cannot be taken as it stands. */
export type UnitMeaning = { readonly factor: number } | "ambiguous";

/*
 * Spellings after normalisation: compatibility forms folded, Greek mu written "u", ohm sign written "ohm", spaces gone.
 * Case matters where a prefix depends on it (m / M). "ambiguous": could be read two ways on a meter of this kind,
 * so the person is asked again.
 */
const RESISTANCE_UNITS: Record<string, UnitMeaning> = {
  "": { factor: 1 },
  ohm: { factor: 1 },
  ohms: { factor: 1 },
  Ohm: { factor: 1 },
  Ohms: { factor: 1 },
  OHM: { factor: 1 },
  OHMS: { factor: 1 },
  R: { factor: 1 },
  r: { factor: 1 },
  k: { factor: 1e3 },
  K: { factor: 1e3 },
  kohm: { factor: 1e3 },
  Kohm: { factor: 1e3 },
  kohms: { factor: 1e3 },
  kOhm: { factor: 1e3 },
  M: { factor: 1e6 },
  Mohm: { factor: 1e6 },
  MOhm: { factor: 1e6 },
  Mohms: { factor: 1e6 },
  Meg: { factor: 1e6 },
  meg: { factor: 1e6 },
  megohm: { factor: 1e6 },
  megohms: { factor: 1e6 },
  G: { factor: 1e9 },
  Gohm: { factor: 1e9 },
  m: "ambiguous",
  mohm: "ambiguous",
  mohms: "ambiguous",
  mOhm: "ambiguous",
};

const CAPACITANCE_UNITS: Record<string, UnitMeaning> = {
  "": { factor: 1 },
  u: { factor: 1 },
  U: { factor: 1 },
  uF: { factor: 1 },
  uf: { factor: 1 },
  UF: { factor: 1 },
  MFD: { factor: 1 },
  mfd: { factor: 1 },
  Mfd: { factor: 1 },
  MF: { factor: 1 },
  n: { factor: 1e-3 },
  N: { factor: 1e-3 },
  nF: { factor: 1e-3 },
  nf: { factor: 1e-3 },
  NF: { factor: 1e-3 },
  p: { factor: 1e-6 },
  pF: { factor: 1e-6 },
  pf: { factor: 1e-6 },
  m: "ambiguous",
  M: "ambiguous",
  mF: "ambiguous",
  mf: "ambiguous",
  F: "ambiguous",
  f: "ambiguous",
};

const CURRENT_UNITS: Record<string, UnitMeaning> = {
  "": { factor: 1 },
  A: { factor: 1 },
  a: { factor: 1 },
  amp: { factor: 1 },
  amps: { factor: 1 },
  Amps: { factor: 1 },
  AAC: { factor: 1 },
  m: { factor: 1e-3 },
  mA: { factor: 1e-3 },
  ma: { factor: 1e-3 },
  M: "ambiguous",
  MA: "ambiguous",
};

const VOLTAGE_UNITS: Record<string, UnitMeaning> = {
  "": { factor: 1 },
  V: { factor: 1 },
  v: { factor: 1 },
  volt: { factor: 1 },
  volts: { factor: 1 },
  VAC: { factor: 1 },
  Vac: { factor: 1 },
  vac: { factor: 1 },
  VDC: { factor: 1 },
  Vdc: { factor: 1 },
  "V~": { factor: 1 },
  k: { factor: 1e3 },
  kV: { factor: 1e3 },
  KV: { factor: 1e3 },
  kv: { factor: 1e3 },
  m: { factor: 1e-3 },
  mV: { factor: 1e-3 },
  mv: { factor: 1e-3 },
  M: "ambiguous",
  MV: "ambiguous",
};

const TEMPERATURE_UNITS: Record<string, UnitMeaning> = {
  "": { factor: 1 },
  C: { factor: 1 },
  c: { factor: 1 },
  "°C": { factor: 1 },
  "°c": { factor: 1 },
};

/** The same spellings as ohms, in megohms; a bare figure on an insulation tester means megohms. */
const INSULATION_UNITS: Record<string, UnitMeaning> = {
  ...Object.fromEntries(
    Object.entries(RESISTANCE_UNITS).map(([unit, meaning]) => [unit, meaning === "ambiguous" ? meaning : { factor: meaning.factor / 1e6 }]),
  ),
  "": { factor: 1 },
  T: { factor: 1e6 },
  Tohm: { factor: 1e6 },
};

const SPEED_UNITS: Record<string, UnitMeaning> = {
  "": { factor: 1 },
  rpm: { factor: 1 },
  RPM: { factor: 1 },
  "r/min": { factor: 1 },
  "1/min": { factor: 1 },
};

const DURATION_UNITS: Record<string, UnitMeaning> = {
  "": { factor: 1 },
  s: { factor: 1 },
  S: { factor: 1 },
  sec: { factor: 1 },
  ms: { factor: 1e-3 },
  min: { factor: 60 },
  m: "ambiguous",
  M: "ambiguous",
};

/** Every spelling a quantity takes. One table, so that a new spelling is one row. */
export const UNIT_SPELLINGS: Record<Quantity, Record<string, UnitMeaning>> = {
  resistance: RESISTANCE_UNITS,
  capacitance: CAPACITANCE_UNITS,
  current: CURRENT_UNITS,
  voltage: VOLTAGE_UNITS,
  temperature: TEMPERATURE_UNITS,
  insulation: INSULATION_UNITS,
  speed: SPEED_UNITS,
  duration: DURATION_UNITS,
};

/** Letters that may stand in place of the decimal point, as in 4k7 or 0R9. */
export const POINT_LETTERS: Record<Quantity, Record<string, number>> = {
  resistance: { R: 1, r: 1, k: 1e3, K: 1e3, M: 1e6, G: 1e9 },
  capacitance: { u: 1, U: 1, n: 1e-3 },
  current: {},
  voltage: {},
  temperature: {},
  insulation: { k: 1e-3, K: 1e-3, M: 1, G: 1e3 },
  speed: {},
  duration: {},
};
