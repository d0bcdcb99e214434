import { parseCapacitorLabel, type CapacitorLabel } from "../capacitor";
import { knownMotor, NO_FACTS, usualSectionOf, type Facts } from "./index";

const label = (text: string): CapacitorLabel => {
  const read = parseCapacitorLabel(text);
  if (!read.ok) throw new Error(text);
  return read.value;
};

test.each<readonly [string, Facts["machineKind"], number | null]>([
  ["HERM 35 µF FAN 5 µF 440 V", "hermetic-compressor", 35],
  ["FAN 5 µF HERM 35 µF 440 V", "hermetic-compressor", 35],
  ["HERM 35 µF FAN 5 µF 440 V", "fan", 5],
  ["FAN 5 µF HERM 35 µF 440 V", "blower", 5],
  ["40+7.5 µF 440 V", "hermetic-compressor", 40],
  ["40+7.5 µF 440 V", "fan", 7.5],
  // What hangs on which section of a pump's dual part, nobody knows.
  ["40+7.5 µF 440 V", "pump", null],
  ["8 µF 450 V", "pump", 8],
])("%s on a %s: its section is that of %s µF", (text, machineKind, uf) => {
  const read = label(text);
  const own = usualSectionOf(read, machineKind);
  expect(own === null ? null : read.sections[own]?.nominalUf).toBe(uf);
  // The model is made with that section, and with none where nobody knows.
  const known = knownMotor({ ...NO_FACTS, motorType: "psc", machineKind, fittedCapacitor: read });
  expect(known.ok && (known.value.knowledge.runCapacitor?.capacitanceUf ?? null)).toBe(uf);
});
