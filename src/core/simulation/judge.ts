import { ACTIONS, type ActionId } from "../trade";
import { MENDED_BY } from "./mends";
import type { HiddenCase } from "./told";

const mends = (action: ActionId | null, id: string): boolean => action !== null && MENDED_BY[id]?.includes(action) === true;

/** What one may do at such a motor without touching what is sound. */
const NOTHING_DONE: readonly ActionId[] = ["no-repair", "keep-until", "wait-and-retest", "refer"];
const CONDEMNS: readonly ActionId[] = ["replace-motor"];

/** How an action stands to what is wrong. */
export interface ActionVerdict {
  /** all that is wrong is put right, and nothing else is paid for */
  readonly isRight: boolean;
  /** another motor for a fault that is mended by itself, or for none */
  readonly condemnsSound: boolean;
  /** it mends nothing that is wrong */
  readonly isUseless: boolean;
}

/** A welded shell is opened by nobody: its faults inside are handed over. */
const isInside = ({ motor }: HiddenCase, id: string): boolean =>
  motor.kind === "hermetic-compressor" &&
  MENDED_BY[id]?.includes("replace-motor") === true &&
  !/^(?:run-|start-weak|start-open$|relay-)/.test(id);

/**
 * How a decision stands to the hidden motor.
 * @param hidden as it was when it was decided
 * @param action what was decided
 * @param also done on the same visit
 * @returns whether it is right, and how it is wrong
 */
export function judgeAction(hidden: HiddenCase, action: ActionId, also: ActionId | null): ActionVerdict {
  const { flaws } = hidden;
  const works = [action, also].filter((each): each is ActionId => each !== null);
  const isMended = (id: string): boolean =>
    works.some((work) => mends(work, id) || (work === "refer" && (isInside(hidden, id) || hidden.motor.foreign !== undefined)));
  const isPlainly = (id: string): boolean =>
    MENDED_BY[id]?.some((work) => work !== "replace-motor" && (ACTIONS as readonly string[]).includes(work)) === true;
  const isNeeded = (work: ActionId): boolean =>
    NOTHING_DONE.includes(work)
      ? flaws.length === 0 || flaws.some(({ id }) => isMended(id))
      : flaws.some(({ id }) => mends(work, id) && !(CONDEMNS.includes(work) && isPlainly(id)));
  // Two faults are seldom seen at once: the first work is right where it puts one of them right, and nothing is paid for besides.
  const isRight =
    flaws.length === 0 ? works.every((work) => NOTHING_DONE.includes(work)) : flaws.some(({ id }) => isMended(id)) && works.every(isNeeded);
  return {
    isRight,
    condemnsSound: works.some((work) => CONDEMNS.includes(work) && !flaws.some(({ id }) => mends(work, id) && !isPlainly(id))),
    isUseless: works.some((work) => !NOTHING_DONE.includes(work) && !flaws.some(({ id }) => mends(work, id))),
  };
}
