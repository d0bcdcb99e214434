import { field, recordOf } from "../../fields";
import { defineStation, plainAssessment, type Stamp } from "../../station";
import type { Facts } from "../../facts";
import { supplyJudge, inferConnection, isSuppliedForAnother, supplyLimits, type InferredConnection } from "../../motor";
import type { FigureSize, Finding, Outcome } from "../../diagnosis";
import type { HouseFigures } from "../../house";
import {
  type WorkingStep,
  decideConformity,
  formatNumber,
  formatQuantity,
  type Conformity,
  figureOf,
  findSlip,
  type Entry,
  type Slip,
} from "../../quantity";

/** Whether control asks the motor to run. Persisted: do not change without a migration. */
const CALLS = ["calls", "no-call", "always-on"] as const;
export type Call = (typeof CALLS)[number];
/** State of door, pressure and float switches in the way. Persisted: do not change without a migration. */
const INTERLOCKS = ["none", "closed", "open", "defeated"] as const;
export type Interlock = (typeof INTERLOCKS)[number];

export const supplyRecord = recordOf({
  call: field.oneOf(CALLS),
  interlock: field.oneOf(INTERLOCKS),
  /** at the motor's terminals, before it is switched on */
  standing: field.reading("voltage"),
  /** at the motor's terminals, while it tries to start */
  starting: field.reading("voltage"),
  /** at the disconnect, where the motor has none */
  atDisconnect: field.reading("voltage"),
  note: field.note(),
});
export type SupplyRecord = typeof supplyRecord.blank;
/** `standing`: volts arrive, and nobody measured whether they stay while it tries. */
export type SupplyOutcome = Outcome<"supply-voltage"> | "standing";

export interface SupplyDetail {
  readonly outcome: SupplyOutcome | null;
  readonly standingV: number | null;
  readonly startingV: number | null;
  readonly disconnectV: number | null;
  readonly plateV: number | null;
  readonly lowV: number | null;
  readonly highV: number | null;
  /** fall from standing to trying to start, as a part of standing */
  readonly drop: number | null;
  readonly dropLimit: number;
  readonly conformity: Conformity | null;
  readonly isHigh: boolean;
  readonly isDefeated: boolean;
  /** the plate names several connections and nobody said which: taken from the volts measured; null: not needed, or it cannot be told */
  readonly inferred: InferredConnection | null;
  /** the plate names several connections, and neither a person nor these volts say which */
  readonly isConnectionOpen: boolean;
  /** a person said how it is connected, and these volts are good for the plate's other connection */
  readonly isForAnother: boolean;
  /** figures that look like a slip of the finger */
  readonly slips: { readonly standing: Slip | null; readonly starting: Slip | null; readonly atDisconnect: Slip | null };
}

/** Below this part of the plate's volts there is no supply, whatever a meter picks up from the next cable. */
const ABSENT = 0.2;
/** Below this part at the disconnect nothing arrives there either. */
const ARRIVES = 0.5;
/** Without a plate: volts of the weakest usual supply. */
const LEAST_PLATE_V = 100;

interface Found {
  readonly outcome: SupplyOutcome;
  /** chance that it is good after all, where the meter cannot say */
  readonly good: number;
}

function outcomeOf(record: SupplyRecord, detail: Omit<SupplyDetail, "outcome">): Found | null {
  const { standingV, disconnectV, plateV, startingV, lowV, drop, dropLimit, conformity } = detail;
  const usual = plateV ?? LEAST_PLATE_V;
  const isAbsent = standingV !== null && standingV < ABSENT * usual;
  if (isAbsent && (record.call === "no-call" || record.interlock === "open")) return { outcome: "no-call", good: 0 };
  if (isAbsent) return { outcome: disconnectV !== null && disconnectV > ARRIVES * usual ? "lost" : "absent", good: 0 };
  if (standingV === null && startingV === null)
    return record.call === "no-call" || record.interlock === "open" ? { outcome: "no-call", good: 0 } : null;
  if (conformity !== null && conformity.decision !== "holds" && plateV !== null && (standingV ?? plateV) < plateV)
    return { outcome: "low", good: conformity.probabilityWithin };
  // Volts that belong to no connection of the plate say nothing of the supply.
  if (detail.isConnectionOpen && standingV !== null) return null;
  const sagsBelow = startingV !== null && lowV !== null && startingV < lowV;
  if (sagsBelow || (drop !== null && drop > dropLimit)) return { outcome: "sags", good: 0 };
  return startingV === null ? { outcome: "standing", good: 0 } : { outcome: "good", good: 1 };
}

/** Standing volts clear what leaves no volts at all; they may stay or sag once it tries. */
function weightsOf({ outcome, good }: Found): Extract<Finding, { test: "supply-voltage" }>["weights"] {
  if (outcome === "standing") return { good: 1, sags: 1 };
  return good > 0 && good < 1 ? { good, [outcome]: 1 - good } : { [outcome]: 1 };
}

/** No feed is so steady that volts of one moment stand for more than this: a standard uncertainty, as a part of the plate. */
const STEADY = 0.01;
/** Falls are read off a needle or a figure that moves: a standard uncertainty, in times what is allowed. */
const FALL_SPREAD = 0.15;

/** Good volts for another connection than the one that is made: the connection is wrong, not the supply. */
const OTHER_VOLTS: readonly FigureSize[] = [{ of: "other-connection", at: 1, spread: 0 }];

/** How much the volts say, by how far they lie below the plate's and how far they fall; none where it is not volts that were found. */
function sizesOf(found: Found, record: SupplyRecord, detail: Omit<SupplyDetail, "outcome">, house: HouseFigures): readonly FigureSize[] {
  const { standingV, startingV, lowV, drop, dropLimit } = detail;
  const arrivesV = standingV ?? startingV;
  if (found.outcome === "no-call" || found.outcome === "lost" || lowV === null || arrivesV === null) return [];
  // Of a band every figure inside is as good as another: the lowest rated volts are those to be held.
  const ratedV = lowV / (1 - house.supplyPercent / 100);
  const spread = Math.hypot(STEADY, (figureOf(standingV === null ? record.starting : record.standing)?.standardUncertainty ?? 0) / ratedV);
  const standing: FigureSize = {
    of: record.call === "calls" ? "volts-part-called" : "volts-part",
    at: Math.min(1, arrivesV / ratedV),
    spread,
  };
  if (drop === null) return [standing];
  // Volts that were low before it tried are not low because it tries.
  const isLower = startingV !== null && startingV < lowV && (standingV ?? 0) >= lowV;
  return [standing, { of: "volts-fall", at: Math.max(drop / dropLimit, isLower ? 1 : 0), spread: FALL_SPREAD }];
}

function stampOf(found: Found | null, record: SupplyRecord, detail: Omit<SupplyDetail, "outcome">): Stamp {
  if (found === null) return record.call !== null || record.interlock !== null || record.note.trim() !== "" ? "noted" : "not-done";
  if (detail.isDefeated) return "out";
  if (found.outcome === "standing") return detail.isHigh ? "out" : "noted";
  if (found.outcome === "good") return detail.isHigh ? "out" : detail.plateV === null ? "noted" : "holds";
  return found.outcome === "low" && detail.conformity?.decision === "too-close" ? "too-close" : "out";
}

function workingOf({ standingV, startingV, drop, dropLimit, plateV, lowV, highV }: SupplyDetail): WorkingStep[] {
  const band: WorkingStep[] =
    plateV === null || standingV === null || lowV === null || highV === null
      ? []
      : [
          {
            what: "Volts at the motor, standing",
            formula: "100 × volts / plate volts",
            numbers: `100 × ${formatNumber(standingV, 1)} / ${formatNumber(plateV, 0)}`,
            result: `${formatNumber((100 * standingV) / plateV, 1)} % of the plate; band ${formatQuantity("voltage", lowV)} to ${formatQuantity("voltage", highV)}`,
            source: "IEC 60034-1, 7.3; house rule for the band",
          },
        ];
  if (drop === null || standingV === null || startingV === null) return band;
  return [
    ...band,
    {
      what: "Fall while it tries to start",
      formula: "100 × (standing − starting) / standing",
      numbers: `100 × (${formatNumber(standingV, 1)} − ${formatNumber(startingV, 1)}) / ${formatNumber(standingV, 1)}`,
      result: `${formatNumber(drop * 100, 1)} %; limit ${formatNumber(dropLimit * 100, 0)} %`,
      source: "house rule",
    },
  ];
}

function detailOf(record: SupplyRecord, known: Facts, house: HouseFigures): Omit<SupplyDetail, "outcome"> {
  const standing = figureOf(record.standing);
  const starting = figureOf(record.starting);
  const part = house.supplyPercent / 100;
  const inferred = inferConnection(known, standing?.value ?? figureOf(record.atDisconnect)?.value ?? null, part);
  const facts: Facts = { ...known, ...inferred?.facts };
  const judge = supplyJudge(facts, part);
  const slipOf = (entry: Entry | null): Slip | null => (judge ? findSlip(entry, "voltage", judge) : null);
  const plateV = facts.supplyV;
  const { lowV, highV } = supplyLimits(facts, part) ?? { lowV: null, highV: null };
  const conformity =
    standing === null || lowV === null || highV === null
      ? null
      : decideConformity({
          value: standing.value,
          standardUncertainty: standing.standardUncertainty,
          limits: { low: lowV, high: highV },
          guardFactor: house.guardFactor,
          coverageFactor: house.coverageFactor,
        });
  return {
    standingV: standing?.value ?? null,
    startingV: starting?.value ?? null,
    disconnectV: figureOf(record.atDisconnect)?.value ?? null,
    plateV,
    lowV,
    highV,
    drop: standing && starting && standing.value > 0 ? (standing.value - starting.value) / standing.value : null,
    dropLimit: house.supplyDropPercent / 100,
    conformity,
    isHigh: standing !== null && highV !== null && standing.value > highV && conformity?.decision !== "holds",
    isDefeated: record.interlock === "defeated",
    isForAnother: standing !== null && isSuppliedForAnother(known, standing.value, part),
    inferred,
    slips: { standing: slipOf(record.standing), starting: slipOf(record.starting), atDisconnect: slipOf(record.atDisconnect) },
    isConnectionOpen: known.supplyV === null && known.plateConnections.length > 1 && inferred === null,
  };
}

/** Does voltage arrive, does it stay while the motor tries, and does anything ask it to run? */
export const supplyStation = defineStation({
  definition: {
    id: "supply",
    power: "live",
    reads: ["supply"],
    minutes: 3,
    tests: ["supply-voltage"],
    cautions: ["line-voltage", "moving-parts", "short-tries", "interlock", "local-codes"],
  },
  ...supplyRecord,
  assess(record, { facts, house }) {
    const partial = detailOf(record, facts, house);
    const isUnsure = Object.values(partial.slips).some((slip) => slip !== null);
    // Nothing is concluded from a figure that looks like a slip.
    const found = isUnsure ? null : outcomeOf(record, partial);
    const detail: SupplyDetail = { ...partial, outcome: found?.outcome ?? null };
    const { isForAnother } = partial;
    const sizes = found === null ? [] : isForAnother ? OTHER_VOLTS : sizesOf(found, record, partial, house);
    const findings: Finding[] =
      found === null || (partial.isHigh && !isForAnother)
        ? []
        : [{ test: "supply-voltage", weights: weightsOf(found), ...(sizes.length > 0 ? { sizes } : {}) }];
    const isVoltage = found !== null && found.outcome !== "absent" && found.outcome !== "no-call" && found.outcome !== "lost";
    const stamp = isUnsure ? "unsure" : stampOf(found, record, partial);
    return plainAssessment<SupplyDetail>(stamp, detail, {
      findings,
      facts: {
        // Volts that fall once it draws are not those it runs on.
        supplyFound: isVoltage && found?.outcome !== "sags" ? figureOf(record.standing) : null,
        ...partial.inferred?.facts,
        // Volts that fit none of the plate's connections: which is made is looked at before they are judged.
        ...(isForAnother || (partial.isConnectionOpen && partial.standingV !== null && found === null)
          ? { isConnectionDoubted: true }
          : {}),
      },
      working: workingOf(detail),
      // That control asks it to run is not yet a voltage, and standing volts are not yet those while it tries.
      openTests: found === null || found.outcome === "standing" ? ["supply-voltage"] : [],
    });
  },
});
