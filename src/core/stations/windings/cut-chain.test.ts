import { NO_FACTS, type Facts } from "../../facts";
import type { UsualOhms } from "../../motor";
import { cutChainOf } from "./cut-chain";
import type { BoardElement } from "./elements";

const coil = (cls: "main" | "aux", ohm: number, posts: readonly [number, number]): BoardElement => ({
  from: "",
  to: "",
  cls,
  posts,
  ohm,
  capacitanceUf: null,
  isFaulty: false,
});
const apart = (lower: number, higher: number) => [coil("main", lower, [0, 1]), coil("aux", higher, [2, 3])];
const joined = [coil("main", 20, [0, 1]), coil("aux", 60, [1, 2])];
const FAN: Facts = { ...NO_FACTS, motorType: "psc", machineKind: "fan" };
const HUMS: Facts = { ...FAN, complaints: ["hums-no-start"] };
/** A main winding of about 190 Ω: 25 W at 230 V. */
const USUAL: UsualOhms = {
  main: { middle: 190, logSd: 0.4 },
  start: { middle: 530, logSd: 0.55 },
  both: { middle: 720, logSd: 0.5 },
};

test.each<readonly [string, readonly BoardElement[], UsualOhms | null, Facts, "surely whole" | "doubted"]>([
  ["a section and the start winding, as little as a speed tap has", apart(47, 534), USUAL, HUMS, "doubted"],
  ["the same with no plate: the ratio alone", apart(47, 534), null, HUMS, "doubted"],
  ["the same where nobody said that it stands", apart(47, 534), USUAL, FAN, "doubted"],
  ["the same, but it was seen running", apart(47, 534), USUAL, { ...HUMS, behaviourFound: "starts" }, "surely whole"],
  ["ohms of the plate, and the usual ratio", apart(180, 500), USUAL, FAN, "surely whole"],
  ["a pump has one speed", apart(47, 534), USUAL, { ...HUMS, machineKind: "pump" }, "surely whole"],
  ["a motor with a start capacitor", apart(47, 534), USUAL, { ...HUMS, motorType: "cap-start" }, "surely whole"],
  ["coils that share a lead", joined, null, HUMS, "surely whole"],
])("%s: %s", (_, elements, usual, facts, expected) => {
  expect(cutChainOf(elements, usual, facts) === null ? "surely whole" : "doubted").toBe(expected);
});

test("the lower the ohms of the lower coil, the less likely it is whole", () => {
  const chances = [150, 100, 70, 50, 40].map((ohm) => cutChainOf(apart(ohm, 534), USUAL, HUMS)?.whole ?? 1);
  expect(chances).toEqual([...chances].sort((a, b) => b - a));
  expect(chances.at(-1)).toBeLessThan(0.5);
  // Ohms alone condemn no winding of a board that may be of another layout.
  expect(cutChainOf(apart(5, 5000), USUAL, HUMS)?.timesCut).toBe(8);
});
