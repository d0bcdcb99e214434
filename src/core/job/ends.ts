import type { ActionId } from "../trade";
import type { Purpose } from "./purpose";

/** Ways a card ends. Persisted: do not change without a migration. */
export const ENDS = [
  "repaired",
  "proved-without-load",
  "tested-spare",
  "condemned",
  "left-as-is",
  "makeshift",
  "waits-for-part",
  "referred",
  "nothing-found",
] as const;
export type EndId = (typeof ENDS)[number];

/** What an end can ask for. */
export const END_NEEDS = [
  "tested",
  "parts",
  "closed",
  "proof",
  "idle-proof",
  "unusable",
  "what",
  "until",
  "to-whom",
  "why",
  "in-use",
  "day",
] as const;
export type EndNeed = (typeof END_NEEDS)[number];

interface EndSpec {
  /** in the order in which they are asked for */
  readonly needs: readonly EndNeed[];
  /** the work that was decided was done */
  readonly isWorkDone: boolean;
  /** chosen without a decision */
  readonly needsNoDecision: boolean;
}

/** Each end with what it needs. @source practice of the trade: what is owed to whoever comes next */
export const END_TABLE: Readonly<Record<EndId, EndSpec>> = {
  repaired: { needs: ["parts", "closed", "proof"], isWorkDone: true, needsNoDecision: false },
  "proved-without-load": { needs: ["parts", "closed", "idle-proof"], isWorkDone: true, needsNoDecision: false },
  "tested-spare": { needs: ["parts", "closed", "idle-proof"], isWorkDone: true, needsNoDecision: true },
  condemned: { needs: ["unusable"], isWorkDone: false, needsNoDecision: true },
  "left-as-is": { needs: ["closed", "why", "day"], isWorkDone: false, needsNoDecision: true },
  makeshift: { needs: ["parts", "closed", "what", "until", "day"], isWorkDone: false, needsNoDecision: true },
  "waits-for-part": { needs: ["in-use", "day"], isWorkDone: false, needsNoDecision: true },
  referred: { needs: ["to-whom"], isWorkDone: false, needsNoDecision: true },
  "nothing-found": { needs: ["tested", "parts", "closed"], isWorkDone: false, needsNoDecision: true },
};

/** What a card says of how it may end. */
export interface EndGround {
  readonly purpose: Purpose;
  readonly action: ActionId | null;
  /** the part that was decided on is on order, and the old one still in */
  readonly isOnOrder: boolean;
  /** something is done meanwhile, since the part is not here */
  readonly isMakeshift: boolean;
  /** the proof was made without the load of a machine */
  readonly isProofUnloaded: boolean;
}

/** What each decision comes to by itself, where nothing else is said. */
const BY_ACTION: Readonly<Partial<Record<ActionId, EndId>>> = {
  refer: "referred",
  "keep-until": "left-as-is",
  "wait-and-retest": "left-as-is",
  "no-repair": "nothing-found",
};

/** What each decision comes to for a motor on the bench; mended or good, it is a tested spare. */
const OF_A_SPARE: Readonly<Partial<Record<ActionId, EndId>>> = { "replace-motor": "condemned", refer: "referred" };

/**
 * The end a card is on its way to, while nobody chose another.
 * @param ground purpose, decision, and what is on order or done meanwhile
 * @returns the end; null: nothing was decided, and none follows yet
 */
export function likelyEnd({ purpose, action, isOnOrder, isMakeshift, isProofUnloaded }: EndGround): EndId | null {
  if (isMakeshift) return "makeshift";
  if (isOnOrder) return "waits-for-part";
  if (purpose === "spare") return action === null ? null : (OF_A_SPARE[action] ?? "tested-spare");
  if (action === null) return null;
  return BY_ACTION[action] ?? (isProofUnloaded ? "proved-without-load" : "repaired");
}

/** What is there of each need. */
export type EndState = Readonly<Record<EndNeed, boolean>>;

/**
 * What an end still asks for.
 * @param end which end
 * @param state what is there
 * @returns needs, in the order in which they are asked for
 */
export const endLacks = (end: EndId, state: EndState): readonly EndNeed[] => END_TABLE[end].needs.filter((need) => !state[need]);

/**
 * Ends that can be chosen for a purpose: each of them can be reached.
 * @param purpose what the visit is for
 * @returns ends, the usual ones first
 */
export const endsOf = (purpose: Purpose): readonly EndId[] => {
  const first: readonly EndId[] =
    purpose === "spare" ? ["tested-spare", "condemned"] : purpose === "yearly-check" ? ["nothing-found", "left-as-is"] : ["repaired"];
  return [...first, ...ENDS.filter((end) => !first.includes(end))];
};
