import { parseCapacitorLabel } from "@/core/capacitor";
import { NO_FACTS, type Facts } from "@/core/facts";
import { readSheet, BLANK_SHEET } from "@/core/match";
import { outOfCard } from "./out-of-card";

const label = parseCapacitorLabel("20 µF ±6 % 440 V run");
const CARD: Facts = { ...NO_FACTS, motorType: "psc", fittedCapacitor: label.ok ? label.value : null };
const whyOf = (part: Partial<Facts>, action: "replace-run-capacitor" | "replace-start-capacitor" = "replace-run-capacitor") =>
  outOfCard(action, { ...CARD, ...part }, readSheet(BLANK_SHEET).spec).why.replaceAll("\u00a0", " ");

test.each<[string, Partial<Facts>, string]>([
  ["below what its label allows", { capacitorFoundUf: 14 }, "Read 14 µF; 18.8 µF to 21.2 µF would hold"],
  ["above it", { capacitorFoundUf: 23 }, "Read 23 µF; 18.8 µF to 21.2 µF would hold"],
  ["within it", { capacitorFoundUf: 19.5 }, ""],
  ["never read", {}, ""],
  ["condemned by the eye", { isCapacitorDamaged: true }, "Bulged, leaking or burnt"],
  ["one of two is, and nobody says which", { isCapacitorDamaged: true, motorType: "cap-start-run" }, ""],
])("why a run capacitor is scrap: %s", (_, part, why) => expect(whyOf(part)).toBe(why));

test("of another kind than what was fitted nothing is said", () =>
  expect(whyOf({ capacitorFoundUf: 14 }, "replace-start-capacitor")).toBe(""));
