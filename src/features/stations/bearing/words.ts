import {
  DUTIES,
  printDesignation,
  SUFFIXES,
  SURROUNDINGS,
  TIERS,
  type AdviceReason,
  type BearingSize,
  type Closure,
  type Defect,
  type Dimension,
  type Duty,
  type JobLoss,
  type JobTool,
  type SeatRepair,
  type SizeCandidate,
  type Slip,
  type StampedSuffix,
  type SuffixCode,
  type Surrounding,
  type Tier,
} from "@/core/bearing";
import { formatMoney, formatNumber } from "@/core/quantity";
import type { BearingEnd, STATIONS } from "@/core/stations";
import type { BearingRecord, EndDetail, SeatDetail } from "@/core/stations/bearing";
import { toSentence } from "@/features/messages/failure-sentences";

export type Detail = ReturnType<(typeof STATIONS)["bearing"]["assess"]>["detail"];

export const END_WORDS: Record<BearingEnd, string> = { "drive-end": "Drive end", "other-end": "Other end" };

export const CLOSURE_WORDS: Record<Closure, string> = {
  open: "open",
  "shield-one": "one shield",
  "shields-both": "two shields",
  "seal-one": "one seal",
  "seals-both": "two seals",
  "shield-and-seal": "a shield and a seal",
};

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
  EMQ: "noise tested for electric motors",
};

export const DIMENSION_WORDS: Record<Dimension, string> = { bore: "Bore", outside: "Outside", width: "Width" };

export const WELDED_SENTENCE =
  "A welded shell: its bearings cannot be reached. A worn one means another compressor, by the licensed trade.";

const SLIP_WORDS: Record<Slip, string> = {
  "cm-for-mm": "centimetres typed for millimetres",
  "inch-for-mm": "inches typed for millimetres",
  "mm-for-inch": "millimetres typed in a field of inches",
  point: "a decimal point in the wrong place",
  order: "figures in each other's field",
};

export const SURROUNDING_WORDS: Record<Surrounding, string> = {
  dusty: "Dusty, lint, flour",
  wet: "Wet or washed down",
  hot: "Hot, above 90 °C at the bearing",
  quiet: "Must run quiet, and cool",
  "loose-fit": "Seat a little slack",
};
export const SURROUNDING_OPTIONS = SURROUNDINGS.map((id) => ({ id, label: SURROUNDING_WORDS[id] }));

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
export const TIER_OPTIONS = TIERS.map((id) => ({ id, label: TIER_WORDS[id] }));

export const DUTY_WORDS: Record<Duty, string> = { continuous: "All day", intermittent: "Now and then", occasional: "Seldom" };
export const DUTY_OPTIONS = DUTIES.map((id) => ({ id, label: DUTY_WORDS[id] }));

export const DEFECT_WORDS: Record<Defect, string> = {
  "outer-ring": "Outer ring",
  "inner-ring": "Inner ring",
  ball: "Ball",
  cage: "Cage",
};

/** Ways for a loose seat, each with what it honestly is. */
export const REPAIR_WORDS: Record<SeatRepair, { readonly name: string; readonly honest: string }> = {
  "retaining-compound": {
    name: "Retaining compound",
    honest: "Fills up to about 0.1 mm on clean, dry metal and holds; it comes off with heat only, so the next one needs a torch.",
  },
  sleeve: { name: "Sleeve", honest: "Lasting, with a lathe: seat turned down or bored, a ring pressed in. What is turned away is gone." },
  "build-up": {
    name: "Build up and turn",
    honest: "Lasting: weld or spray, then turn to size between centres. The rotor may have to be balanced again.",
  },
  "next-part": {
    name: "Another rotor or end bell",
    honest: "From a motor kept for parts, or new where the maker sells it: the seat is as it was made.",
  },
  shim: { name: "Shim under the ring", honest: "A stopgap: it creeps, and the ring sits out of true." },
  "punch-marks": {
    name: "Raise the metal with punch marks",
    honest: "A stopgap: it holds on a few points and is soon beaten flat. Say so on the card.",
  },
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

const mm = (value: number): string => formatNumber(value, 3);
export const sizeWords = (size: BearingSize, widthMm: number | null = null): string =>
  `${mm(size.boreMm)} × ${mm(size.outsideMm)} × ${mm(widthMm ?? size.widthMm)} mm`;

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

/** What to ask for at the counter. */
export function askFor(end: EndDetail): string | null {
  if (!end.size) return null;
  const { closure, clearance } = end.advice;
  const closureCode = { "seals-both": "-2RS", "shields-both": "-2Z" }[closure as string] ?? "";
  return `${end.size.number}${closureCode}${clearance === "CN" ? "" : `/${clearance}`}`;
}

/** The name, from stamp and calliper, and what is in doubt. */
export function nameSentences(end: EndDetail): string[] {
  if (end.isSleeve)
    return ["Sleeve bearing: a plain bush with oil. Oil it by the plate; a worn one is bushed anew, or the end bell changed."];
  const { state, size, designation, candidates, identification } = end;
  const slip = identification?.slip;
  const failed = end.designationFailure ? [toSentence(end.designationFailure)] : [];
  switch (state) {
    case "nothing":
      return failed.length > 0
        ? failed
        : ["Key what is stamped on ring or seal, ? for a sign that cannot be read; or measure bore, outside and width."];
    case "named": {
      if (!size) return failed;
      const own = designation?.candidates.find((each) => each.size === size)?.number ?? size.number;
      const stamped = designation ? printDesignation({ ...designation, candidates: [{ number: own, size }] }) : size.number;
      const listed = own === size.number ? "" : ` (${size.number})`;
      const closed = designation?.closure ? `, ${CLOSURE_WORDS[designation.closure]}` : "";
      const clearance = end.clearance
        ? `, clearance ${designation?.clearance ?? "normal"} (${formatNumber(end.clearance.lowUm, 0)} to ${formatNumber(end.clearance.highUm, 0)} µm new)`
        : designation?.clearance
          ? `, clearance ${designation.clearance}`
          : "";
      return [`${stamped}${listed}, ${sizeWords(size, end.widthMm)}${closed}${clearance}.`, ...failed];
    }
    case "several":
      return [
        `It can be ${candidates.length} sizes: ${candidates.map(({ number, size: each }) => `${number} (${sizeWords(each)})`).join("; ")}.`,
        designation && !identification ? "One figure of a calliper more settles it: the outside is easiest." : "A third figure settles it.",
        ...failed,
      ];
    case "conflict":
      return [
        `Stamp and calliper do not belong together: ${candidates.map(({ number, size: each }) => `${number} is ${sizeWords(each)}`).join("; ")}, and that was not measured.`,
        "Read the stamp once more, and measure at the ring, not at seal or shield.",
      ];
    case "slip":
      return slip
        ? [
            `No bearing has these figures. With ${SLIP_WORDS[slip.slip]}${slip.dimensions.length < 3 ? ` (${slip.dimensions.map((each) => DIMENSION_WORDS[each].toLowerCase()).join(", ")})` : ""} it is ${slip.best.size.number}, ${sizeWords(slip.best.size)}.`,
          ]
        : [];
    case "misfit":
      return [
        "No size of the table is this near. The nearest are listed with what is off; measure once more, at clean rims.",
        "Metric sizes are whole or half millimetres as a rule; inch sizes go by sixteenths.",
        ...failed,
      ];
    case "unread":
      return failed.length > 0 ? failed : ["Two figures at least name a size: bore and outside first."];
  }
}

const um = (value: number): string => `${value > 0 ? "+" : value < 0 ? "−" : ""}${formatNumber(Math.abs(value), 0)} µm`;

/** One seat: measured, then what it means for a new bearing. */
export function seatSentences(name: string, { verdict, failure }: SeatDetail, hasSize: boolean): string[] {
  if (failure) return [`${name}: ${toSentence(failure)}`];
  if (!verdict) return hasSize ? [] : [];
  const { field, limits, offUm, play, conformity, looseUm, isLoose, seat } = verdict;
  const measured = `${name} ${um(offUm)} from ${mm(verdict.nominalMm)} mm; ${field} allows ${um(limits.lowUm)} to ${um(limits.highUm)}`;
  const sits =
    play.lowUm > 0
      ? `A new bearing would have ${formatNumber(play.lowUm, 0)} to ${formatNumber(play.highUm, 0)} µm of play`
      : play.highUm < 0
        ? `A new bearing would sit ${formatNumber(-play.highUm, 0)} to ${formatNumber(-play.lowUm, 0)} µm tight`
        : `A new bearing would sit from ${formatNumber(-play.lowUm, 0)} µm tight to ${formatNumber(play.highUm, 0)} µm loose`;
  const meaning = {
    holds: "as it should be",
    "too-close": "too close to call with this gauge; a micrometer set on its gauge settles it",
    out: isLoose
      ? `worn ${formatNumber(looseUm, 0)} µm beyond the limit: the ring would creep`
      : seat === "shaft"
        ? "thicker than the fit: dirt, a burr or another size; clean it and measure again"
        : "tighter than the fit: dirt, a burr or another size; clean it and measure again",
  }[conformity.decision];
  return [`${measured}: ${meaning}. ${sits}.`];
}

/** The whole job in one line. */
export function jobSentence({ job, both }: Detail): string {
  return `${both ? "Both bearings" : "One bearing"}: ${formatMoney(job.partCost)} for parts and ${formatNumber(job.minutes, 0)} min, ${formatMoney(job.cost)} in all, ${formatNumber(job.overMotor * 100, 0)} % of another motor fitted.`;
}

/** School of one or both, with its reason. */
export const bothSentence = (both: boolean): string =>
  both
    ? "Both: the other has run as long, and the bench time is paid once."
    : "Only the bad one: it saves the price of one, and the other may bring you back.";

/** Oil and dates. */
export function upkeepSentences(detail: Detail, record: BearingRecord): string[] {
  const { upkeep, months } = detail;
  if (upkeep.length === 0) return ["Say at Name what it turns on: ball or sleeve. Then what it asks for is told here."];
  const oil = record.plateOil.trim() || "a light, detergent-free oil (ISO VG 32), unless the plate names one";
  const each = upkeep.map(({ end, kind, drops, greaseG }) =>
    kind === "sleeve"
      ? `${END_WORDS[end]}: about ${drops} drops of ${oil}; stop when it shows, more only catches dust.`
      : greaseG !== null
        ? `${END_WORDS[end]}: open bearing; if it still feels good, wash it, and grease it with ${formatNumber(greaseG, 1)} g. That is a fair choice, not a cure.`
        : `${END_WORDS[end]}: closed for life: no oil. Listen, feel for warmth, turn it by hand.`,
  );
  const when =
    months === null
      ? ["Say how much it runs, and the date is kept."]
      : [
          `Every ${formatNumber(months, 0)} months${record.plateMonths.trim() && !detail.isPlateMonthsUnread ? ", by the plate" : ", by the house rule"}.`,
        ];
  return [...each, ...when];
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

export const allSuffixes = Object.keys(SUFFIXES) as SuffixCode[];
