import { NO_FACTS, type Facts } from "../facts";
import { toHouseFigures } from "../house";
import { RUN_FIELD_IDS } from "../motor";
import { cautionsFor } from "../station";
import { STATION_IDS, stationOf } from "../stations";
import { CAPACITOR_SEEN, isolationStepsOn, makeSafeStation } from "../stations/make-safe";
import { SIGN_IDS, isSignOn } from "../stations/look";
import { GEAR_SORTS, isGearOn } from "../startgear";
import { NO_STUDY } from "../study";
import { parseCapacitorLabel } from "../capacitor";
import { MACHINE_KINDS, MOTOR_TYPES } from "../trade";
import { readAt } from "../../../tests/support/partial-card";
import { absenceOf, isRunFieldOn, mayBurnGas, TRAITS } from ".";

const facts = (part: Partial<Facts>): Facts => ({ ...NO_FACTS, ...part });
const SHADED = facts({ motorType: "shaded-pole", machineKind: "fan" });
const HERMETIC = facts({ motorType: "psc", machineKind: "hermetic-compressor" });
const besides = (of: Facts) =>
  STATION_IDS.filter((id) => {
    const { needs } = stationOf(id).definition;
    return needs !== undefined && absenceOf(needs, of) !== null;
  });

test("of a motor of which nothing is known nothing is lacking", () => {
  for (const part of TRAITS) expect(absenceOf(part, NO_FACTS)).toBeNull();
});

test.each([
  ["shaded-pole fan", SHADED, ["capacitor", "start-gear"]],
  ["split-phase drum", facts({ motorType: "split-phase", machineKind: "drum" }), ["capacitor"]],
  ["PSC fan", facts({ motorType: "psc", machineKind: "fan" }), ["start-gear"]],
  ["PSC pump", facts({ motorType: "psc", machineKind: "pump" }), []],
  ["hermetic compressor", HERMETIC, ["hand-turn", "bearing", "uncoupled-run"]],
  ["capacitor-start agitator", facts({ motorType: "cap-start", machineKind: "agitator" }), []],
] as const)("stations beside the point of a %s", (_, of, expected) => {
  expect([...besides(of)].sort()).toEqual([...expected].sort());
});

test("what was seen is there whatever the type says", () => {
  const label = parseCapacitorLabel("10 µF 440 V");
  if (!label.ok) throw new Error("no label");
  for (const seen of [{ fittedCapacitor: label.value }, { plateCapacitor: label.value }, { capacitorFoundUf: 9.8 }])
    expect(absenceOf("capacitor", { ...SHADED, ...seen })).toBeNull();
  expect(absenceOf("start-gear", { ...SHADED, startGear: "ptc" })).toBeNull();
});

test("figures of a run that a motor has not are not asked for", () => {
  const asked = (of: Facts) => RUN_FIELD_IDS.filter((field) => isRunFieldOn(field, of));
  expect(asked(SHADED)).not.toContain("capacitorVolts");
  expect(asked(SHADED)).not.toContain("startAmps");
  expect(asked(HERMETIC)).not.toContain("coastDown");
  expect(asked(NO_FACTS)).toEqual(RUN_FIELD_IDS);
});

const on = (of: Facts) =>
  STATION_IDS.flatMap((id) =>
    [...(stationOf(id).definition.methods ?? []), stationOf(id).definition].flatMap((each) => cautionsFor(each, of)),
  );
describe("cautions", () => {
  test("the terminal cover only on a compressor, or where nothing is known", () => {
    for (const machineKind of MACHINE_KINDS)
      for (const motorType of MOTOR_TYPES)
        expect(on(facts({ machineKind, motorType })).includes("pressurised-terminals")).toBe(
          machineKind === "hermetic-compressor" || (machineKind === "other" && motorType === "unknown"),
        );
  });
  test("nothing of capacitors where there are none", () => {
    expect(on(SHADED)).not.toContain("stored-charge");
    expect(on(SHADED)).not.toContain("oil-filled-can");
    expect(on(facts({ motorType: "psc" }))).toContain("stored-charge");
  });
  test("no pulling of balls where it turns on sleeves, nor on a welded shell", () => {
    expect(on(facts({ hasSleeves: true }))).not.toContain("press-and-pull");
    expect(on(HERMETIC)).not.toContain("press-and-pull");
    expect(on(facts({ hasSleeves: false }))).toContain("press-and-pull");
  });
  test("gas off and back where the machine burns gas, and nowhere else", () => {
    for (const burnsGas of [null, false]) expect(on(facts({ burnsGas }))).not.toContain("gas-off");
    expect(on(facts({ burnsGas: true }))).toEqual(expect.arrayContaining(["gas-off", "gas-back"]));
    expect(isolationStepsOn(facts({ burnsGas: true }))).toContain("gas-off");
    expect(isolationStepsOn(SHADED)).not.toContain("gas-off");
    expect(mayBurnGas("blower")).toBe(true);
    expect(mayBurnGas("hermetic-compressor")).toBe(false);
  });
  test("wires are marked at every step that takes one off", () => {
    for (const id of ["start-gear", "take-apart"] as const) {
      const { cautions, methods } = stationOf(id).definition;
      expect([...(methods?.[0]?.cautions ?? cautions)]).toContain("mark-wires");
    }
  });
});

test("signs of a capacitor only where there may be one; a switch only where it may sit", () => {
  expect(SIGN_IDS.filter((sign) => !isSignOn(sign, SHADED))).toEqual(["capacitor-bulged", "capacitor-leaking", "capacitor-terminal-burnt"]);
  expect(SIGN_IDS.every((sign) => isSignOn(sign, NO_FACTS))).toBe(true);
  expect(GEAR_SORTS.filter((sort) => !isGearOn(sort, "hermetic-compressor"))).toEqual(["switch"]);
});

describe("made safe without a capacitor", () => {
  const AT = "2026-11-23T10:00:00.000Z";
  const volts = (text: string) => readAt(text, "voltage", AT);
  const round = {
    ...makeSafeStation.blank.round,
    steps: { "breaker-locked": "2026-11-23T09:00:00.000Z" },
    provenLive: volts("231"),
    circuitDead: volts("0.2"),
    provenLiveAgain: volts("230"),
  };
  const assess = (of: Facts, part: Partial<typeof round> = {}) =>
    makeSafeStation.assess(
      { round: { ...round, ...part }, earlier: [] },
      { facts: of, house: toHouseFigures({}), earlier: [], findings: [], study: NO_STUDY },
    );
  test("a shaded-pole motor asks for no charge, a PSC motor does", () => {
    expect(assess(SHADED).stamp).toBe("holds");
    expect(assess(facts({ motorType: "psc" })).detail.lacks).toEqual(["capacitor-not-measured"]);
  });
  test("a capacitor that was seen all the same is asked for, and nothing is safe before", () => {
    const steps = { ...round.steps, [CAPACITOR_SEEN]: "2026-11-23T09:30:00.000Z" };
    expect(assess(SHADED, { steps })).toMatchObject({ stamp: "not-done", detail: { lacks: ["capacitor-not-measured"] } });
    expect(assess(SHADED, { steps, capacitorVolts: volts("0.4") }).stamp).toBe("holds");
  });
  test("a split-phase motor is asked for its charge: the word is also said of one with a start capacitor", () => {
    const split = facts({ motorType: "split-phase", machineKind: "drum" });
    expect(assess(split).detail.lacks).toEqual(["capacitor-not-measured"]);
    expect(SIGN_IDS.every((sign) => isSignOn(sign, split))).toBe(true);
    expect(on(split)).toContain("stored-charge");
  });
  test("a charge that was measured all the same is judged", () => {
    expect(assess(SHADED, { capacitorVolts: volts("180") }).stamp).toBe("out");
  });
});
