import { isNoPathClass, keepsFault, type BoardFault, type ElementClass, type Layout, type LayoutRole } from "./layout";

/** What joins two places once the fault is put in: a sound element, a shorted one, or the path of a ground fault. */
export interface Joint {
  readonly a: number;
  readonly b: number;
  readonly cls: ElementClass | "ground";
  readonly isShort: boolean;
  /** element of the layout; null for the path to the frame */
  readonly element: number | null;
}

/** Role of a post that nothing is joined to. */
export const SPARE = "spare";
/** The bare metal of the motor, as one more place. */
export const FRAME = "frame";

/** A layout with one fault (or none) put in: places, what joins them, and which of them may be exchanged. */
export interface Structure {
  readonly layout: Layout;
  readonly fault: BoardFault | null;
  /** roles, then spares, then the frame where there is one */
  readonly places: readonly LayoutRole[];
  readonly joints: readonly Joint[];
  /** joints on the way from place to place, as bits by place × place; −1 where there is no way */
  readonly ways: Int32Array;
  /** pairs of places that may be exchanged: only the first at the lower post is tried */
  readonly exchanges: readonly (readonly [number, number])[];
  /** the two ends of each capacitor */
  readonly capacitors: readonly (readonly [number, number])[];
  /** places joined together, how many in each group, the largest first */
  readonly groupSizes: readonly number[];
}

function jointsOf(layout: Layout, fault: BoardFault | null, place: (role: LayoutRole) => number): Joint[] {
  const joints = layout.elements.flatMap(({ from, to, cls }, element): Joint[] => {
    const isFaulty = fault !== null && fault.kind !== "ground" && fault.element === element;
    const isOpen = isFaulty ? fault.kind === "open" : isNoPathClass(cls);
    return isOpen ? [] : [{ a: place(from), b: place(to), cls, isShort: isFaulty && fault.kind === "short", element }];
  });
  return fault?.kind === "ground"
    ? [...joints, { a: place(fault.role), b: place(FRAME), cls: "ground", isShort: false, element: null }]
    : joints;
}

/** Walks each group from its first place; fills the ways and returns the groups, the largest first. */
function walk(size: number, joints: readonly Joint[], ways: Int32Array): number[][] {
  const groups: number[][] = [];
  const seen = new Set<number>();
  for (let start = 0; start < size; start += 1) {
    if (seen.has(start)) continue;
    const group = [start];
    seen.add(start);
    for (let index = 0; index < group.length; index += 1) {
      const here = group[index] ?? start;
      joints.forEach(({ a, b }, joint) => {
        const next = a === here ? b : b === here ? a : -1;
        if (next < 0 || seen.has(next)) return;
        for (const other of group) {
          const way = (ways[other * size + here] ?? 0) | (1 << joint);
          ways[other * size + next] = way;
          ways[next * size + other] = way;
        }
        seen.add(next);
        group.push(next);
      });
    }
    groups.push(group);
  }
  return groups.sort((a, b) => b.length - a.length);
}

/**
 * Puts a fault into a layout and works out what is then joined to what.
 * @param spares posts of the board that nothing hangs on
 */
export function structureOf(layout: Layout, fault: BoardFault | null, spares: number, hasFrame: boolean): Structure {
  const known = made.get(layout) ?? new Map<string, Structure>();
  made.set(layout, known);
  const key = `${JSON.stringify(fault)} ${spares} ${hasFrame}`;
  const found = known.get(key) ?? makeStructure(layout, fault, spares, hasFrame);
  known.set(key, found);
  return found;
}

// Layouts are constant, so each structure is worked out once.
const made = new WeakMap<Layout, Map<string, Structure>>();

function makeStructure(layout: Layout, fault: BoardFault | null, spares: number, hasFrame: boolean): Structure {
  const places = [...layout.roles, ...Array.from({ length: spares }, () => SPARE), ...(hasFrame ? [FRAME] : [])];
  const size = places.length;
  const place = (role: LayoutRole): number => places.indexOf(role);
  const joints = jointsOf(layout, fault, place);
  const ways = new Int32Array(size * size).fill(-1);
  for (let each = 0; each < size; each += 1) ways[each * size + each] = 0;
  const groups = walk(size, joints, ways);
  const kept = layout.exchanges.filter((exchange) => keepsFault(layout, exchange, fault));
  const spareAt = layout.roles.length;
  return {
    layout,
    fault,
    places,
    joints,
    ways,
    exchanges: [
      ...kept.map(([first]) => [place(first?.[0] ?? ""), place(first?.[1] ?? "")] as const),
      ...Array.from({ length: Math.max(0, spares - 1) }, (_, index) => [spareAt + index, spareAt + index + 1] as const),
    ],
    capacitors: layout.elements.flatMap(({ from, to, cls }, element) =>
      cls === "capacitor" && !joints.some((joint) => joint.element === element) ? [[place(from), place(to)] as const] : [],
    ),
    groupSizes: groups.map((group) => group.length),
  };
}
