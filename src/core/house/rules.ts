/** One figure that a house may set its own way: default, bounds, unit, and where the default comes from. */
export interface HouseRuleSpec {
  readonly group: "capacitor" | "verdict" | "safety" | "winding" | "running" | "money";
  readonly label: string;
  readonly unit: string;
  readonly fallback: number;
  readonly min: number;
  readonly max: number;
  readonly source: string;
}

/** Every house rule. Keys are persisted: do not change one without a migration. */
export const HOUSE_RULES = {
  runLowPercent: {
    group: "capacitor",
    label: "Run capacitor without tolerance on the label: low limit",
    unit: "%",
    fallback: -6,
    min: -50,
    max: 0,
    source: "usual tolerance of motor-run parts",
  },
  runHighPercent: {
    group: "capacitor",
    label: "Run capacitor without tolerance on the label: high limit",
    unit: "%",
    fallback: 6,
    min: 0,
    max: 50,
    source: "usual tolerance of motor-run parts",
  },
  startLowPercent: {
    group: "capacitor",
    label: "Start capacitor without tolerance on the label: low limit",
    unit: "%",
    fallback: 0,
    min: -50,
    max: 0,
    source: "usual tolerance of motor-start parts, −0/+20 %",
  },
  startHighPercent: {
    group: "capacitor",
    label: "Start capacitor without tolerance on the label: high limit",
    unit: "%",
    fallback: 20,
    min: 0,
    max: 60,
    source: "usual tolerance of motor-start parts, −0/+20 %",
  },
  recheckDays: {
    group: "capacitor",
    label: "Too close and left in: look again after",
    unit: "days",
    fallback: 90,
    min: 1,
    max: 730,
    source: "house choice",
  },
  guardFactor: {
    group: "verdict",
    label: "Guard band, in expanded uncertainties",
    unit: "× U",
    fallback: 1,
    min: 0,
    max: 2,
    source: "JCGM 106:2012, 8.3",
  },
  coverageFactor: {
    group: "verdict",
    label: "Coverage factor of the expanded uncertainty",
    unit: "k",
    fallback: 2,
    min: 1,
    max: 3,
    source: "JCGM 100:2008, 6.2",
  },
  safeVolts: {
    group: "safety",
    label: "Voltage at or below which a conductor counts as dead",
    unit: "V",
    fallback: 30,
    min: 5,
    max: 50,
    source: "below the 34 V of IEC 60335-1 for touchable pins",
  },
  nearZeroOhm: {
    group: "winding",
    label: "Near zero: at or below",
    unit: "Ω",
    fallback: 0.5,
    min: 0.05,
    max: 2,
    source: "house choice; about twice a pair of test leads",
  },
  lowOhmCaution: {
    group: "winding",
    label: "Ask for nulled test leads below",
    unit: "Ω",
    fallback: 2,
    min: 0.5,
    max: 20,
    source: "lead resistance is then a tenth of the reading",
  },
  leadResistanceOhm: {
    group: "winding",
    label: "Test leads when they were not measured",
    unit: "Ω",
    fallback: 0.2,
    min: 0,
    max: 1,
    source: "usual pair of 1 m leads",
  },
  leadSpreadOhm: {
    group: "winding",
    label: "Spread of test leads (standard uncertainty)",
    unit: "Ω",
    fallback: 0.05,
    min: 0.01,
    max: 0.5,
    source: "usual pair of 1 m leads",
  },
  frameLimitMegohm: {
    group: "winding",
    label: "To the frame: a reading below this is a ground fault",
    unit: "MΩ",
    fallback: 20,
    min: 0.1,
    max: 1000,
    source: "an ohmmeter should show OL; any ohms condemn",
  },
  overloadPercent: {
    group: "running",
    label: "Running amps above this part of the plate are out",
    unit: "%",
    fallback: 110,
    min: 100,
    max: 150,
    source: "house choice; service factor of many plates is 1.0 to 1.15",
  },
  hourlyRate: {
    group: "money",
    label: "Bench and site time",
    unit: "an hour",
    fallback: 60,
    min: 0,
    max: 1000,
    source: "house price",
  },
  callbackCost: {
    group: "money",
    label: "Coming back because it was not cured",
    unit: "",
    fallback: 140,
    min: 0,
    max: 5000,
    source: "house price",
  },
  runCapacitorPrice: {
    group: "money",
    label: "Run capacitor",
    unit: "",
    fallback: 18,
    min: 0,
    max: 1000,
    source: "house price",
  },
  startCapacitorPrice: {
    group: "money",
    label: "Start capacitor",
    unit: "",
    fallback: 22,
    min: 0,
    max: 1000,
    source: "house price",
  },
  startRelayPrice: {
    group: "money",
    label: "Start relay or PTC",
    unit: "",
    fallback: 26,
    min: 0,
    max: 1000,
    source: "house price",
  },
  bearingsPrice: {
    group: "money",
    label: "Pair of bearings",
    unit: "",
    fallback: 24,
    min: 0,
    max: 1000,
    source: "house price",
  },
  motorPrice: { group: "money", label: "Motor", unit: "", fallback: 240, min: 0, max: 10000, source: "house price" },
} as const satisfies Record<string, HouseRuleSpec>;

export type HouseRuleId = keyof typeof HOUSE_RULES;
export const HOUSE_RULE_IDS = Object.keys(HOUSE_RULES) as HouseRuleId[];

/** The figures in force: the house's own where it set one, else the default. */
export type HouseFigures = Readonly<Record<HouseRuleId, number>>;

/** Fills what the house did not set with the defaults; keys that no rule has are dropped. */
export function toHouseFigures(own: Readonly<Partial<Record<string, number>>>): HouseFigures {
  return Object.fromEntries(HOUSE_RULE_IDS.map((id) => [id, own[id] ?? HOUSE_RULES[id].fallback])) as Record<HouseRuleId, number>;
}
