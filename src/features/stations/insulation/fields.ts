import { rowsOf } from "@/features/form/rows";
import { insulationRecord } from "@/core/stations/insulation";
import type { InstrumentProps } from "../../station/contract";
import { APART_WORDS, type Detail, RULE_WORDS, TEST_VOLT_WORDS } from "./words";

/** Beside the lattice, drawn by the windings there are. */
export const ROWS = rowsOf<InstrumentProps<"insulation", Detail>>()(insulationRecord, {
  isDisconnected: { label: "Electronics and capacitors disconnected" },
  isInVacuum: { label: "System in a vacuum", when: ({ facts }) => facts.machineKind === "hermetic-compressor" },
  joining: { label: "Windings", words: APART_WORDS },
  testV: { label: "Test voltage", words: TEST_VOLT_WORDS },
  together: { label: "Tester leads together" },
  apart: { label: "Tester leads apart" },
  temperature: { label: "Winding temperature" },
  rule: { label: "Rule", words: RULE_WORDS, shown: ({ assessment }) => assessment.detail.rule },
  isDischarged: { label: "Discharged afterwards" },
  note: { label: "Note", rows: 1 },
});
