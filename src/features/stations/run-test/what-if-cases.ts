import { type Facts, sectionFor } from "@/core/facts";
import { capacitorOf, whatIf, type Machine, type WhatIfCase, type WhatIfChoice } from "@/core/motor";
import { ratedUfOf, type CapacitorLabel } from "@/core/capacitor";

const CASE_IDS = ["proposed", "labelled", "found", "fault"] as const;
export type CaseId = (typeof CASE_IDS)[number];

/** One set of curves: which it is, what was chosen for it, and what comes out. */
export interface ShownCase {
  readonly id: CaseId;
  readonly choice: WhatIfChoice;
  readonly shown: WhatIfCase;
}

/** What somebody tries: the sliders, and a fault. */
export interface Tried {
  readonly capacitanceUf: number | null;
  readonly supplyV: number;
  readonly fault: WhatIfChoice["fault"];
}

export interface Capacitors {
  readonly plateUf: number | null;
  readonly labelledUf: number | null;
  readonly foundUf: number | null;
}

/** Points of a curve: no more than a screen can show, so that a slider's curves follow at once. */
const POINTS = 41;
/** Values closer than this draw the same curve. */
const SAME = 0.005;
const labelUf = (label: CapacitorLabel | null, machineKind: Facts["machineKind"]): number | null => {
  const section = sectionFor(label, machineKind);
  return section ? ratedUfOf(section) : null;
};

/** Capacitors of this motor: as the plate asks (proposed), as the fitted part's label says, as it was measured. */
export function capacitorsOf(machine: Machine, facts: Facts): Capacitors {
  const own = capacitorOf(machine);
  return {
    // The plate's own figure where it has one: the fit moves the value within its tolerance.
    plateUf: own && (labelUf(facts.plateCapacitor ?? facts.fittedCapacitor, facts.machineKind) ?? own.capacitanceUf),
    labelledUf: own ? labelUf(facts.fittedCapacitor ?? facts.plateCapacitor, facts.machineKind) : null,
    foundUf: own?.which === "run" ? facts.capacitorFoundUf : null,
  };
}

/** Every case worth a curve; one that draws the same as another is left out. */
export function casesOf(machine: Machine, { labelledUf, foundUf }: Pick<Capacitors, "labelledUf" | "foundUf">, tried: Tried): ShownCase[] {
  const taken: number[] = [];
  const isNew = (uf: number | null): uf is number => {
    if (uf === null || taken.some((other) => Math.abs(uf / other - 1) < SAME)) return false;
    taken.push(uf);
    return true;
  };
  const choices: { id: CaseId; choice: WhatIfChoice }[] = [
    { id: "proposed", choice: { capacitanceUf: tried.capacitanceUf, supplyV: tried.supplyV, fault: null } },
  ];
  if (tried.capacitanceUf !== null) taken.push(Math.max(tried.capacitanceUf, 1e-6));
  if (isNew(foundUf)) choices.push({ id: "found", choice: { capacitanceUf: foundUf, supplyV: tried.supplyV, fault: null } });
  if (isNew(labelledUf)) choices.push({ id: "labelled", choice: { capacitanceUf: labelledUf, supplyV: tried.supplyV, fault: null } });
  if (tried.fault)
    choices.push({ id: "fault", choice: { capacitanceUf: tried.capacitanceUf, supplyV: tried.supplyV, fault: tried.fault } });
  return CASE_IDS.flatMap((id) => choices.filter((each) => each.id === id)).map(({ id, choice }) => ({
    id,
    choice,
    shown: whatIf(machine, choice, POINTS),
  }));
}
