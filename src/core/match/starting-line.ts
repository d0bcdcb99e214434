import type { MachineKind } from "../trade";
import { asked, fits, notKnown, refused, same, type LineJudge } from "./match-line";
import type { NamedType } from "./motor-spec";

/**
 * Torque from rest as a part of the rated one, in steps: a capacitor in the start winding gives several times, a start winding
 * of its own once and a half, one that runs along less than rated, a shaded pole a half.
 * @source Veinott, Theory and Design of Small Induction Motors; NEMA MG 1, 12.32 for split-phase and capacitor-start
 */
const STARTS: Record<NamedType, number> = { "cap-start": 3, "cap-start-run": 3, "split-phase": 2, psc: 1, "shaded-pole": 0 };

/** What turns from rest against nothing but air. */
const LIGHT: readonly MachineKind[] = ["fan", "blower"];
/** What is loaded from the first turn. */
const HEAVY: readonly MachineKind[] = ["drum", "agitator", "belt-compressor", "pump"];

/** Start: a motor that starts weaker is none for a load that is there from the first turn, whatever its power. */
export const judgeStarting: LineJudge = ({ old, place, candidate }) => {
  const { machineKind } = place;
  if (old.type === null && candidate.type === null) return HEAVY.includes(machineKind) ? notKnown("candidate") : same;
  if (old.type === null || candidate.type === null) {
    if (LIGHT.includes(machineKind)) return fits({ code: "any-start" });
    if (candidate.type === null) return notKnown("candidate");
    return STARTS[candidate.type] === STARTS["cap-start"] ? fits({ code: "other-start", type: candidate.type }) : notKnown("old");
  }
  if (candidate.type === old.type) return same;
  if (STARTS[candidate.type] >= STARTS[old.type]) return fits({ code: "other-start", type: candidate.type });
  if (LIGHT.includes(machineKind)) return fits({ code: "other-start", type: candidate.type });
  return HEAVY.includes(machineKind)
    ? refused({ code: "weaker-start", type: candidate.type })
    : asked({ code: "weaker-start", type: candidate.type });
};
