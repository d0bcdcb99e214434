"use client";
import { useMemo } from "react";
import { knownMotor } from "@/core/facts";
import type { MotorEstimate } from "@/core/motor";
import type { PaperProps } from "../../station/paper";
import { useStudies } from "../../station/useStudies";
import { CaseLegend } from "./CaseLegend";
import { capacitorsOf, casesOf } from "./what-if-cases";
import { WhatIfCharts } from "./WhatIfCharts";
import type { Detail } from "./words";

type Props = PaperProps<"run-test", Detail>;

/** Curves of this motor with its capacitor as the plate asks, as labelled and as found. */
export default function RunTestPaper({ facts }: Props) {
  const study = useStudies();
  const known = knownMotor(facts);
  const found = known.ok ? study("motor", known.value.knowledge) : null;
  if (!known.ok || (found !== null && !found.ok)) return null;
  return found === null ? <p role="status">Drawing …</p> : <PaperCurves facts={facts} estimate={found.value} />;
}

function PaperCurves({ facts, estimate: { machine } }: Pick<Props, "facts"> & { estimate: MotorEstimate }) {
  const cases = useMemo(() => {
    const { plateUf, labelledUf, foundUf } = capacitorsOf(machine, facts);
    return casesOf(machine, { labelledUf, foundUf }, { capacitanceUf: plateUf, supplyV: machine.supplyV, fault: null });
  }, [machine, facts]);
  return (
    <figure className="mt-2 break-inside-avoid">
      <CaseLegend cases={cases} />
      <WhatIfCharts cases={cases} />
      <figcaption className="text-[0.86em]">Worked out from plate, ohms and capacitor, at the load the plate names.</figcaption>
    </figure>
  );
}
