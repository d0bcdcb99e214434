/** @jest-environment node */
import { engine, playHouse } from "../../../tests/support/team-house";

beforeAll(engine);

test.each([1, 2, 3])("five devices, seed %i: all end with the same, nothing is lost, and every count is right", (seed) => {
  const { lost, isEqual, counts } = playHouse(seed, 400);
  expect(lost).toEqual([]);
  expect(isEqual).toBe(true);
  for (const { found, wanted } of counts) expect(found).toEqual(found.map(() => wanted));
});
