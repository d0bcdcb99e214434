import type { MotorType } from "../trade";
import type { ElementClass, LayoutRole } from "./layout";
import { isPartOf } from "./part-size";

/** A part on the way from one supply line to the other. Posts are numbered as on the board. */
export type RungPart =
  | { readonly kind: "post"; readonly post: number; readonly role: LayoutRole; readonly isSpeed: boolean }
  | { readonly kind: "winding"; readonly cls: ElementClass; readonly ohm: number | null }
  | { readonly kind: "run-capacitor" | "start-capacitor" | "switch" | "protector" };

/** One way through the motor, from line 1 on the left to line 2 on the right. */
export type Rung = readonly RungPart[];

export type Reversal =
  | { readonly kind: "swap"; readonly posts: readonly [number, number] }
  | { readonly kind: "move-line"; readonly from: number; readonly to: number }
  | { readonly kind: "mechanical" }
  | { readonly kind: "inside" };

/** What must be said beside the drawing. */
export type ConnectionNote = "polarity-of-halves" | "protector-side" | "mark-to-line" | "speeds-one-at-a-time" | "own-diagram-first";

export interface Connection {
  readonly rungs: readonly Rung[];
  readonly reversal: Reversal;
  readonly notes: readonly ConnectionNote[];
}

/** An element of a settled board, as far as its connection goes. */
export interface ConnectedElement {
  readonly cls: ElementClass;
  readonly from: LayoutRole;
  readonly to: LayoutRole;
  readonly posts: readonly [number, number];
  readonly ohm: number | null;
  /** of a capacitor that the capacitance range confirmed [µF] */
  readonly capacitanceUf?: number | null;
}

/** What stands in series with the start winding, by type of motor; each list is a way of its own. */
const START_DEVICES: Record<MotorType, readonly (readonly RungPart[])[]> = {
  psc: [[{ kind: "run-capacitor" }]],
  unknown: [[{ kind: "run-capacitor" }]],
  "cap-start": [[{ kind: "switch" }, { kind: "start-capacitor" }]],
  "cap-start-run": [[{ kind: "run-capacitor" }], [{ kind: "switch" }, { kind: "start-capacitor" }]],
  "split-phase": [[{ kind: "switch" }]],
  "shaded-pole": [[]],
};

const post = (at: number, role: LayoutRole, isSpeed = false): RungPart => ({ kind: "post", post: at, role, isSpeed });
const winding = ({ cls, ohm }: ConnectedElement): RungPart => ({ kind: "winding", cls, ohm });
const across = (element: ConnectedElement): RungPart[] => [
  post(element.posts[0], element.from),
  winding(element),
  post(element.posts[1], element.to),
];

/** Posts that a switch, protector or capacitor of the board brings with it, around the part itself. */
function aroundPosts(part: RungPart, elements: readonly ConnectedElement[]): RungPart[] {
  const own = elements.find((each) => isPartOf(part.kind, each));
  if (!own) return [part];
  const outer = post(own.posts[1], own.to);
  // A switch in one end of the start winding hangs on a post that is drawn already.
  return own.from === "A2" ? [part, outer] : [post(own.posts[0], own.from), part, outer];
}

function startRungs(head: readonly RungPart[], elements: readonly ConnectedElement[], motorType: MotorType): Rung[] {
  return START_DEVICES[motorType].map((devices) => [...head, ...devices.flatMap((part) => aroundPosts(part, elements))]);
}

/** Common, run and start, with a protector or a second capacitor lead where the board has one. */
function connectJoined(elements: readonly ConnectedElement[], motorType: MotorType): Connection | null {
  const main = elements.find(({ cls }) => cls === "main");
  const aux = elements.find(({ cls }) => cls === "aux");
  if (!main || !aux) return null;
  const protector = elements.find(({ from }) => from === "P");
  const second = elements.find(({ to }) => to === "CAP2");
  const entrance: RungPart[] = protector ? [post(protector.posts[0], "P"), { kind: "protector" }] : [];
  const sections = elements.filter(({ cls }) => cls === "section");
  const speeds = [
    post(main.posts[1], main.to, sections.length > 0),
    ...sections.flatMap((each) => [winding(each), post(each.posts[1], each.to, true)]),
  ];
  const chain: Rung = [...entrance, post(main.posts[0], main.from), winding(main), ...speeds];
  const isFromLow = aux.from === "LO";
  // The capacitor's other side goes to the supply lead its second lead is joined to inside.
  const startHead: RungPart[] = isFromLow
    ? [post(main.posts[0], main.from), ...(second ? [post(second.posts[1], "CAP2")] : [])]
    : [...entrance, ...across(aux)];
  const rungs: Rung[] = isFromLow
    ? startRungs([], elements, motorType).map((devices) => [
        ...startHead,
        ...devices,
        post(aux.posts[1], aux.to),
        winding(aux),
        post(aux.posts[0], aux.from),
      ])
    : startRungs(startHead, elements, motorType).map((rung) => (second ? [...rung, post(second.posts[1], "CAP2")] : rung));
  return {
    rungs: [chain, ...rungs],
    reversal: { kind: "inside" },
    notes: [
      ...(protector ? (["protector-side"] as const) : []),
      ...(sections.length > 0 ? (["speeds-one-at-a-time", "own-diagram-first"] as const) : []),
      "mark-to-line",
    ],
  };
}

/** Start winding on posts of its own; main whole or in halves. */
function connectSeparate(elements: readonly ConnectedElement[], motorType: MotorType): Connection | null {
  const aux = elements.find(({ from }) => from === "A1");
  const mains = elements.filter(({ cls, from }) => (cls === "half" && from !== "C") || from === "M1");
  if (!aux || mains.length === 0) return null;
  const protector = elements.find(({ cls }) => cls === "protector");
  const outer: RungPart[] = protector ? [post(protector.posts[0], protector.from), { kind: "protector" }] : [];
  const inner: RungPart[] = protector ? [post(protector.posts[1], protector.to)] : [];
  // A protector in one end of the main winding ends at the main's own post.
  const isInMain = protector?.to === "M1";
  return {
    rungs: [
      ...mains.map((main) => [...outer, ...(isInMain ? [] : inner), ...across(main)]),
      ...startRungs([...outer, ...inner, ...across(aux)], elements, motorType),
    ],
    reversal: { kind: "swap", posts: aux.posts },
    notes: [
      ...(mains.length > 1 ? (["polarity-of-halves"] as const) : []),
      ...(protector ? (["protector-side"] as const) : []),
      "mark-to-line",
      "own-diagram-first",
    ],
  };
}

/** Two like windings on one common: the capacitor stays between them, the line moves. */
function connectEqual(elements: readonly ConnectedElement[]): Connection | null {
  const [first, second] = elements.filter(({ cls }) => cls === "half");
  if (!first || !second || first.from !== "C") return null;
  return {
    rungs: [across(first), [...across(second), { kind: "run-capacitor" }, post(first.posts[1], first.to)]],
    reversal: { kind: "move-line", from: first.posts[1], to: second.posts[1] },
    notes: ["mark-to-line"],
  };
}

/**
 * How a settled board is connected: each way from line to line, how to reverse, and what must be said beside it.
 * @param elements of the settled answer
 * @param motorType how the motor gets its start
 * @returns null where the elements do not make a motor that can be connected
 * @source Fitzgerald, Electric Machinery, 9.2 (starting and running of single-phase motors)
 */
export function connectBoard(elements: readonly ConnectedElement[], motorType: MotorType): Connection | null {
  const coil = elements.find(({ cls }) => cls === "coil");
  if (coil) return { rungs: [across(coil)], reversal: { kind: "mechanical" }, notes: [] };
  return connectEqual(elements) ?? connectSeparate(elements, motorType) ?? connectJoined(elements, motorType);
}
