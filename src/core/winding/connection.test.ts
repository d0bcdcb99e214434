import type { MotorType } from "../trade";
import { connectBoard, type ConnectedElement, type Connection } from "./connection";
import { isWindingClass } from "./layout";
import { LAYOUTS } from "./layout-catalogue";

/** Elements of a layout with its roles on posts 0, 1, 2 … in order. */
function elementsOf(id: string): ConnectedElement[] {
  const layout = LAYOUTS.find((each) => each.id === id);
  if (!layout) throw new Error(id);
  const at = (role: string): number => layout.roles.indexOf(role);
  return layout.elements.map(({ from, to, cls }) => ({ from, to, cls, posts: [at(from), at(to)], ohm: cls === "capacitor" ? null : 5 }));
}
const words = ({ rungs }: Connection): string[] =>
  rungs.map((rung) => rung.map((part) => (part.kind === "post" ? part.role : part.kind === "winding" ? part.cls : part.kind)).join(" "));

test.each<[string, MotorType, string[], Connection["reversal"]["kind"]]>([
  ["csr", "psc", ["C main R", "C aux S run-capacitor"], "inside"],
  ["csr", "split-phase", ["C main R", "C aux S switch"], "inside"],
  ["csr_protector", "psc", ["P protector C main R", "P protector C aux S run-capacitor"], "inside"],
  ["csr_two_capacitor_leads", "psc", ["C main R", "C aux S run-capacitor CAP2"], "inside"],
  ["equal_windings", "psc", ["C half W1", "C half W2 run-capacitor W1"], "move-line"],
  ["isolated2", "cap-start", ["M1 main M2", "A1 aux A2 switch start-capacitor"], "swap"],
  ["isolated2_switch_capacitor", "cap-start", ["M1 main M2", "A1 aux A2 SW1 switch SW2 K1 start-capacitor K2"], "swap"],
  ["protected_main", "split-phase", ["P protector M1 main M2", "P protector M1 A1 aux A2 switch"], "swap"],
  ["protected_main_switch", "split-phase", ["P protector M1 main M2", "P protector M1 A1 aux A2 SW1 switch SW2"], "swap"],
  ["switched_start", "split-phase", ["M1 main M2", "A1 aux A2 switch SW"], "swap"],
  ["isolated2", "cap-start-run", ["M1 main M2", "A1 aux A2 run-capacitor", "A1 aux A2 switch start-capacitor"], "swap"],
  ["dual_voltage", "cap-start", ["H1a half H1b", "H2a half H2b", "A1 aux A2 switch start-capacitor"], "swap"],
  ["tap3_c", "psc", ["C main HI section MED section LO", "C aux CAP run-capacitor"], "inside"],
  ["tap3_lo", "psc", ["C main HI section MED section LO", "C run-capacitor CAP aux LO"], "inside"],
  ["coil", "shaded-pole", ["L1 coil L2"], "mechanical"],
])("%s as %s", (id, motorType, rungs, reversal) => {
  const connection = connectBoard(elementsOf(id), motorType);
  expect(connection && words(connection)).toEqual(rungs);
  expect(connection?.reversal.kind).toBe(reversal);
});

test("reversing changes the start winding's two ends, never the main's", () => {
  const connection = connectBoard(elementsOf("isolated2"), "cap-start");
  expect(connection?.reversal).toEqual({ kind: "swap", posts: [2, 3] });
});

test.each(LAYOUTS.map(({ id }) => id))("%s can be connected, and every winding is in a rung", (id) => {
  const connection = connectBoard(elementsOf(id), "unknown");
  const drawn = connection?.rungs.flat().filter(({ kind }) => kind === "winding").length ?? 0;
  expect(drawn).toBeGreaterThanOrEqual(elementsOf(id).filter(({ cls }) => isWindingClass(cls)).length);
});

test("halves say that ohms do not tell their polarity; speeds, that one is used at a time", () => {
  expect(connectBoard(elementsOf("dual_voltage"), "cap-start")?.notes).toContain("polarity-of-halves");
  expect(connectBoard(elementsOf("tap5_c"), "psc")?.notes).toContain("speeds-one-at-a-time");
  for (const id of ["protected_main", "csr_protector"]) expect(connectBoard(elementsOf(id), "psc")?.notes).toContain("protector-side");
});
