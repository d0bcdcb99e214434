import { mayBurnGas } from "@/core/relevance";
import { plateRecord } from "@/core/stations/plate";
import { rowsOf } from "@/features/form/rows";
import { toMachineSentence } from "@/features/messages/machine-sentences";
import { MACHINE_WORDS, MOTOR_TYPE_WORDS } from "@/features/vocabulary/words";
import type { InstrumentProps } from "../../station/contract";
import { asksSecond, DRIVE_WORDS, hintOf, SORT_WORDS, type Detail, type Field } from "./words";

type Given = InstrumentProps<"plate", Detail>;

/** An entry as stamped: told what was made of it, or why nothing was. */
const stamped = <Id extends Field>(id: Id) => ({
  isFigure: true as const,
  problem: ({ assessment: { detail } }: Given) => (detail.failures[id] ? toMachineSentence(detail.failures[id]) : null),
  hint: ({ record, assessment }: Given) => hintOf(id, record, assessment.detail),
});

/** Beside the class, the duty, and what several figures leave open. */
export const ROWS = rowsOf<Given>()(plateRecord, {
  motorType: { label: "Motor type", words: MOTOR_TYPE_WORDS },
  volts: { label: "Volts", unit: "V", example: "230, 208-230 or 115/230", ...stamped("volts") },
  hertz: { label: "Hertz", unit: "Hz", example: "50", ...stamped("hertz") },
  amps: { label: "Full-load amps", unit: "A", example: "2.4 or 13.4/6.7", ...stamped("amps"), with: () => ({ areAmpsSure: false }) },
  rpm: { label: "Speed", unit: "rpm", example: "1075", ...stamped("rpm") },
  power: { label: "Power", example: "1/3 hp or 0.25 kW", ...stamped("power") },
  age: { label: "Age of the motor, about", unit: "years", example: "8", ...stamped("age") },
  capacitor: { label: "Capacitor asked for", example: "17.5 µF 440 V", ...stamped("capacitor") },
  secondCapacitor: {
    label: "Second capacitor",
    example: "189-227 µF 250 V",
    ...stamped("secondCapacitor"),
    when: ({ record, assessment }) => asksSecond(record, assessment.detail),
  },
  sort: {
    label: "Sort of motor",
    words: SORT_WORDS,
    // Asked only where something speaks for another sort, or a person picked one.
    when: ({ record, assessment }) => assessment.detail.notOurs !== null || record.sort !== null,
  },
  machineKind: { label: "Machine", words: MACHINE_WORDS },
  drive: { label: "Drives it", words: DRIVE_WORDS, when: ({ record }) => record.machineKind !== "hermetic-compressor" },
  burnsGas: {
    label: "Burns gas",
    when: ({ record: { machineKind, burnsGas, motorType }, facts }) =>
      mayBurnGas(machineKind) &&
      (!facts.makesCold || burnsGas !== null) &&
      (machineKind !== "other" || burnsGas !== null || motorType !== "unknown"),
  },
  // What it is ordered by: kept as printed, and read as nothing else.
  maker: { label: "Maker", example: "as printed" },
  model: { label: "Model", example: "KV-204-B" },
  partNumber: { label: "Part number", example: "52R118" },
  serial: { label: "Serial number", example: "as printed" },
});
