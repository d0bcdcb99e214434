import { paperName, usualSize } from "./paper-size";

test.each([
  [{ site: "Osier Dairy", machine: "Milk-tank agitator", day: "2026-11-12" }, "Osier-Dairy_Milk-tank-agitator_2026-11-12.pdf"],
  [{ site: "", machine: "", day: "2026-11-12" }, "machine_2026-11-12.pdf"],
  [{ site: "A/B: <x>?", machine: "..\\..\\fan", day: "2026-11-12", what: "customer" }, "A-B-x_fan_2026-11-12_customer.pdf"],
  [{ site: "Ψυγεία Ω", machine: "насос №2", day: "2026-11-12" }, "Ψυγεία-Ω_насос-2_2026-11-12.pdf"],
  [{ site: "x".repeat(90), machine: "fan", day: "2026-11-12" }, `${"x".repeat(40)}_fan_2026-11-12.pdf`],
])("%j", (of, name) => expect(paperName(of)).toBe(name));

test.each([
  ["en-GB", "a4"],
  ["en-US", "letter"],
  ["es-MX", "letter"],
  ["de", "a4"],
] as const)("%s prints on %s", (language, size) => expect(usualSize(language)).toBe(size));
