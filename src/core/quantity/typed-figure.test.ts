import fc from "fast-check";
import { DEFAULT_METER } from "../house";
import { QUANTITY_IDS, takeReading, typedFigure, type Quantity } from ".";

const AT = "2026-11-23T10:00:00.000Z";
const written = (text: string, quantity: Quantity) =>
  typedFigure(takeReading(text, quantity, DEFAULT_METER, AT).entry).replaceAll("\u00a0", " ");

test.each([
  ["8.2k", "resistance", "8.2 kΩ"],
  ["1.70", "resistance", "1.70 Ω"],
  ["4,7 kohm", "resistance", "4.7 kΩ"],
  ["OL", "resistance", "OL"],
  ["inf", "resistance", "OL"],
  ["193u", "capacitance", "193 µF"],
  ["34.8", "capacitance", "34.8 µF"],
  ["120 nF", "capacitance", "120 nF"],
  ["2.61", "current", "2.61 A"],
  ["800 mA", "current", "800 mA"],
  ["231", "voltage", "231 V"],
  [">550M", "insulation", "> 550 MΩ"],
  [">550", "insulation", "> 550 MΩ"],
  ["2.1G", "insulation", "2.1 GΩ"],
  ["-18", "temperature", "−18 °C"],
  ["1:30", "duration", "90 s"],
  ["what", "resistance", "what"],
] as const)("%s as %s is written %s", (text, quantity, expected) => expect(written(text, quantity)).toBe(expected));

test("whatever is read has its unit behind it, and no letter of a prefix alone", () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...QUANTITY_IDS),
      fc.double({ min: 0.01, max: 900, noNaN: true }),
      fc.constantFrom("", "k", "M"),
      (quantity, value, prefix) => {
        const { entry, parsed } = takeReading(`${value.toFixed(2)}${prefix}`, quantity, DEFAULT_METER, AT);
        if (!parsed.ok) return;
        expect(typedFigure(entry)).toMatch(/^(OL|(>\u00a0)?−?[\d.e+]+\u00a0(([kMGm]?Ω)|[µnp]F|m?A|[mk]?V|°C|rpm|s|min))$/);
      },
    ),
    { seed: 18, numRuns: 400 },
  );
});
