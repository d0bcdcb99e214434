import { misreadCost } from "./misreading";

/** What a figure on a plate is of: fields that are read, and what else stands there and is told apart from them. */
export const NAMES = {
  volts: ["V", "VOLTS", "VOLT", "VAC", "V~", "VOLTAGE"],
  hertz: ["HZ", "HERTZ", "CYC", "CYCLES", "FREQ"],
  amps: ["A", "AMPS", "AMP", "FLA", "F.L.A.", "FL AMPS", "RLA"],
  rpm: ["RPM", "R/MIN", "MIN-1", "R.P.M.", "SPEED", "1/MIN"],
  hp: ["HP", "H.P.", "HORSEPOWER"],
  kw: ["KW", "OUTPUT KW", "P2"],
  watts: ["W", "WATTS", "WATT"],
  capacitor: ["C", "CAP", "CAPACITOR", "CAP.", "RUN CAP", "MFD", "UF"],
  phase: ["PH", "PHASE", "PHASES"],
  insulation: ["INS", "INS CL", "INSUL CLASS", "CL", "CLASS", "INSULATION"],
  ambient: ["AMB", "MAX AMB", "AMBIENT", "TEMP"],
  serial: ["SER", "SERIAL", "SN", "S/N", "SER NO", "NO"],
  frame: ["FR", "FRAME", "TYPE", "SIZE"],
  duty: ["DUTY", "TIME", "TIME RATING"],
  model: ["MODEL", "MOD", "CAT", "P/N", "PART"],
  factor: ["SF", "S.F.", "PF", "COS", "EFF", "CODE", "IP", "KVA"],
  title: ["MOTOR", "SINGLE PHASE MOTOR", "AC MOTOR", "FAN MOTOR", "INSTRUCTIONS", "THERMALLY PROTECTED", "MADE IN"],
} as const;
export type PrintedName = keyof typeof NAMES;
const IDS = Object.keys(NAMES) as PrintedName[];

/** A name this unlike every spelling says nothing of what it names. */
const MOST_COST = 7;
/** Letters say more than they are worth where many are wrong at once. */
const PART = 0.85;

/**
 * How unlike a name is to each field's printed names.
 * @param name as read, in any case; empty: it stands there without a name
 * @returns cost by field [nats]; the same for all where there is no name
 */
export function nameCosts(name: string): Readonly<Record<PrintedName, number>> {
  const shown = name.toUpperCase().replace(/[\s.:]+/g, "");
  const known = costsBefore.get(shown);
  if (known) return known;
  const cost = (spelling: string): number => misreadCost(spelling.replace(/[\s.]+/g, "").toLowerCase(), shown.toLowerCase()) * PART;
  const costs = Object.fromEntries(
    IDS.map((id) => [id, shown === "" ? MOST_COST / 2 : Math.min(MOST_COST, ...NAMES[id].map(cost))]),
  ) as Record<PrintedName, number>;
  if (costsBefore.size > MOST_KEPT) costsBefore.clear();
  costsBefore.set(shown, costs);
  return costs;
}

const costsBefore = new Map<string, Readonly<Record<PrintedName, number>>>();
const MOST_KEPT = 2000;
