import { NO_FACTS, type Facts } from "../facts";
import { isWorkOn } from "./works";

const of = (part: Partial<Facts>): Facts => ({ ...NO_FACTS, ...part });

test.each<[Parameters<typeof isWorkOn>[0], Partial<Facts>, boolean]>([
  ["replace-run-capacitor", { motorType: "psc" }, true],
  ["replace-run-capacitor", { motorType: "shaded-pole" }, false],
  ["replace-run-capacitor", { notOurs: { sort: "brushes", by: "volts" } }, false],
  ["service-start-switch", { notOurs: { sort: "three-phase", by: "said" } }, false],
  ["replace-motor", { notOurs: { sort: "three-phase", by: "said" } }, true],
  ["replace-bearings", { notOurs: { sort: "electronic", by: "seen" } }, true],
  ["replace-bearings", { machineKind: "hermetic-compressor" }, false],
  ["turn-rotor-round", { motorType: "psc" }, false],
  ["turn-rotor-round", { motorType: "shaded-pole" }, true],
  ["turn-way-round", { motorType: "shaded-pole" }, false],
])("%s on %o: %s", (work, facts, can) => expect(isWorkOn(work, of(facts))).toBe(can));
