import { toHouseFigures } from "../house";
import { jobCost } from ".";

const HOUSE = toHouseFigures({});
const totalOf = (lines: ReturnType<typeof jobCost>): number => lines.reduce((sum, { amount }) => sum + amount, 0);

describe("what a job costs", () => {
  test("a part at what was paid for it, else at the house's price; the time at its hour", () => {
    const paid = jobCost([{ action: "replace-motor", hasPart: true, paid: 60 }], HOUSE, null);
    expect(paid.map(({ of, amount, isKeyed }) => [of, amount, isKeyed])).toEqual([
      ["part", 60, true],
      ["time", (HOUSE.motorMinutes * HOUSE.hourlyRate) / 60, false],
    ]);
    expect(totalOf(jobCost([{ action: "replace-motor", hasPart: true, paid: null }], HOUSE, null))).toBe(
      HOUSE.motorPrice + (HOUSE.motorMinutes * HOUSE.hourlyRate) / 60,
    );
  });
  test("no part is charged where none was bought", () => {
    expect(jobCost([{ action: "service-start-switch", hasPart: false, paid: null }], HOUSE, null).map(({ of }) => of)).toEqual(["time"]);
    expect(jobCost([{ action: "service-start-switch", hasPart: true, paid: null }], HOUSE, null)[0]?.amount).toBe(HOUSE.startSwitchPrice);
  });
  test("a bearing job as it was put together; a call-out once a visit, where the house has one", () => {
    const job = { partCost: 14.2, minutes: 60, holds: 0.9 };
    const lines = jobCost([{ action: "replace-bearings", hasPart: true, paid: null }], { ...HOUSE, callOutPrice: 45 }, job);
    expect(totalOf(lines)).toBeCloseTo(14.2 + HOUSE.hourlyRate + 45, 9);
    expect(lines.filter(({ of }) => of === "call-out")).toHaveLength(1);
    expect(jobCost([], HOUSE, null)).toEqual([]);
  });
});
