import { assessParts, madeSafe, readAt, type Parts } from "../../../tests/support/partial-card";
import { NO_RUN_ENTRIES } from "../motor";
import { BLANK_EXCHANGE, BLANK_PIECE } from "../stations/out-in";
import { claimsOf, type ClaimCode } from "./index";

const AT = "2026-01-01T09:00:00.000Z";
const PLATE: Parts = {
  plate: { motorType: "psc", machineKind: "fan", volts: "230", hertz: "50", amps: "1.9", capacitor: "8 µF 450 V run" },
};
const ohms = (...texts: readonly string[]) => texts.map((text) => readAt(text, "resistance", AT));
const capacitor = (text: string): Parts => ({
  ...PLATE,
  capacitor: { label: "8 µF ±5 % 450 V run", readings: [readAt(text, "capacitance", AT)], isIsolated: true },
});
const pairs = (ab: string, bc: string, ac: string): Parts => ({
  ...PLATE,
  windings: {
    pairs: [[0, 1, ab] as const, [1, 2, bc] as const, [0, 2, ac] as const].map(([a, b, text]) => ({
      a,
      b,
      entry: readAt(text, "resistance", AT),
    })),
  },
});
const codes = (parts: Parts): readonly ClaimCode[] =>
  claimsOf(assessParts(parts))
    .filter(({ chance }) => chance === null)
    .map(({ code }) => code);

test.each<readonly [string, Parts, readonly ClaimCode[]]>([
  ["nothing measured", PLATE, []],
  ["a capacitor within its limits", capacitor("8.02"), ["capacitor-holds"]],
  ["a capacitor far out", capacitor("5.1"), ["capacitor-out"]],
  ["three leads", pairs("8.9", "31.3", "22.6"), ["lead-is", "lead-is", "lead-is", "windings-hold"]],
  ["a path to the frame", { ...PLATE, frame: { readings: ohms("31", "39", "39") } }, ["grounded"]],
  ["no path", { ...PLATE, frame: { readings: ohms("OL", "OL", "OL") } }, ["frame-clear"]],
  ["made safe", { ...PLATE, ...madeSafe(AT) }, ["dead"]],
  ["three phases", { plate: { ...PLATE.plate, volts: "3~ 400" } }, ["not-ours"]],
])("%s", (_, parts, expected) => {
  expect(codes(parts)).toEqual(expected);
});

test("a relay at rest is said to rest right, and not to work; a switch that opens and closes works", () => {
  const relay = { isUnplugged: true, coil: readAt("9.4k", "resistance", AT), contact: readAt("0.2", "resistance", AT) };
  expect(codes({ ...PLATE, "start-gear": { sort: "potential-relay", relay } })).toEqual(["relay-rests-right"]);
  const [atRest, actuated] = ohms("0.2", "OL");
  const gear = { isCoverSeated: true, atRest: atRest ?? null, actuated: actuated ?? null, clicksBack: true, travel: null, contacts: null };
  expect(codes({ ...PLATE, plate: { ...PLATE.plate, motorType: "cap-start" }, "start-gear": { sort: "switch", switch: gear } })).toEqual([
    "gear-works",
  ]);
});

test("too close to call is said with its chance, and every suspect with its own", () => {
  const close = claimsOf(assessParts(capacitor("7.62")));
  const within = close.find(({ code }) => code === "capacitor-within");
  expect(within?.about).toBe("run");
  expect(within?.chance).toBeGreaterThan(0.1);
  expect(within?.chance).toBeLessThan(0.9);
  const suspects = close.filter(({ code }) => code === "at-fault");
  expect(suspects.length).toBeGreaterThan(8);
  expect(suspects.every(({ chance }) => chance !== null && chance >= 0 && chance <= 1)).toBe(true);
});

test("that a spare idles low asks what is wrong, and is no claim that it was not put right; nor are low amps of another motor", () => {
  const AFTER = "2026-01-01T10:00:00.000Z";
  const proof = (amps: string, more: Parts = {}): Parts => ({
    ...PLATE,
    decide: { action: "replace-motor", reason: "as found", decidedAt: AT },
    prove: { after: { ...NO_RUN_ENTRIES, lineAmps: readAt(amps, "current", AFTER) }, afterBehaviour: "starts" },
    ...more,
  });
  expect(codes(proof("0.3", { complaint: { purpose: "spare" } }))).not.toContain("not-put-right");
  const fitted: Parts = {
    "out-in": { works: { "replace-motor": { ...BLANK_EXCHANGE, pieces: [{ ...BLANK_PIECE, label: "another" }], fittedAt: AT } } },
  };
  expect(codes(proof("0.9", fitted))).not.toContain("not-put-right");
  expect(codes(proof("3.4", fitted))).toContain("not-put-right");
});
