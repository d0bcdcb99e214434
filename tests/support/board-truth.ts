import {
  isNearZeroClass,
  isWindingClass,
  understandBoard,
  type Board,
  type BoardAnswer,
  type BoardFault,
  type BoardQuery,
  type BoardSolution,
  type BoardUnderstanding,
  type Layout,
} from "@/core/winding";
import type { SimulatedBoard } from "./simulated-board";

/** Roles as far as ohms can tell them apart. */
export const plain = (role: string): string =>
  role
    .replace(/^([MALW])[12]$/, "$1")
    .replace(/^K[12]$|^SW3$|^spare$/, "nothing")
    .replace(/^(SW|P)[12]$/, "link")
    .replace(/^H[12][ab]$/, "H");

/** Whether an answer gives every post of a made-up board its true role, among those ohms cannot part. */
export function isTruth(answer: BoardAnswer, { layout, postOf }: SimulatedBoard): boolean {
  return layout.roles.every((role, place) => (answer.roles[postOf[place] ?? -1] ?? []).map(plain).includes(plain(role)));
}

function faultPosts(layout: Layout, fault: BoardFault | null, postOf: readonly number[], places: readonly string[]): string {
  const at = (role: string): number => postOf[places.indexOf(role)] ?? -1;
  if (fault === null) return "";
  if (fault.kind === "ground") return `ground ${at(fault.role)}`;
  const { from = "", to = "" } = layout.elements[fault.element] ?? {};
  return `${fault.kind} ${[at(from), at(to)].sort((a, b) => a - b).join()}`;
}

/** Whether an answer has the true fault at the true posts. */
export function isTrueFault({ structure, postOf }: BoardAnswer, made: SimulatedBoard): boolean {
  return (
    faultPosts(structure.layout, structure.fault, postOf, structure.places) ===
    faultPosts(made.layout, made.fault, made.postOf, made.layout.roles)
  );
}

/** Probes a made-up board by the advice alone, until it asks for no more. */
export function probeByAdvice(
  { board }: SimulatedBoard,
  query: BoardQuery,
): { found: BoardUnderstanding; readings: Board["readings"]; timesMs: readonly number[] } {
  let readings: Board["readings"] = [];
  const timesMs: number[] = [];
  for (;;) {
    const start = performance.now();
    const found = understandBoard({ ...board, readings }, query);
    timesMs.push(performance.now() - start);
    const { next } = found;
    const wanted = next && board.readings.find(({ a, b }) => (a === next.a && b === next.b) || (a === next.b && b === next.a));
    if (!wanted || readings.includes(wanted)) return { found, readings, timesMs };
    readings = [...readings, wanted];
  }
}

/**
 * Which winding lies between which posts, whatever the layout is called; posts joined near zero are one, for ohms cannot
 * part them.
 */
export function windingsBetween({ structure, postOf }: BoardSolution): string {
  const { layout, places, joints, ways } = structure;
  const near = joints.reduce((mask, { cls, isShort }, index) => (isShort || isNearZeroClass(cls) ? mask | (1 << index) : mask), 0);
  const stand = (role: string): number => {
    const place = places.indexOf(role);
    const together = places.flatMap((_, other) => {
      const way = ways[place * places.length + other] ?? -1;
      return way >= 0 && (way & ~near) === 0 ? [postOf[other] ?? -1] : [];
    });
    return Math.min(...together);
  };
  return layout.elements
    .filter(({ cls }) => isWindingClass(cls))
    .map(({ cls, from, to }) => `${cls} ${[stand(from), stand(to)].sort((a, b) => a - b).join("-")}`)
    .sort()
    .join("; ");
}
