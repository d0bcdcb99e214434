import type { Quantity } from "../quantity";

/** What a meter is set to: a quantity of this trade, or anything else it can do. */
export type MeterFunction = Quantity | "other";

/**
 * Words by which meters name what they are set to, in capitals.
 * @source SCPI-1999, volume 2, SENSe:FUNCtion and volume 3, measurement instructions; usual short words beside them
 */
export const FUNCTION_WORDS: Readonly<Record<string, MeterFunction>> = {
  RES: "resistance",
  RESISTANCE: "resistance",
  FRES: "resistance",
  FRESISTANCE: "resistance",
  OHM: "resistance",
  OHMS: "resistance",
  CAP: "capacitance",
  CAPACITANCE: "capacitance",
  VOLT: "voltage",
  VOLTAGE: "voltage",
  "VOLT:AC": "voltage",
  "VOLT:DC": "voltage",
  VAC: "voltage",
  VDC: "voltage",
  ACV: "voltage",
  DCV: "voltage",
  CURR: "current",
  CURRENT: "current",
  "CURR:AC": "current",
  "CURR:DC": "current",
  AMP: "current",
  AMPS: "current",
  AAC: "current",
  ADC: "current",
  ACA: "current",
  DCA: "current",
  TEMP: "temperature",
  TEMPERATURE: "temperature",
  INS: "insulation",
  INSULATION: "insulation",
  MEGOHM: "insulation",
  RPM: "speed",
  SPEED: "speed",
  FREQ: "other",
  FREQUENCY: "other",
  PER: "other",
  PERIOD: "other",
  DIOD: "other",
  DIODE: "other",
  CONT: "other",
  CONTINUITY: "other",
  DUTY: "other",
};

/** What a unit on a line means: its quantity, how it is shown here, and by how many places the point moves for that. */
export interface UnitMeaningOnLine {
  readonly quantity: Quantity;
  readonly symbol: string;
  readonly places: number;
}
const unit = (quantity: Quantity, symbol: string, places = 0): UnitMeaningOnLine => ({ quantity, symbol, places });

/**
 * Units as lines print them; the case counts where it changes the meaning.
 * @source IEEE 488.2-1992, 7.7.3: MOHM is the megohm, every other M the thousandth
 */
export const UNIT_WORDS: Readonly<Record<string, UnitMeaningOnLine>> = {
  Ω: unit("resistance", "Ω"),
  R: unit("resistance", "Ω"),
  ohm: unit("resistance", "Ω"),
  ohms: unit("resistance", "Ω"),
  OHM: unit("resistance", "Ω"),
  OHMS: unit("resistance", "Ω"),
  kΩ: unit("resistance", "kΩ"),
  kohm: unit("resistance", "kΩ"),
  KOHM: unit("resistance", "kΩ"),
  KΩ: unit("resistance", "kΩ"),
  MΩ: unit("resistance", "MΩ"),
  Mohm: unit("resistance", "MΩ"),
  MOHM: unit("resistance", "MΩ"),
  mΩ: unit("resistance", "Ω", -3),
  mohm: unit("resistance", "Ω", -3),
  GΩ: unit("resistance", "MΩ", 3),
  Gohm: unit("resistance", "MΩ", 3),
  GOHM: unit("resistance", "MΩ", 3),
  F: unit("capacitance", "µF", 6),
  mF: unit("capacitance", "µF", 3),
  MF: unit("capacitance", "µF", 3),
  µF: unit("capacitance", "µF"),
  uF: unit("capacitance", "µF"),
  UF: unit("capacitance", "µF"),
  nF: unit("capacitance", "nF"),
  NF: unit("capacitance", "nF"),
  pF: unit("capacitance", "nF", -3),
  PF: unit("capacitance", "nF", -3),
  V: unit("voltage", "V"),
  mV: unit("voltage", "V", -3),
  MV: unit("voltage", "V", -3),
  kV: unit("voltage", "V", 3),
  KV: unit("voltage", "V", 3),
  volt: unit("voltage", "V"),
  volts: unit("voltage", "V"),
  amp: unit("current", "A"),
  amps: unit("current", "A"),
  VAC: unit("voltage", "V"),
  VDC: unit("voltage", "V"),
  A: unit("current", "A"),
  mA: unit("current", "A", -3),
  MA: unit("current", "A", -3),
  µA: unit("current", "A", -6),
  uA: unit("current", "A", -6),
  UA: unit("current", "A", -6),
  AAC: unit("current", "A"),
  ADC: unit("current", "A"),
  "°C": unit("temperature", "°C"),
  C: unit("temperature", "°C"),
  degC: unit("temperature", "°C"),
  rpm: unit("speed", "rpm"),
  RPM: unit("speed", "rpm"),
};

/** Units of what nobody here reads: seen, they say that the meter is set to something else. */
export const OTHER_UNITS: readonly string[] = ["Hz", "HZ", "kHz", "KHZ", "MHz", "MHZ", "%", "°F", "F°", "degF", "dB", "DB", "s", "ms"];

/** What a bare figure of a quantity is in, where the line names the quantity and no unit: units without prefix. */
export const BARE_UNITS: Readonly<Record<Quantity, string>> = {
  resistance: "Ω",
  capacitance: "F",
  voltage: "V",
  current: "A",
  temperature: "°C",
  insulation: "Ω",
  speed: "rpm",
  duration: "s",
};

/** Figures that SCPI shows instead of one: over the range from here on. @source SCPI-1999, volume 1, 7.2.1.4: INFinity is 9.9E37 */
export const OVER_FROM = 9.9e37;
/** And not a number. @source the same: NAN is 9.91E37 */
export const NOT_A_NUMBER = 9.91e37;

/** Words on a display that mean over its range, in capitals. */
export const OVERLOAD_WORDS: readonly string[] = ["OL", "O.L", "0L", "0.L", "-OL", ".OL", "OVLD", "OVERLOAD", "OPEN", "INF", "----"];
