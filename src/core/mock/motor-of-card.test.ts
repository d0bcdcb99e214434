import { parseCapacitorLabel } from "../capacitor";
import { NO_FACTS, type Facts } from "../facts";
import { estimateOnce } from "../motor";
import { figureOf } from "../quantity";
import { actOn, knowledgeOfPlate, motorOfCard, standInWorld, tipPlaces, wishesFor, type Wish } from ".";

const AT = "2026-12-02T10:00:00.000Z";
const label = (text: string) => {
  const read = parseCapacitorLabel(text);
  return read.ok ? read.value : null;
};
const FAN: Facts = {
  ...NO_FACTS,
  motorType: "psc",
  machineKind: "fan",
  supplyV: 230,
  frequencyHz: 50,
  fullLoadA: 1.9,
  fullLoadRpm: 1380,
  plateCapacitor: label("12.5 µF ±5 % 450 V"),
};
const PUMP: Facts = {
  ...NO_FACTS,
  motorType: "cap-start",
  machineKind: "pump",
  supplyV: 115,
  frequencyHz: 60,
  fullLoadA: 8.4,
  fullLoadRpm: 1725,
};
const SHADED: Facts = {
  ...NO_FACTS,
  motorType: "shaded-pole",
  machineKind: "fan",
  supplyV: 230,
  frequencyHz: 50,
  fullLoadA: 0.4,
  fullLoadRpm: 1300,
};

function motorFor(facts: Facts) {
  const knowledge = knowledgeOfPlate(facts);
  const estimate = knowledge === null ? null : estimateOnce(knowledge);
  const motor = motorOfCard(facts, estimate?.ok ? estimate.value : null);
  if (!motor.ok) throw new Error(motor.failure.code);
  return motor.value;
}
const sound = { works: [], isLive: true } as const;
const worldOf = (facts: Facts, wish: Wish = "nothing", seed = 7) => standInWorld(motorFor(facts), { seed, wish }, sound);
const ampsOf = (facts: Facts): number => {
  const places = tipPlaces(worldOf(facts), "run-test", "run-amps", AT);
  return figureOf(places.find(({ quantity }) => quantity === "current")?.entry ?? null)?.value ?? NaN;
};

test.each([
  ["PSC fan", FAN],
  ["capacitor-start pump", PUMP],
  ["shaded-pole fan", SHADED],
])("a %s with nothing wrong starts, and draws about what its plate says", (_, facts) => {
  expect(worldOf(facts).hidden.behaviour).toBe("starts");
  expect(ampsOf(facts)).toBeGreaterThan(0.75 * (facts.fullLoadA ?? 0));
  expect(ampsOf(facts)).toBeLessThan(1.2 * (facts.fullLoadA ?? 0));
});

test("its capacitor is the one that the plate asks for", () => {
  const places = tipPlaces(worldOf(FAN), "capacitor", "capacitor-meter", AT);
  const uf = figureOf(places[0]?.entry ?? null)?.value ?? NaN;
  expect(uf).toBeGreaterThan(12.5 * 0.94);
  expect(uf).toBeLessThan(12.5 * 1.06);
});

test("what is measured meanwhile makes no other motor of it", () => {
  const winding = { ohm: 3, standardOhm: 0.1, temperatureC: 20 };
  expect(knowledgeOfPlate({ ...FAN, mainWinding: winding, startWinding: winding })).toEqual(knowledgeOfPlate(FAN));
});

test("only what such a motor can have is offered, and every offer is met", () => {
  expect(wishesFor(motorFor(FAN))).not.toContain("switch-open");
  expect(wishesFor(motorFor(PUMP))).not.toContain("run-open");
  expect(wishesFor(motorFor(SHADED))).not.toContain("start-winding-open");
  for (const facts of [FAN, PUMP, SHADED])
    for (const wish of wishesFor(motorFor(facts)))
      expect(worldOf(facts, wish).hidden.flaws.map(({ id }) => id)).toEqual(wish === "nothing" ? [] : [wish]);
});

test("the same again gives the same figures; a work mends what it mends; without power nothing runs", () => {
  expect(worldOf(FAN, "run-weak", 3)).toEqual(worldOf(FAN, "run-weak", 3));
  expect(worldOf(FAN, "run-weak", 3)).not.toEqual(worldOf(FAN, "run-weak", 4));
  const world = (works: Parameters<typeof standInWorld>[2]["works"], isLive = true) =>
    standInWorld(motorFor(FAN), { seed: 3, wish: "run-open" }, { works, isLive });
  expect(world(["clean-contacts"]).hidden.flaws).toHaveLength(1);
  expect(world(["replace-run-capacitor"]).hidden.flaws).toEqual([]);
  expect(actOn(world([], false), { kind: "test", test: "noise" }, AT).seen).toBeNull();
  expect(actOn(world([], true), { kind: "test", test: "noise" }, AT).seen).not.toBeNull();
});

test("a board of four or five leads is one of several speeds", () => {
  const pairs = (leads: number) =>
    tipPlaces(worldOf({ ...FAN, leadNames: Array.from({ length: leads }, (_, lead) => `lead ${lead}`) }), "windings", "winding-ohms", AT)
      .length;
  expect([3, 4, 5].map(pairs)).toEqual([3, 6, 10]);
});

test.each([
  ["nothing of its plate", { ...NO_FACTS, motorType: "psc" }],
  ["a shaded-pole motor without amps", { ...SHADED, fullLoadA: null }],
] as const)("%s: it is not made", (_, facts) => {
  const knowledge = knowledgeOfPlate(facts);
  const estimate = knowledge === null ? null : estimateOnce(knowledge);
  expect(estimate?.ok ?? false).toBe(false);
  expect(motorOfCard(facts, null)).toEqual({ ok: false, failure: { code: "motor-hardly-known" } });
});
