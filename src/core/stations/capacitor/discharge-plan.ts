import { plainAt } from "../../fields";
import { type StationContext } from "../../station";
import {
  dischargeThrough,
  judgeResistor,
  peakVolts,
  resistorFor,
  restBetweenS,
  type CapacitorLabel,
  type Discharge,
  type ResistorVerdict,
} from "../../capacitor";
import { figureOf, type Entry } from "../../quantity";
import { capacitorRecord, type CapacitorRecord } from "./record";

/** The discharge as it should be done, and what was left afterwards. */
export interface DischargePlan {
  readonly capacitanceUf: number;
  /** volts rms it may have been charged from, and whose word that is */
  readonly chargedFromV: number;
  readonly chargeOrigin: "keyed" | "label" | "line" | "usual";
  readonly peakV: number;
  readonly safeV: number;
  readonly resistorOhm: number;
  readonly resistorW: number;
  readonly sum: Discharge;
  readonly resistor: ResistorVerdict;
  /** smallest rating sold that bears it once [W]; null: none does */
  readonly leastW: number | null;
  /** seconds to let it cool between two uses */
  readonly restS: number;
  /** why the screwdriver is refused; null when the house allows it for this part */
  readonly shortRefused: { readonly code: "too-large" | "start-part" | "forbidden"; readonly limitUf: number } | null;
  /** seconds the resistor is held: five time constants, or longer where the safe volts need it */
  readonly holdS: number;
  readonly remaining: { readonly volts: number; readonly isSafe: boolean } | null;
}

/** The winding raises the volts across a run capacitor to at most about this multiple of the line. */
const HIGHEST_RISE = 1.8;
/** Highest voltage printed on motor capacitors of this trade, for a label that shows none and a line not known. */
const USUAL_V = 440;

function chargedFrom(
  record: CapacitorRecord,
  label: CapacitorLabel,
  supplyV: number | null,
): Pick<DischargePlan, "chargedFromV" | "chargeOrigin"> {
  const keyed = plainAt(capacitorRecord.fields.discharge, record.discharge, "chargedFrom").value;
  if (keyed !== null) return { chargedFromV: keyed, chargeOrigin: "keyed" };
  if (label.ratedV !== null) return { chargedFromV: label.ratedV, chargeOrigin: "label" };
  if (supplyV !== null) return { chargedFromV: HIGHEST_RISE * supplyV, chargeOrigin: "line" };
  return { chargedFromV: USUAL_V, chargeOrigin: "usual" };
}

function remainingOf(entry: Entry | null, safeV: number): DischargePlan["remaining"] {
  const left = figureOf(entry);
  return left && { volts: left.value, isSafe: left.value <= safeV };
}

/** Plans the discharge of the largest section: time, watts, energy, and whether the resistor and the house bear it. */
export function planDischarge(record: CapacitorRecord, label: CapacitorLabel, { house, facts }: StationContext): DischargePlan {
  const capacitanceUf = Math.max(...label.sections.map((s) => s.highUf ?? s.nominalUf ?? 0));
  const charge = chargedFrom(record, label, facts.supplyV);
  const resistorOhm = plainAt(capacitorRecord.fields.discharge, record.discharge, "resistor").value ?? house.dischargeResistorOhm;
  const resistorW = plainAt(capacitorRecord.fields.discharge, record.discharge, "resistorW").value ?? house.dischargeResistorW;
  const peakV = peakVolts(charge.chargedFromV);
  const sum = dischargeThrough(peakV, capacitanceUf, resistorOhm, house.safeVolts);
  const limitUf = house.shortUpToUf;
  return {
    capacitanceUf,
    ...charge,
    peakV,
    safeV: house.safeVolts,
    resistorOhm,
    resistorW,
    sum,
    resistor: judgeResistor(sum, resistorW),
    leastW: resistorFor(sum),
    restS: restBetweenS(sum, resistorW),
    shortRefused:
      limitUf === 0
        ? { code: "forbidden", limitUf }
        : label.kind === "start"
          ? { code: "start-part", limitUf }
          : capacitanceUf > limitUf
            ? { code: "too-large", limitUf }
            : null,
    holdS: Math.max(sum.holdS, sum.timeToSafeS),
    remaining: remainingOf(record.discharge.remaining, house.safeVolts),
  };
}
