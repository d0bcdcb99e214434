import type { ActionId, Complaint } from "../../trade";
import type { Facts } from "../../facts";
import { type AmpsVerdict, type IdleVerdict, type Noise, type Rotation, type RunField, supplyLimits } from "../../motor";
import type { HouseFigures } from "../../house";
import type { ProveRecord } from "./record";
import { CHANGES_NOTHING } from "../../trade";

/** How the proof can contradict what was decided. */
export type ProofDoubt =
  | "does-not-start"
  | "amps-out"
  | "amps-low"
  | "idle-low"
  | "idle-high"
  | "no-better"
  | "noise-stays"
  | "capacitor-not-felt"
  | "still-slow"
  | "still-hot"
  | "supply-still-off"
  | "rotation-wrong"
  | "line-failed"
  | "wrong-part-in";

/** One figure before and after. */
export interface ProofRow {
  readonly field: RunField;
  readonly before: number | null;
  readonly after: number | null;
  readonly beforeSd: number;
  readonly afterSd: number;
  readonly isFromRunTest: boolean;
  /** beyond what two readings of the same may differ by; null: one of them is missing */
  readonly change: "more" | "less" | "same" | null;
}

/** Complaints that a figure would show to be gone. */
const SAID_OF: Partial<Record<Noise, Complaint>> = { squeal: "squeals", rumble: "rumbles", hum: "noisy-hum", rattle: "vibrates" };
/** Work that must move the start winding's current when the capacitor was the fault. */
const MOVES_START_AMPS: readonly ActionId[] = ["replace-run-capacitor"];
const MEANT_FOR_NOISE: readonly ActionId[] = ["replace-bearings", "free-load", "replace-motor"];

/** Quiet now, where it was heard before or complained of. */
export const isQuietNow = ({ afterNoises }: Pick<ProveRecord, "afterNoises">, { noisesFound, complaints }: Facts): boolean =>
  afterNoises.includes("quiet") &&
  (noisesFound.some((noise) => noise !== "quiet") || Object.values(SAID_OF).some((complaint) => complaints.includes(complaint)));

interface Proof {
  readonly record: ProveRecord;
  readonly rows: readonly ProofRow[];
  readonly amps: AmpsVerdict | null;
  /** without the load of a machine: against what the motor idles at; null: it was loaded, or cannot be told */
  readonly idle: IdleVerdict | null;
  readonly isUnloaded: boolean;
  readonly facts: Facts;
  readonly house: HouseFigures;
}

/** Looking at the shaft end, the way it has to turn. */
export const wantedRotation = ({ rotationAsked, rotationBefore, complaints }: Facts): Rotation | null => {
  if (rotationAsked !== null || rotationBefore === null) return rotationAsked;
  // What ran the wrong way is asked to run the other.
  return complaints.includes("runs-backwards") ? (rotationBefore === "cw" ? "ccw" : "cw") : rotationBefore;
};

const rowOf = ({ rows }: Proof, field: RunField): ProofRow | undefined => rows.find((row) => row.field === field);

/** Each doubt with what shows it. */
const DOUBTS: Record<ProofDoubt, (proof: Proof, action: ActionId) => boolean> = {
  "does-not-start": ({ record }) => record.afterBehaviour !== null && record.afterBehaviour !== "starts",
  "idle-low": ({ idle }) => idle === "low",
  "idle-high": ({ idle }) => idle === "high",
  "amps-out": ({ amps }) => amps?.conformity?.decision === "out" && (amps.fractionOfPlate ?? 0) > 1,
  // As low as before is how this machine loads it; lower than before, something that was driven no longer is.
  "amps-low": (proof) => {
    const { amps } = proof;
    // Without its load it draws what it idles at; what another motor draws is held against its own plate, once that is keyed.
    const { fittedMotor, worksDone } = proof.facts;
    if (proof.isUnloaded || (fittedMotor === null && worksDone.some(({ work }) => work === "replace-motor"))) return false;
    return amps?.conformity?.decision === "out" && (amps.fractionOfPlate ?? 1) < 1 && rowOf(proof, "lineAmps")?.change !== "same";
  },
  "no-better": (proof, action) => {
    // Amps with the load and without it are not compared.
    if (CHANGES_NOTHING.includes(action) || proof.isUnloaded) return false;
    const row = rowOf(proof, "lineAmps");
    const limit = proof.facts.fullLoadA === null ? null : (proof.facts.fullLoadA * proof.house.overloadPercent) / 100;
    // What is within the limit now is better, though two readings of the meter may not tell them apart.
    return row?.before != null && row.after !== null && limit !== null && row.before > limit && row.after > limit && row.change !== "less";
  },
  "noise-stays": ({ record, facts }, action) =>
    MEANT_FOR_NOISE.includes(action) &&
    record.afterNoises.some(
      (noise) =>
        noise !== "quiet" &&
        (facts.noisesFound.includes(noise) || (SAID_OF[noise] !== undefined && facts.complaints.includes(SAID_OF[noise]))),
    ),
  "capacitor-not-felt": (proof, action) => {
    const row = rowOf(proof, "startAmps");
    return MOVES_START_AMPS.includes(action) && row?.change === "same";
  },
  "still-slow": (proof) => {
    const row = rowOf(proof, "startTime");
    return (
      row?.after != null && row.after > proof.house.slowStartS && row.change !== "less" && proof.facts.complaints.includes("starts-slow")
    );
  },
  "still-hot": ({ rows, facts, house }) => {
    const row = rows.find(({ field }) => field === "shell");
    return row?.after != null && facts.hotSpotC !== null && row.after > facts.hotSpotC - house.shellBelowWindingK;
  },
  "rotation-wrong": ({ record, facts }) => {
    const wanted = wantedRotation(facts);
    return wanted !== null && record.afterRotation !== null && record.afterRotation !== wanted;
  },
  "wrong-part-in": ({ facts }) => facts.isWrongPartIn,
  "line-failed": ({ record }) => Object.values(record.lines).includes("bad"),
  "supply-still-off": (proof, action) => {
    const row = rowOf(proof, "supplyVolts");
    const limits = supplyLimits(proof.facts, proof.house.supplyPercent / 100);
    return (
      action === "repair-wiring-or-supply" &&
      row?.after != null &&
      limits !== null &&
      (row.after < limits.lowV - 2 * row.afterSd || row.after > limits.highV + 2 * row.afterSd)
    );
  },
};

/** What of the proof contradicts the decision; empty: nothing does. */
export function proofDoubts(proof: Proof): ProofDoubt[] {
  const action = proof.facts.action ?? "no-repair";
  return (Object.keys(DOUBTS) as ProofDoubt[]).filter((doubt) => DOUBTS[doubt](proof, action));
}
