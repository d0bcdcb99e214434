import { UNLISTED_METER } from "../../quantity";
import type { RuleGroup } from "../rule";

/** How a verdict is made of a figure and its uncertainty. */
export const VERDICT_RULES = {
  guardFactor: {
    kind: "number",
    label: "Guard band, in expanded uncertainties",
    unit: "× U",
    fallback: 1,
    min: 0,
    max: 2,
    source: "JCGM 106:2012, 8.3",
  },
  coverageFactor: {
    kind: "number",
    label: "Coverage factor of the expanded uncertainty",
    unit: "k",
    fallback: 2,
    min: 1,
    max: 3,
    source: "JCGM 100:2008, 6.2",
  },
  unlistedPercent: {
    kind: "number",
    label: "Meter without a data sheet: percent of reading",
    unit: "%",
    fallback: UNLISTED_METER.percent,
    min: 0.1,
    max: 20,
    source: "usual specification of a plain handheld multimeter on its poorer ranges",
  },
  unlistedDigits: {
    kind: "number",
    label: "Meter without a data sheet: and so many of the last digit typed",
    unit: "digits",
    fallback: UNLISTED_METER.digits,
    min: 0,
    max: 20,
    source: "JCGM 100:2008, F.2.2.1: the last digit limits what a display can tell",
  },
} as const satisfies RuleGroup;
