import { firstLoadKb } from "../../scripts/lib/first-load.mjs";
import { expect, openRack, test, untilDerived } from "./support/vemmick";

/** What a first load may weigh: scripts until the screen can be used, each compressed on its own [kB]. A tenth more fails. */
const SCREENS = [
  { name: "Rack", path: "/", usable: "a[href^='/traveller?id=']", mostKb: 190 },
  { name: "Shelf", path: "/shelf", usable: "[data-usable] li", mostKb: 190 },
  { name: "Ledger", path: "/ledger", usable: "a[href^='/traveller?id=']", mostKb: 190 },
  { name: "Traveller", path: "/traveller?id=demo-nursery-fan-weak&station=capacitor", usable: "[data-instrument]", mostKb: 230 },
] as const;

test("no screen loads more script before it can be used than its budget says", async ({ page, context, baseURL }) => {
  await openRack(page);
  await untilDerived(page);
  const weights: string[] = [];
  for (const { name, path, usable, mostKb } of SCREENS) {
    const kb = await firstLoadKb(context, `${baseURL}${path}`, usable);
    weights.push(`${name} ${kb.toFixed(0)} kB`);
    expect(kb, `${weights.join(", ")}; a budget of ${mostKb} kB`).toBeLessThan(mostKb * 1.1);
    // Nothing was measured at all: the framework alone weighs more.
    expect(kb).toBeGreaterThan(100);
  }
});
