import { motorSheet, type MotorSheet, type ReadSheet, type SheetText } from "@/core/match";
import { toMachineSentence } from "@/features/messages/machine-sentences";
import { rowsOf, type Form } from "@/features/form/rows";
import {
  BEARING_SORT_WORDS,
  DUTY_WORDS,
  ENCLOSURE_WORDS,
  MOUNT_WORDS,
  PROTECTION_WORDS,
  ROTATION_WORDS,
  SEEN_FROM_WORDS,
  SHAFT_FORM_WORDS,
} from "@/features/vocabulary/match-words";
import { MOTOR_TYPE_WORDS } from "@/features/vocabulary/words";

export type SheetForm = Form<MotorSheet> & { readonly failures: ReadSheet["failures"] };

/** A line copied from a plate or a rule, with what of it cannot be read. */
const line = (id: SheetText, label: string, example: string, unit?: string) => ({
  label,
  example,
  unit,
  isFigure: true as const,
  problem: ({ failures }: SheetForm) => (failures[id] ? toMachineSentence(failures[id]) : null),
});
const COUNT_WORDS = { one: "One", two: "Two", three: "Three" } as const;

export const SHEET_ROWS = rowsOf<SheetForm>()(motorSheet, {
  volts: line("volts", "Volts", "208-230 or 115/230", "V"),
  hertz: line("hertz", "Hertz", "60", "Hz"),
  power: line("power", "Power", "1/3 hp"),
  amps: line("amps", "Full-load amps", "2.4", "A"),
  rpm: line("rpm", "Speed", "1075", "rpm"),
  speeds: line("speeds", "Number of speeds", "3"),
  capacitor: line("capacitor", "Capacitor it needs", "10 µF 370 V, or none"),
  bodyDiameter: line("bodyDiameter", "Body diameter", "142 or 5 5/8 in", "mm"),
  bodyLength: line("bodyLength", "Body length", "150", "mm"),
  shaftDiameter: line("shaftDiameter", "Shaft diameter", "12.7 or 1/2 in", "mm"),
  shaftLength: line("shaftLength", "Shaft length", "108", "mm"),
  leadLength: line("leadLength", "Lead length", "600", "mm"),
  type: { label: "Type", words: MOTOR_TYPE_WORDS },
  mount: { label: "Mount", words: MOUNT_WORDS },
  shaftForm: { label: "Shaft, where the wheel sits", words: SHAFT_FORM_WORDS },
  shaftEnds: { label: "Shaft ends", words: { 1: COUNT_WORDS.one, 2: COUNT_WORDS.two } },
  rotation: { label: "Turns", words: ROTATION_WORDS },
  seenFrom: { label: "Seen", words: SEEN_FROM_WORDS },
  isReversible: { label: "Can be reversed" },
  enclosure: { label: "Enclosure", words: ENCLOSURE_WORDS },
  bearings: { label: "Bearings", words: BEARING_SORT_WORDS },
  duty: { label: "Duty", words: DUTY_WORDS },
  protection: { label: "Thermal protection", words: PROTECTION_WORDS },
  phases: { label: "Phases", words: { 1: COUNT_WORDS.one, 3: COUNT_WORDS.three } },
  leads: { label: "Leads, roles and colours", placeholder: "common, run, start; high, low" },
});
