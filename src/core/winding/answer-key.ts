import { isNearZero } from "./fit-board";
import { isWindingClass, type LayoutRole } from "./layout";
import type { BoardSolution } from "./solve-board";

/* When two ways to understand a board come to the same in practice. */

/** Roles that ohms cannot part: exchanged by the layout, or joined near zero. */
export function rolesByPost({ structure, postOf }: BoardSolution, posts: number): (readonly LayoutRole[])[] {
  const { places, joints, ways } = structure;
  const size = places.length;
  const near = joints.reduce((mask, joint, index) => (isNearZero(joint) ? mask | (1 << index) : mask), 0);
  return Array.from({ length: posts }, (_, post) => {
    const place = postOf.indexOf(post);
    const together = places.filter((_, other) => {
      const way = ways[place * size + other] ?? -1;
      return way >= 0 && (way & ~near) === 0;
    });
    return together.filter((role) => role !== "frame").sort();
  });
}

/** Roles as far as ohms can tell them: the two ends of one coil, and halves, are one and the same. */
const COMMON_NAMES: readonly (readonly [RegExp, string])[] = [
  [/^(M)[12]$/, "M"],
  [/^(A)[12]$/, "A"],
  // On ohms a capacitor and an unused post look alike; only the capacitance range parts them.
  [/^K[12]$|^SW3$|^spare$/, "nothing"],
  [/^(L)[12]$/, "L"],
  [/^(W)[12]$/, "W"],
  [/^(SW|P)[12]$/, "link"],
  [/^H[12][ab]$/, "H"],
];
export const plainRole = (role: LayoutRole): string => COMMON_NAMES.find(([pattern]) => pattern.test(role))?.[1] ?? role;

// Asked many times of the same solution while one board is weighed.
const keys = new WeakMap<readonly number[], string>();

/** Two answers with the same key come to the same in practice. */
export function keyOf(solution: BoardSolution, posts: number): string {
  const known = keys.get(solution.postOf);
  if (known !== undefined) return known;
  const key = makeKey(solution, posts);
  keys.set(solution.postOf, key);
  return key;
}

function makeKey(solution: BoardSolution, posts: number): string {
  const { structure, postOf } = solution;
  const { fault, layout, places } = structure;
  const roles = rolesByPost(solution, posts).map((list) => [...new Set(list.map(plainRole))].join("/"));
  const at =
    fault === null
      ? []
      : fault.kind === "ground"
        ? [postOf[places.indexOf(fault.role)] ?? -1]
        : [layout.elements[fault.element]?.from ?? "", layout.elements[fault.element]?.to ?? ""]
            .map((role) => postOf[places.indexOf(role)] ?? -1)
            .sort((a, b) => a - b);
  // Parts near zero that stand alone cannot be told apart, so neither can layouts that differ by what they are called.
  return `${roles.join(" ")} ${fault?.kind ?? ""} ${at.join()} ${connectionOf(solution, posts)}`;
}

/** Which winding lies between which posts: the same roles joined otherwise are another connection. */
function connectionOf(solution: BoardSolution, posts: number): string {
  const { structure, postOf } = solution;
  const { layout, places } = structure;
  const together = rolesByPost(solution, posts).map((roles) => [...new Set(roles)].join());
  // Posts joined near zero are one: the first of them stands for all.
  const stand = (role: LayoutRole): number => together.indexOf(together[postOf[places.indexOf(role)] ?? -1] ?? "");
  return layout.elements
    .filter(({ cls }) => isWindingClass(cls))
    .map(({ from, to, cls }) => `${cls}:${[stand(from), stand(to)].sort((a, b) => a - b).join("-")}`)
    .sort()
    .join(" ");
}
