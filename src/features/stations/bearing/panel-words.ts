import {
  type BearingEnd,
  type AdviceReason,
  type Defect,
  type Duty,
  type JobLoss,
  type JobTool,
  type SizeCandidate,
  type StampedSuffix,
  type SuffixCode,
  type Surrounding,
  type Tier,
} from "@/core/bearing";
import { formatNumber } from "@/core/quantity";
import type { Detail } from "./words";

/* Words of the panels only: cards and the printed page do without them, so they arrive with the instrument. */

/** What each suffix says. */
export const SUFFIX_WORDS: Record<SuffixCode, string> = {
  "2RS": "rubbing rubber seals on both sides: keep dust and water out, cost a little torque and heat",
  "2RZ": "seals on both sides that do not touch: less drag, less tight",
  RS: "a rubbing seal on one side: the open side is greased and faces in",
  RZ: "a seal that does not touch, on one side",
  "2Z": "sheet-metal shields on both sides: bear heat, keep coarse dirt out, no water",
  Z: "a shield on one side",
  C2: "clearance smaller than normal: not for motors",
  CN: "normal clearance",
  CM: "clearance made for electric motors, between normal and C3",
  C3: "clearance larger than normal: room for the shaft that runs warmer than the shell",
  C4: "clearance larger than C3, for hot places",
  C5: "clearance larger than C4",
  P0: "normal accuracy",
  P6: "accuracy class 6, better than normal",
  P5: "accuracy class 5, high",
  P4: "accuracy class 4, very high",
  P2: "accuracy class 2, highest",
  N: "groove for a snap ring in the outer ring",
  NR: "snap ring in the outer ring: the housing needs its groove",
  M: "brass cage",
  TN: "plastic cage: not above about 120 °C",
  J: "pressed steel cage",
  Z1: "vibration class 1",
  Z2: "vibration class 2",
  Z3: "vibration class 3, quiet",
  Z4: "vibration class 4, quieter",
  V1: "vibration class 1",
  V2: "vibration class 2",
  V3: "vibration class 3, quiet",
  V4: "vibration class 4, quieter",
  S0: "rings keep their size up to 150 °C",
  S1: "rings keep their size up to 200 °C",
  S2: "rings keep their size up to 250 °C",
  S3: "rings keep their size up to 300 °C",
  HT: "grease for high temperature",
  LT: "grease for low temperature",
  SS: "stainless steel",
  E: "maker's letter for the design inside: no other size",
  EMQ: "noise tested for electric motors",
};

export const SURROUNDING_WORDS: Record<Surrounding, string> = {
  dusty: "Dusty, lint, flour",
  wet: "Wet or washed down",
  hot: "Hot, above 90 °C at the bearing",
  quiet: "Must run quiet, and cool",
  "loose-fit": "Seat a little slack",
};
export const REASON_WORDS: Record<AdviceReason, string> = {
  "dust-seals": "Sealed, because dust gets past a shield and grinds.",
  "wet-seals": "Sealed, because a shield lets water in.",
  "heat-shields": "Shielded, because rubber hardens in heat and a rubbing seal adds to it.",
  "heat-and-dirt": "Sealed against the dirt, but ask for heat-proof seals and grease: plain rubber hardens.",
  "quiet-grease": "Ask for one that is noise tested, with light grease.",
  "plain-shields": "Shielded is enough in clean, dry air, and turns most freely.",
  "motor-c3": "C3, because the shaft of a motor runs warmer than its shell and takes up clearance.",
  "hot-c3": "C3 at least: heat takes up clearance.",
  "cool-cn": "Normal clearance, because it stays cool and the larger one can be heard.",
  "as-fitted": "What was fitted is right for the place.",
};

export const TIER_WORDS: Record<Tier, string> = { plain: "Plain", good: "Good", best: "Best" };
export const DUTY_WORDS: Record<Duty, string> = { continuous: "All day", intermittent: "Now and then", occasional: "Seldom" };
export const DEFECT_WORDS: Record<Defect, string> = {
  "outer-ring": "Outer ring",
  "inner-ring": "Inner ring",
  ball: "Ball",
  cage: "Cage",
};

export const TOOL_WORDS: Record<JobTool, string> = {
  puller: "puller that grips the inner ring",
  "press-tube": "press or vice, and the tube named under Fit",
  "circlip-pliers": "retaining ring pliers",
  micrometer: "micrometer",
  compound: "retaining compound and cleaner",
  lathe: "lathe",
};

export const LOSS_WORDS: Record<JobLoss, string> = {
  "bearing-spent": "a bearing that is pulled is spent, even a good one",
  "seat-turned": "metal turned away does not come back",
  "shaft-marked": "punch marks stay",
  balance: "the rotor may be out of balance",
  "windings-at-risk": "a slip of the puller or screwdriver hurts the windings",
};

/** One suffix as stamped, explained. */
export function suffixSentence({ text, meanings }: StampedSuffix): string {
  if (meanings.length === 0) return `${text}: not known here; a maker's code for cage, grease or packing. Keep it for the order.`;
  const words = meanings.map((codes) => codes.map((code) => SUFFIX_WORDS[code]).join(", and "));
  return `${text}: ${words.length === 1 ? words[0] : `one of: ${words.join("; or ")}`}.`;
}

/** Misfit of each figure, signed. */
export function misfitWords({ misfitMm }: SizeCandidate): string {
  return (["bore", "outside", "width"] as const)
    .map((dimension) => {
      const off = misfitMm[dimension];
      return off === null ? "–" : `${off > 0.0005 ? "+" : off < -0.0005 ? "−" : ""}${formatNumber(Math.abs(off), 2)}`;
    })
    .join(" / ");
}

const SOURCE_WORDS = {
  keyed: "as keyed",
  measured: "as measured on the run test",
  plate: "by the plate; at light load it runs a little faster",
} as const;

export function tonesSentences(detail: Detail, end: BearingEnd): string[] {
  const { speed, ends } = detail;
  if (ends[end].isSleeve) return ["A sleeve has no balls: it squeals when dry and knocks when worn, at no tone of its own."];
  if (!ends[end].size) return ["Name the bearing first; its tones follow from its balls and the speed."];
  if (!speed) return ["Key the speed, or work the run test or the plate: the tones go with it."];
  return [`At ${speed.rpm.map((rpm) => formatNumber(rpm, 0)).join(" to ")} rpm, ${SOURCE_WORDS[speed.source]}.`];
}
