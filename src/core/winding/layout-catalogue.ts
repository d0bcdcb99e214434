import type { MotorType } from "../trade";
import type { ElementClass, Exchange, Layout, LayoutElement, LayoutRole } from "./layout";

const element = (from: LayoutRole, to: LayoutRole, cls: ElementClass): LayoutElement => ({ from, to, cls });

/** Parts that hang on nothing else: both ends are their own, and may be exchanged. */
const ISOLATED = {
  main: element("M1", "M2", "main"),
  aux: element("A1", "A2", "aux"),
  half1: element("H1a", "H1b", "half"),
  half2: element("H2a", "H2b", "half"),
  switch: element("SW1", "SW2", "switch"),
  protector: element("P1", "P2", "protector"),
  capacitor: element("K1", "K2", "capacitor"),
} as const;

const HALVES: Exchange = [
  ["H1a", "H2a"],
  ["H1b", "H2b"],
];

/** A board of parts that are joined to nothing else. */
function separate(id: string, share: number, parts: readonly (keyof typeof ISOLATED)[]): Layout {
  const elements = parts.map((part) => ISOLATED[part]);
  const ends: Exchange[] = elements.map(({ from, to }) => [[from, to]]);
  return {
    id,
    share,
    roles: elements.flatMap(({ from, to }) => [from, to]),
    elements,
    exchanges: parts.includes("half1") ? [...ends, HALVES] : ends,
  };
}

/** Windings that share posts, with parts that stand apart beside them. */
function joined(
  id: string,
  share: number,
  elements: readonly LayoutElement[],
  apart: readonly (keyof typeof ISOLATED)[] = [],
  exchanges: readonly Exchange[] = [],
): Layout {
  const others = separate("", 0, apart);
  const roles = [...new Set(elements.flatMap(({ from, to }) => [from, to]))];
  return {
    id,
    share,
    roles: [...roles, ...others.roles],
    elements: [...elements, ...others.elements],
    exchanges: [...exchanges, ...others.exchanges],
  };
}

const CSR = [element("C", "R", "main"), element("C", "S", "aux")];
const CSR_PROTECTOR = [...CSR, element("P", "C", "protector")];
/** A thermal protector in one end of the main winding, a lead on each side of it. */
const PROTECTED_MAIN = [element("P", "M1", "protector"), element("M1", "M2", "main")];
/** Start winding with the switch in one end, its contact brought out. */
const SWITCHED_START = [element("A1", "A2", "aux"), element("A2", "SW", "switch")];
/** Third contact of a switch: open at rest, closed at speed. */
const THIRD_CONTACT = [element("SW1", "SW2", "switch"), element("SW1", "SW3", "contact")];

/** Speed taps in the order of the chain: the highest speed has the least winding between it and common. */
const SPEEDS: Readonly<Record<number, readonly LayoutRole[]>> = {
  2: ["HI", "LO"],
  3: ["HI", "MED", "LO"],
  4: ["HI", "MED-HI", "MED-LO", "LO"],
  5: ["HI", "MED-HI", "MED", "MED-LO", "LO"],
};

/** Blower chain: common to the highest speed, then section by section down; start winding from common or from the lowest speed. */
function taps(count: number, start: "C" | "LO"): LayoutElement[] {
  const speeds = SPEEDS[count] ?? [];
  const sections = speeds.slice(1).map((speed, index) => element(speeds[index] ?? "", speed, "section"));
  return [element("C", "HI", "main"), ...sections, element(start, "CAP", "aux")];
}

/** The other capacitor lead comes out beside a supply lead it is joined to inside. */
const SECOND_CAPACITOR_LEAD = { C: element("HI", "CAP2", "link"), LO: element("C", "CAP2", "link") } as const;

function tapped(count: number, start: "C" | "LO", share: number, hasTwoCapacitorLeads = false): Layout {
  const suffix = start === "C" ? "c" : "lo";
  const chain = taps(count, start);
  return hasTwoCapacitorLeads
    ? joined(`tap${count}_${suffix}_two_capacitor_leads`, share, [...chain, SECOND_CAPACITOR_LEAD[start]])
    : joined(`tap${count}_${suffix}`, share, chain);
}

/*
 * Every layout the solver knows, by number of posts. Shares are trade judgement: how often a board with that many posts
 * is so; they decide only between layouts that fit equally well. A new layout is one line.
 */
const CATALOGUE: readonly Layout[] = [
  joined("coil", 1, [element("L1", "L2", "coil")], [], [[["L1", "L2"]]]),
  joined("csr", 1, CSR),
  joined("equal_windings", 0.15, [element("C", "W1", "half"), element("C", "W2", "half")], [], [[["W1", "W2"]]]),
  joined("csr_protector", 0.6, CSR_PROTECTOR),
  joined("csr_two_capacitor_leads", 0.4, [...CSR, element("R", "CAP2", "link")]),
  separate("isolated2", 1, ["main", "aux"]),
  tapped(2, "C", 0.6),
  tapped(2, "LO", 0.6),
  joined("csr_capacitor", 0.8, CSR, ["capacitor"]),
  tapped(3, "C", 0.7),
  tapped(3, "LO", 0.7),
  joined("protected_main", 0.6, PROTECTED_MAIN, ["aux"]),
  joined("switched_start", 0.3, SWITCHED_START, ["main"]),
  tapped(2, "C", 0.3, true),
  tapped(2, "LO", 0.3, true),
  separate("dual_voltage", 1, ["half1", "half2", "aux"]),
  joined("protected_main_switched_start", 0.3, [...PROTECTED_MAIN, ...SWITCHED_START]),
  tapped(4, "C", 0.5),
  tapped(4, "LO", 0.5),
  tapped(3, "C", 0.3, true),
  tapped(3, "LO", 0.3, true),
  separate("isolated2_switch", 0.6, ["main", "aux", "switch"]),
  separate("isolated2_capacitor", 0.5, ["main", "aux", "capacitor"]),
  joined("csr_protector_capacitor", 0.3, CSR_PROTECTOR, ["capacitor"]),
  joined("protected_main_switch", 0.6, PROTECTED_MAIN, ["aux", "switch"]),
  joined("protected_main_capacitor", 0.4, PROTECTED_MAIN, ["aux", "capacitor"]),
  joined("isolated2_three_contacts", 0.3, THIRD_CONTACT, ["main", "aux"]),
  tapped(5, "C", 0.5),
  tapped(5, "LO", 0.5),
  tapped(4, "C", 0.3, true),
  tapped(4, "LO", 0.3, true),
  joined("csr_switch_capacitor", 0.4, CSR, ["switch", "capacitor"]),
  tapped(5, "C", 0.2, true),
  tapped(5, "LO", 0.2, true),
  separate("isolated2_switch_capacitor", 1, ["main", "aux", "switch", "capacitor"]),
  separate("isolated2_switch_protector", 0.4, ["main", "aux", "switch", "protector"]),
  joined("protected_main_three_contacts", 0.3, [...PROTECTED_MAIN, ...THIRD_CONTACT], ["aux"]),
  separate("dual_voltage_switch", 0.8, ["half1", "half2", "aux", "switch"]),
  separate("dual_voltage_capacitor", 0.6, ["half1", "half2", "aux", "capacitor"]),
  joined("protected_main_switch_capacitor", 0.5, PROTECTED_MAIN, ["aux", "switch", "capacitor"]),
  separate("isolated2_switch_protector_capacitor", 0.6, ["main", "aux", "switch", "protector", "capacitor"]),
  separate("dual_voltage_switch_capacitor", 1, ["half1", "half2", "aux", "switch", "capacitor"]),
  separate("dual_voltage_switch_protector_capacitor", 1, ["half1", "half2", "aux", "switch", "protector", "capacitor"]),
];

/** Types of motor by the parts a layout has; a switch, halves or a start capacitor of its own tell the type. */
const TYPES: readonly (readonly [RegExp, readonly MotorType[]])[] = [
  [/^coil$/, ["shaded-pole"]],
  [/^tap|two_capacitor_leads|^equal/, ["psc"]],
  [/switch|three_contacts/, ["cap-start", "split-phase", "cap-start-run"]],
  [/^protected_main$/, ["psc", "cap-start", "split-phase", "cap-start-run"]],
  [/^dual/, ["cap-start", "split-phase", "cap-start-run"]],
  [/capacitor/, ["psc", "cap-start", "cap-start-run"]],
  [/^csr|^isolated/, ["psc", "cap-start", "split-phase", "cap-start-run"]],
];

export const LAYOUTS: readonly Layout[] = CATALOGUE.map((layout) => {
  const motors = TYPES.find(([pattern]) => pattern.test(layout.id))?.[1];
  return motors ? { ...layout, motors } : layout;
});

/**
 * The layout with this id; the ids are fixed by the catalogue.
 * @param id which one
 * @returns the layout
 */
export function layoutOf(id: string): Layout {
  const found = LAYOUTS.find((layout) => layout.id === id);
  if (!found) throw new Error(`layout ${id} is in the catalogue, got none`);
  return found;
}
