import { asFitted } from "./as-fitted";
import { NO_FITTED_FACTS, NO_PLATE_FACTS, NO_RUN_FACTS, type PlateFacts } from "./facts";
import { isSuppliedForAnother, looksOtherwiseConnected, otherConnection } from "./other-connection";

const DUAL: PlateFacts = {
  ...NO_PLATE_FACTS,
  plateConnections: [
    { volts: { kind: "value", value: 115 }, amps: { kind: "value", value: 13.4 } },
    { volts: { kind: "value", value: 230 }, amps: { kind: "value", value: 6.7 } },
  ] as unknown as PlateFacts["plateConnections"],
  connectionSaid: null,
  supplyV: 115,
  fullLoadA: 13.4,
  fullLoadRpm: 3450,
};

test("the other connection is asked after only where nobody looked and there are two", () => {
  expect(otherConnection(DUAL)).toBe("higher");
  expect(otherConnection({ ...DUAL, supplyV: 230 })).toBe("lower");
  expect(otherConnection({ ...DUAL, connectionSaid: 0 })).toBeNull();
  expect(otherConnection({ ...DUAL, supplyV: null })).toBeNull();
  expect(otherConnection({ ...DUAL, plateConnections: DUAL.plateConnections.slice(0, 1) })).toBeNull();
});

test("a quarter to a half of the amps looks like the higher one; at plate speed hardly", () => {
  const looks = (lineA: number, speedRpm: number | null = null) => looksOtherwiseConnected(DUAL, { lineA, speedRpm });
  expect(looks(13.2)).toBe(0);
  expect(looks(3.6)).toBe(1);
  expect(looks(7.5)).toBeGreaterThan(0);
  expect(looks(7.5)).toBeLessThan(looks(6));
  expect(looks(3.6, 3440)).toBeLessThan(0.3);
  expect(looks(3.6, 900)).toBe(1);
  expect(looksOtherwiseConnected({ ...DUAL, fullLoadA: null }, { lineA: 3.6, speedRpm: null })).toBe(0);
});

test("on the higher volts the other one draws far over its plate", () => {
  const high = { ...DUAL, supplyV: 230, fullLoadA: 6.7 };
  const looks = (lineA: number) => looksOtherwiseConnected(high, { lineA, speedRpm: null });
  expect(looks(7)).toBe(0);
  expect(looks(20)).toBe(1);
});

test.each<[string, number | null, number, boolean]>([
  ["volts of the one that was said", 1, 231, false],
  ["volts of the other", 1, 117, true],
  ["volts of the other, the other way", 0, 228, true],
  ["volts of neither", 1, 160, false],
  ["nobody said", null, 117, false],
])("supplied for another: %s", (_, connectionSaid, volts, found) =>
  expect(isSuppliedForAnother({ ...DUAL, connectionSaid }, volts, 0.1)).toBe(found),
);

describe("once it was connected anew, what is read is held against the connection that is made", () => {
  const found = {
    ...DUAL,
    ...NO_FITTED_FACTS,
    ...NO_RUN_FACTS,
    connectionSaid: 1,
    supplyV: 230,
    fullLoadA: 6.7,
    isConnectionDoubted: true,
  };
  const at = (works: readonly string[], supplyV: number | null, connectionSaid: number | null = 1) =>
    asFitted({
      ...found,
      connectionSaid,
      worksDone: works.map((work) => ({ work })),
      supplyFound: supplyV === null ? null : ({ value: supplyV, standardUncertainty: 1 } as never),
    });
  test.each<[string, readonly string[], number | null, number | null, number]>([
    ["nothing was done", [], 117, 1, 6.7],
    ["for the volts that were measured", ["connect-for-volts"], 117, 1, 13.4],
    ["and the plate is tapped as it is now", ["connect-for-volts"], 117, 0, 13.4],
    ["nobody measured: the other one", ["connect-for-volts"], null, 1, 13.4],
    ["anew, as it seems for its way of turning", ["reconnect"], 231, 1, 6.7],
    ["anew, on the other's volts", ["reconnect"], 117, 1, 13.4],
    ["nobody said how it was", ["connect-for-volts"], 117, null, 6.7],
  ])("%s", (_, works, supplyV, said, fullLoadA) => expect(at(works, supplyV, said).fullLoadA).toBe(fullLoadA));
  test("its connection is not in doubt any more", () => expect(at(["connect-for-volts"], 117).isConnectionDoubted).toBe(false));
});
