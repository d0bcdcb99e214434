import type { HouseFigures, HouseRuleId } from "./rules";

/**
 * The same figures, noting which of them are read: what a verdict comes from is then known, whatever way it took.
 * @param figures rules in force
 * @param read the rules that were read; grows as they are
 * @returns figures that read as before
 */
export function watchedFigures(figures: HouseFigures, read: Set<HouseRuleId>): HouseFigures {
  return new Proxy(figures, {
    get: (target, key, receiver) => {
      // Written down whole as part of a question, none of them is read for a verdict.
      if (key === "toJSON") return () => target;
      if (Object.hasOwn(target, key)) read.add(key as HouseRuleId);
      return Reflect.get(target, key, receiver) as unknown;
    },
  });
}
