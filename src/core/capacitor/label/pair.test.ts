import fc from "fast-check";
import { parseCapacitorLabel } from "./label";
import { parseCapacitorParts, printCapacitorParts } from "./pair";
import { readShelfLabel } from "../shelf-label";

describe("two capacitors in one line", () => {
  test.each([
    ["20 µF 450 V / 130 µF 250 V", "20 µF 450 V / 130 µF 250 V"],
    ["20+130", "20 µF / 130 µF"],
    ["20/130 µF", "20 µF / 130 µF"],
    ["20+130 µF 450V", "20 µF 450 V / 130 µF"],
    ["run 20 µF 450 V, start 130 µF 250 V", "20 µF 450 V run / 130 µF 250 V start"],
    ["START 130 MFD 250 V RUN 20 MFD 440 V", "20 µF 440 V run / 130 µF 250 V start"],
    ["161-193 MFD 165 V; 12.5 MFD 370 V", "12.5 µF 370 V / 161–193 µF 165 V"],
    ["45uF 440V + 5uF 440V", "45 µF 440 V / 5 µF 440 V"],
    ["20 µF 130 µF", "20 µF / 130 µF"],
  ])("%s", (text, printed) => {
    expect(parseCapacitorLabel(text)).toMatchObject({ ok: false, failure: { code: "label-two-parts" } });
    const parts = parseCapacitorParts(text);
    expect(parts.ok && printCapacitorParts(parts.value)).toBe(printed);
    // Each part by its own text is the same part again: what is put into two fields is what was understood.
    if (parts.ok) for (const part of parts.value) expect(parseCapacitorLabel(part.text)).toEqual({ ok: true, value: part.label });
  });
  test.each(["40/5 µF 440", "35 µF / 440 V", "45+5 370/440", "161/193 MFD 165VAC"])("%s is one part", (text) => {
    const parts = parseCapacitorParts(text);
    expect(parts.ok && parts.value.length).toBe(1);
  });
});

describe("texts that are asked, never guessed", () => {
  test.each([
    ["1/2 µF", "label-two-ways"],
    ["1,000 µF", "label-two-ways"],
    ["35 5 440", "label-two-ways"],
    ["mfd 440", "label-two-ways"],
    ["20/25 µF", "label-two-ways"],
    ["35-200 µF", "label-two-ways"],
    ["35 pF", "label-no-capacitance"],
    ["440", "label-no-capacitance"],
    ["1e308", "label-no-capacitance"],
    ["35 µF 4400 V", "reading-out-of-range"],
    ["Motor 0.75 kW 230 V tested good", "label-not-a-capacitor"],
    ["Motor 1/3 hp 1075 rpm 7.5 µF", "label-not-a-capacitor"],
    ["6203-2RS C3", "label-not-a-capacitor"],
  ])("%s", (text, code) => {
    expect(parseCapacitorLabel(text)).toMatchObject({ ok: false, failure: { code } });
  });
  test.each([
    ["35-440", { sections: [{ nominalUf: 35 }], ratedV: 440 }],
    ["161/193 MFD 165VAC", { sections: [{ lowUf: 161, highUf: 193 }] }],
    ["40±6%+5±10% µF 440V", { tolerance: null, sections: [{ lowUf: 37.6 }, { lowUf: 4.5, highUf: 5.5 }] }],
    ["20uF +20% 250V", { tolerance: { lowPercent: 0, highPercent: 20 }, kind: "start" }],
    ["88 to 108", { sections: [{ lowUf: 88, highUf: 108 }] }],
    ["17½ MFD 370V", { sections: [{ nominalUf: 17.5 }] }],
    ["MKP 400/2,5", { sections: [{ nominalUf: 2.5 }], ratedV: 400 }],
  ])("%s is read", (text, expected) => {
    expect(parseCapacitorLabel(text)).toMatchObject({ ok: true, value: expected });
  });
  test("a shelf line needs its volts", () => {
    expect(readShelfLabel("35 µF")).toMatchObject({ ok: false, failure: { code: "label-no-volts" } });
    expect(readShelfLabel("35 µF 440 V")).toMatchObject({ ok: true });
    expect(readShelfLabel("Motor 0.75 kW 230 V")).toMatchObject({ ok: false, failure: { code: "label-not-a-capacitor" } });
  });
  test("whatever is typed: no exception, no figure beyond what a capacitor can be", () => {
    const piece = fc.constantFrom(
      "35",
      "440",
      "1,000",
      "µF",
      "mfd",
      "uF",
      "V",
      "VAC",
      "±",
      "5",
      "%",
      "-",
      "+",
      "/",
      "to",
      "0.5",
      "nF",
      "start",
      "CBB65",
      "hz",
      "60",
      "9e9",
      "1/2",
      "x",
      "°C",
    );
    const text = fc.oneof(
      fc.string({ maxLength: 40 }),
      fc.array(piece, { maxLength: 9 }).map((all) => all.join(" ")),
      fc.array(piece, { maxLength: 6 }).map((all) => all.join("")),
    );
    fc.assert(
      fc.property(text, (typed) => {
        const parts = parseCapacitorParts(typed);
        if (!parts.ok) return true;
        return parts.value.every(({ label }) =>
          label.sections.every(
            ({ nominalUf, lowUf, highUf }) =>
              [nominalUf, lowUf, highUf].every((uf) => uf === null || (Number.isFinite(uf) && uf >= 0 && uf <= 20_000)) &&
              (lowUf === null || highUf === null || lowUf <= highUf),
          ),
        );
      }),
      { seed: 21, numRuns: 3000 },
    );
  });
});
