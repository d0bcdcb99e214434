import { HOUSE_RULE_IDS, toHouseFigures, watchedFigures, type HouseRuleId } from ".";

test("reads as before, and notes what is read, each once", () => {
  const figures = toHouseFigures({ nearZeroOhm: 0.4 });
  const read = new Set<HouseRuleId>();
  const watched = watchedFigures(figures, read);
  const { contactOhm } = watched;
  expect([watched.nearZeroOhm, watched.nearZeroOhm, contactOhm]).toEqual([0.4, 0.4, figures.contactOhm]);
  expect([...read].sort()).toEqual(["contactOhm", "nearZeroOhm"]);
  expect({ ...watched }).toEqual(figures);
  expect(read.size).toBe(HOUSE_RULE_IDS.length);
});
