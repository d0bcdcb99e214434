import { MACHINE_KINDS } from "../trade";
import { behavioursOn } from "./behaviour";
import { speedAndPoles, synchronousRpm } from "./speed";

test.each([
  [1725, 60, 4, 0.0417],
  [1425, 50, 4, 0.05],
  [1075, 60, 6, 0.1042],
  [3450, 60, 2, 0.0417],
  [700, 50, 8, 0.0667],
])("%d rpm on %d Hz is %d poles", (rpm, hz, poles, slip) => {
  const found = speedAndPoles(rpm, hz);
  expect(found?.poles).toBe(poles);
  expect(found?.slip).toBeCloseTo(slip, 3);
});

test("a speed no induction motor reaches has no poles", () => {
  expect(speedAndPoles(3601, 60)).toBeNull();
  expect(speedAndPoles(0, 60)).toBeNull();
  expect(speedAndPoles(20, 50)).toBeNull();
  expect(synchronousRpm(50, 4)).toBe(1500);
});

describe("answers to what it does", () => {
  test("a compressor is never asked whether it starts when pushed; every other machine is", () => {
    for (const machine of MACHINE_KINDS) expect(behavioursOn(machine).includes("only-pushed")).toBe(machine !== "hermetic-compressor");
    expect(behavioursOn("hermetic-compressor")).toEqual(["starts", "hums", "dead", "trips"]);
  });
});
