import fc from "fast-check";
import { EVERYTHING } from "@/store/find-cards";
import { fromAddress, NOTHING_CHOSEN, toAddress, toWanted } from "./choice";

test("a choice comes back from its address as it was, whatever was typed", () =>
  fc.assert(
    fc.property(fc.record(Object.fromEntries(Object.keys(NOTHING_CHOSEN).map((part) => [part, fc.string()]))), (parts) => {
      const choice = { ...NOTHING_CHOSEN, ...parts };
      expect(fromAddress(new URLSearchParams(toAddress(choice)))).toEqual(choice);
    }),
    { seed: 20 },
  ));
test("nothing chosen is everything, and no address", () => {
  expect(toAddress(NOTHING_CHOSEN)).toBe("");
  expect(toWanted(NOTHING_CHOSEN)).toBe(EVERYTHING);
  expect(toWanted({ ...NOTHING_CHOSEN, text: "  " })).toBe(EVERYTHING);
});
test.each([
  [{ station: "capacitor" }, { marks: ["capacitor:any"] }],
  [{ station: "capacitor", stamp: "out" }, { marks: ["capacitor:out"] }],
  [{ stamp: "out", action: "replace-motor", machine: "fan" }, { marks: ["any:out", "do:replace-motor", "on:fan"] }],
  [
    { outcome: "came-back", technician: "Sefa" },
    { outcome: "came-back", technician: "Sefa" },
  ],
  // An address that somebody changed by hand asks for nothing that is not there.
  [
    { outcome: "nonsense", since: "yesterday" },
    { outcome: null, since: null },
  ],
  [
    { since: "2026-01-01", until: "2026-02-01" },
    { since: "2026-01-01", until: "2026-02-01" },
  ],
])("%j", (part, wanted) => expect(toWanted({ ...NOTHING_CHOSEN, ...part })).toMatchObject(wanted));
