import { dischargeThrough, timeToVoltsS, voltsAfterS } from "./discharge";

test("a resistor is held for five time constants: less than one part in a hundred is left (any circuits text, first-order transient)", () => {
  const { tauS, holdS, peakPowerW, energyJ } = dischargeThrough(278.1, 12.5, 470, 34);
  expect(tauS).toBeCloseTo(5.875e-3, 9);
  expect(holdS).toBeCloseTo(29.375e-3, 9);
  expect(voltsAfterS(1, tauS, holdS)).toBeCloseTo(0.0067379, 6);
  expect(peakPowerW).toBeCloseTo(164.55, 1);
  expect(energyJ).toBeCloseTo(0.48337, 4);
});

test("the time to a level grows with how far there is to fall, and is none where it is there", () => {
  expect(timeToVoltsS(170, 0.5, 34)).toBeCloseTo(0.804719, 6);
  expect(timeToVoltsS(340, 0.5, 34)).toBeCloseTo(1.151293, 6);
  expect(timeToVoltsS(30, 0.5, 34)).toBe(0);
});
