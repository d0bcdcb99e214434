import { costModel, pricesInForce, dryingChance, soundParts, type CostModel, type Life, type RepairSite } from "../decision";
import type { Finding } from "../diagnosis";
import type { Facts } from "../facts";
import type { HouseFigures } from "../house";
import { doneAt } from "../job";

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

export function modelFor(house: HouseFigures, site: RepairSite, life: Life, { bearingJob, quotedPrices }: Facts): CostModel {
  const known = models.get(house) ?? new Map<string, CostModel>();
  models.set(house, known);
  const terms = bearingJob ? [bearingJob.partCost, bearingJob.minutes, bearingJob.holds] : [];
  const key = [...Object.values(site), life.motorAgeYears, life.machineYearsLeft, ...terms, JSON.stringify(quotedPrices)].join();
  const model = known.get(key) ?? costModel(house, site, life, bearingJob, pricesInForce(quotedPrices, house.hourlyRate));
  known.set(key, model);
  return model;
}
