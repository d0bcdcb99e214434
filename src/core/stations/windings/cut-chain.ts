import type { Facts } from "../../facts";
import type { Finding } from "../../diagnosis";
import { saysItStands } from "../../job";
import type { UsualOhms } from "../../motor";
import { normalDensity } from "../../numeric";
import type { BoardElement } from "./elements";

/**
 * Two coils that share nothing, on four leads: run and start winding brought out apart, or what is left of a motor of two speeds
 * whose run winding is open, the section between the speeds on one side and the start winding on the other. Both read alike.
 */
export interface CutChain {
  readonly lowerOhm: number;
  readonly higherOhm: number;
  /** chance that it is whole, by what was said and by the ohms */
  readonly whole: number;
  /** how many times as likely such ohms are of a chain that was cut, by the ohms alone */
  readonly timesCut: number;
}

/** Start winding over run winding of a PSC motor, as in the table of the machine model; section over run winding of a speed tap. */
const RATIO = { startOverMain: { log: Math.log(2.8), sd: 0.38 }, sectionOverMain: { log: Math.log(0.25), sd: 0.45 } } as const;
/** One in so many boards of two coils apart is a chain that was cut; of motors that stand still more. Judgement. */
const CUT = { runsOrUnsaid: 0.02, stands: 0.15 } as const;
/** Ohms of a board that may be of no layout known here prove no more than this. Judgement. */
const MOST_TIMES = 8;
/** From here on nothing is doubted. */
const SURELY_WHOLE = 0.99;

const isTwoApart = (elements: readonly BoardElement[]): boolean =>
  elements.length === 2 &&
  elements.every(({ isFaulty, ohm, cls }) => !isFaulty && ohm !== null && ohm > 0 && (cls === "main" || cls === "aux")) &&
  new Set(elements.flatMap(({ posts }) => posts)).size === 4;

/**
 * Whether two coils apart may be a motor of two speeds whose run winding is open: by how the lower ohms stand to those of the plate,
 * and by the ratio of the two.
 * @param elements windings that were named
 * @param usual ohms a motor of this plate usually has; null: the plate does not say enough
 * @param facts what is known of the motor
 * @returns null where it is no such board, no such motor, one that was seen running, or surely whole
 * @source Gelman et al., Bayesian Data Analysis, 1.3; ratios of the table of usual parameters
 */
export function cutChainOf(
  elements: readonly BoardElement[],
  usual: UsualOhms | null,
  { motorType, machineKind, behaviourFound, complaints }: Pick<Facts, "motorType" | "machineKind" | "behaviourFound" | "complaints">,
): CutChain | null {
  const hasSpeeds = (motorType === "psc" || motorType === "unknown") && machineKind !== "hermetic-compressor" && machineKind !== "pump";
  if (!hasSpeeds || behaviourFound === "starts" || !isTwoApart(elements)) return null;
  const [lowerOhm = 0, higherOhm = 0] = elements.map(({ ohm }) => ohm ?? 0).sort((a, b) => a - b);
  const { startOverMain, sectionOverMain } = RATIO;
  const sdOfSection = Math.hypot(startOverMain.sd, sectionOverMain.sd);
  const apart = Math.log(higherOhm / lowerOhm);
  const byRatio = {
    whole: normalDensity(apart - startOverMain.log, startOverMain.sd),
    cut: normalDensity(apart - startOverMain.log + sectionOverMain.log, sdOfSection),
  };
  const ofMain = usual === null ? null : Math.log(lowerOhm / usual.main.middle);
  const byPlate =
    usual === null || ofMain === null
      ? { whole: 1, cut: 1 }
      : {
          whole: normalDensity(ofMain, usual.main.logSd),
          cut: normalDensity(ofMain - sectionOverMain.log, Math.hypot(usual.main.logSd, sectionOverMain.sd)),
        };
  const before = behaviourFound !== null || saysItStands(complaints) ? CUT.stands : CUT.runsOrUnsaid;
  const [whole, cut] = [byRatio.whole * byPlate.whole, byRatio.cut * byPlate.cut];
  const timesCut = Math.min(MOST_TIMES, whole > 0 ? cut / whole : MOST_TIMES);
  const chance = (1 - before) / (1 - before + before * timesCut);
  return chance < SURELY_WHOLE ? { lowerOhm, higherOhm, whole: chance, timesCut } : null;
}

/** What it says to the line-up, which knows itself how often a run winding is open: good, or that, as the ohms have it. */
export const findingsOfCutChain = ({ timesCut }: CutChain): Finding[] => [
  { test: "winding-ohms", weights: { good: 1 / (1 + timesCut), "main-open": timesCut / (1 + timesCut) } },
];
