import { cautionsFor } from "../station";
import { NO_FACTS } from "../facts";
import { entriesOf as keyedEntries, readAt, type Parts } from "../../../tests/support/partial-card";
import { toHouseFigures } from "../house";
import { assessTraveller, methodOf, powerOf, stateChangeFor, type StationEntries } from ".";
import { STATION_IDS, STATIONS, stationOf, type StationId } from "../stations";

const HOUSE = toHouseFigures({});
const AT = "2026-11-23T10:00:00.000Z";
const read = (text: string, quantity: "capacitance" | "voltage") => readAt(text, quantity, AT);

/** Partly keyed, with some stations skipped. */
const entriesOf = (parts: Parts, skipped: readonly StationId[] = []): StationEntries => {
  const keyed = keyedEntries({ ...Object.fromEntries(skipped.map((id) => [id, {}])), ...parts });
  return Object.fromEntries(
    Object.entries(keyed).map(([id, entry]) => [id, { ...entry, skippedReason: skipped.includes(id as StationId) ? "no time" : null }]),
  );
};

describe("methods of a station", () => {
  test.each([
    ["capacitor", null, "meter", "dead"],
    ["capacitor", "running", "running", "live"],
    ["capacitor", "no such method", "meter", "dead"],
    ["capacitor", "start-parts", "start-parts", "either"],
    ["windings", "running", "sketch", "dead"],
    ["windings", "connection", "connection", "either"],
    ["look", "running", undefined, "dead"],
    ["prove", null, undefined, "live"],
  ] as const)("%s by %s is %s, %s", (station, asked, id, power) => {
    expect(methodOf(station, asked)?.id).toBe(id);
    expect(powerOf(station, asked)).toBe(power);
  });

  test.each([
    ["meter", "dead", null],
    ["meter", "live", "make-safe"],
    ["running", "dead", "power-back"],
    ["running", "live", null],
    ["start-parts", "dead", null],
    ["start-parts", "live", null],
  ] as const)("the capacitor by %s with the circuit %s asks for %s first", (method, power, change) => {
    expect(stateChangeFor("capacitor", power, method)).toBe(change);
  });

  test("every test of a station belongs to one of its methods, and to one only", () => {
    for (const id of STATION_IDS) {
      const { methods, tests } = stationOf(id).definition;
      if (methods) expect(methods.flatMap((method) => method.tests).toSorted()).toEqual([...tests].sort());
    }
  });

  test("a live method warns of line voltage, a dead one of stored charge", () => {
    const codes = (method: string) => cautionsFor(methodOf("capacitor", method) ?? STATIONS.capacitor.definition, NO_FACTS);
    expect(codes("running")).toContain("line-voltage");
    expect(codes("running")).not.toContain("stored-charge");
    for (const dead of ["meter", "swing", "discharge"]) expect(codes(dead)).toContain("stored-charge");
  });
});

describe("the next step names the method", () => {
  const safe: Parts = {
    "make-safe": {
      round: {
        ...STATIONS["make-safe"].blank.round,
        steps: { "breaker-locked": AT },
        provenLive: read("231", "voltage"),
        circuitDead: read("0.2", "voltage"),
        provenLiveAgain: read("230", "voltage"),
        capacitorVolts: read("0.4", "voltage"),
      },
      earlier: [],
    },
  };
  const psc: Parts = {
    complaint: { complaints: ["starts-slow"] },
    plate: { motorType: "psc", machineKind: "blower", volts: "230", hertz: "60", amps: "2.4" },
    ...safe,
  };
  const others: readonly StationId[] = ["look", "hand-turn", "windings", "frame", "insulation", "start-gear", "supply", "prove"];

  test("a too-close cold reading: running, with power back first", () => {
    const close = { capacitor: { label: "17.5 µF ±6 % 440 V", readings: [read("16.5", "capacitance")], isIsolated: true } };
    const { next, stateChange } = assessTraveller(entriesOf({ ...psc, ...close }, others), HOUSE);
    expect(next).toMatchObject({ kind: "move", station: "capacitor", method: "running" });
    expect(stateChange).toBe("power-back");
  });

  test("nothing read yet: the meter, without a change of state", () => {
    const { next, stateChange } = assessTraveller(entriesOf(psc, others), HOUSE);
    expect(next).toMatchObject({ kind: "move", station: "capacitor", method: "meter" });
    expect(stateChange).toBeNull();
  });

  test("a skipped station is proposed by none of its methods", () => {
    const { next } = assessTraveller(entriesOf(psc, [...others, "capacitor"]), HOUSE);
    expect(next.station).not.toBe("capacitor");
  });
});
