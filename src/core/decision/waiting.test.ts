import { toHouseFigures } from "../house";
import { UNKNOWN_LIFE } from ".";
import { costGiven, costModel, spentOn, together, yearsAhead, type ActionCosts } from "./cost-model";

const HOUSE = toHouseFigures({});
const MODEL = costModel(HOUSE, { machine: "fan" }, UNKNOWN_LIFE);
const of = (action: ActionCosts["action"]): ActionCosts => {
  const found = MODEL.actions.find((each) => each.action === action);
  if (!found) throw new Error(`no ${action}`);
  return found;
};

test("what the machine costs while it waits is spent with the part and the minutes", () => {
  expect(spentOn({ partCost: 38, labourCost: 20, waitCost: 11 })).toBe(69);
});

test("two works on one visit are waited for at once, and paid for both", () => {
  const [first, second] = [of("replace-run-capacitor"), of("replace-bearings")];
  const both = together({ ...first, waitCost: 11 }, { ...second, waitCost: 4 });
  expect(both.waitCost).toBe(11);
  expect(both.partCost).toBe(first.partCost + second.partCost);
  expect(both.minutes).toBe(first.minutes + second.minutes);
});

test("left until a date what is slow does its harm, and somebody may still complain", () => {
  const kept = of("keep-until");
  const dear = costGiven(kept, ["bearing-worn"], { ...MODEL, harmOfWaiting: MODEL.harmOfWaiting + 0.1 });
  expect(dear - costGiven(kept, ["bearing-worn"], MODEL)).toBeCloseTo(0.1 * MODEL.followUp(["bearing-worn"]), 6);
  const complained = costGiven(kept, ["bearing-worn"], { ...MODEL, callbackCost: MODEL.callbackCost + 100 });
  expect(complained).toBeGreaterThan(costGiven(kept, ["bearing-worn"], MODEL));
});

test.each([
  [null, HOUSE.horizonYears],
  [2, 2],
  [80, HOUSE.horizonYears],
] as const)("a machine wanted for %s more years looks %d ahead", (machineYearsLeft, years) =>
  expect(yearsAhead(HOUSE, { machineYearsLeft })).toBe(years),
);
