import { parseCapacitorLabel } from "../capacitor";
import { sectionFor } from "./index";

test("of a dual can the compressor's section is the motor's, wherever it stands", () => {
  for (const text of ["HERM 35 µF FAN 5 µF 440 V", "FAN 5 µF HERM 35 µF 440 V"]) {
    const label = parseCapacitorLabel(text);
    if (!label.ok) throw new Error(text);
    expect([text, sectionFor(label.value)?.nominalUf]).toEqual([text, 35]);
  }
});
