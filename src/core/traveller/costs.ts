import { costModel, pricesInForce, dryingChance, soundParts, type CostModel, type Life, type RepairSite } from "../decision";
import type { Finding } from "../diagnosis";
import type { Facts } from "../facts";
import type { HouseFigures } from "../house";
import { doneAt } from "../job";
import { LEAVES_IN_USE } from "../trade";

// Prices change seldom, beliefs with every key: one model a set of prices is enough.
const models = new WeakMap<HouseFigures, Map<string, CostModel>>();

/** What the work would be done on. */
export const siteOf = (
  { machineKind, motorType, startGear, isShellCool, hasWaited, worksDone, isConnectionDoubted }: Facts,
  findings: readonly Finding[],
): RepairSite => ({
  machine: machineKind,
  motorType,
  gear: startGear,
  isCool: isShellCool,
  hasWaited,
  isConnectionDoubted,
  sound: soundParts(findings),
  drying: dryingChance(findings, doneAt("dry-out", worksDone) !== null),
});

export function modelFor(house: HouseFigures, site: RepairSite, life: Life, { bearingJob, quotedPrices, isGrounded }: Facts): CostModel {
  const known = models.get(house) ?? new Map<string, CostModel>();
  models.set(house, known);
  const terms = bearingJob ? [bearingJob.partCost, bearingJob.minutes, bearingJob.holds] : [];
  const key = [
    ...Object.values(site),
    life.motorAgeYears,
    life.machineYearsLeft,
    ...terms,
    JSON.stringify(quotedPrices),
    isGrounded,
  ].join();
  const made = known.get(key);
  if (made) return made;
  const model = costModel(house, site, life, bearingJob, pricesInForce(quotedPrices, house.hourlyRate));
  // What must get no power is not left as it is, nor called good.
  const kept = isGrounded ? { ...model, actions: model.actions.filter(({ action }) => !LEAVES_IN_USE.includes(action)) } : model;
  known.set(key, kept);
  return kept;
}
