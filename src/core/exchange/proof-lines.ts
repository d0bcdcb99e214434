import type { Complaint, Drive, MachineKind } from "../trade";
import { TRIPS } from "../trade";

interface ProvedMachine {
  readonly machineKind: MachineKind;
  readonly drive: Drive | null;
  readonly burnsGas: boolean | null;
  readonly complaints: readonly Complaint[];
}

const on =
  (...kinds: readonly MachineKind[]) =>
  ({ machineKind }: ProvedMachine): boolean =>
    kinds.includes(machineKind);

/** What shows at the machine that the work was right, on the machines it belongs to. Ids are persisted. @source trade practice */
const PROOF_LINES = {
  "restarts-against-pressure": on("hermetic-compressor", "belt-compressor"),
  "pressures-or-temperature": on("hermetic-compressor"),
  "air-as-it-should": on("fan", "blower"),
  "flow-as-it-should": on("pump"),
  "turns-loaded": on("drum", "agitator"),
  "flame-steady": ({ burnsGas }: ProvedMachine) => burnsGas === true,
  "coin-on-edge": on("fan", "blower", "pump"),
  "belt-quiet": ({ drive }: ProvedMachine) => drive === "belt",
  "no-trip-in-starts": ({ complaints }: ProvedMachine) => complaints.some((each) => TRIPS.includes(each)),
  "starts-three-times": ({ complaints }: ProvedMachine) =>
    complaints.some((each) => each === "hums-no-start" || each === "starts-with-push" || each === "intermittent" || each === "starts-slow"),
  "warm-and-still-running": ({ complaints }: ProvedMachine) =>
    complaints.some((each) => each === "cuts-out-and-returns" || each === "runs-hot"),
} as const satisfies Record<string, (machine: ProvedMachine) => boolean>;
export type ProofLine = keyof typeof PROOF_LINES;
export const PROOF_LINE_IDS = Object.keys(PROOF_LINES) as ProofLine[];

/**
 * Lines of proof that fit a machine and what was complained of.
 * @param machine machine, drive, gas and complaints
 * @returns ids of lines
 */
export const proofLinesFor = (machine: ProvedMachine): readonly ProofLine[] => PROOF_LINE_IDS.filter((id) => PROOF_LINES[id](machine));
