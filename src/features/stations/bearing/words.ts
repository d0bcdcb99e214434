import { type HandFit, type Seat } from "@/core/bearing";
import { inSentence } from "@/features/vocabulary/in-sentence";
import { readPlain } from "@/core/station";
import {
  type BearingEnd,
  printDesignation,
  type BearingSize,
  type Closure,
  type Dimension,
  type SeatRepair,
  type SizeSlip,
} from "@/core/bearing";
import { formatMoney, formatNumber } from "@/core/quantity";
import type { STATIONS } from "@/core/stations";
import type { BearingRecord, EndDetail, SeatDetail } from "@/core/stations/bearing";
import { toMachineSentence } from "@/features/messages/machine-sentences";

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

export const DIMENSION_WORDS: Record<Dimension, string> = { bore: "Bore", outside: "Outside", width: "Width" };

export const WELDED_SENTENCE =
  "A welded shell: its bearings cannot be reached. A worn one means another compressor, by the licensed trade.";

const SLIP_WORDS: Record<SizeSlip, string> = {
  "cm-for-mm": "centimetres typed for millimetres",
  "mm-for-cm": "millimetres typed as centimetres",
  "inch-for-mm": "inches typed for millimetres",
  "mm-for-inch": "millimetres typed in a field of inches",
  point: "a decimal point in the wrong place",
  order: "figures in each other's field",
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

const mm = (value: number): string => formatNumber(value, 3);
export const sizeWords = (size: BearingSize, widthMm: number | null = null): string =>
  `${mm(size.boreMm)} × ${mm(size.outsideMm)} × ${mm(widthMm ?? size.widthMm)} mm`;

/** The name, from stamp and calliper, and what is in doubt. */
export function nameSentences(end: EndDetail): string[] {
  if (end.isSleeve)
    return ["Sleeve bearing: a plain bush with oil. Oil it by the plate; a worn one is bushed anew, or the end bell changed."];
  const { state, size, designation, candidates, identification } = end;
  const slip = identification?.slip;
  const failed = end.designationFailure ? [toMachineSentence(end.designationFailure)] : [];
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
            `No bearing has these figures. With ${SLIP_WORDS[slip.slip]}${slip.dimensions.length < 3 ? ` (${slip.dimensions.map((each) => inSentence(DIMENSION_WORDS[each])).join(", ")})` : ""} it is ${slip.best.size.number}, ${sizeWords(slip.best.size)}.`,
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
export function seatSentences(name: string, { verdict, failure, byHand }: SeatDetail): string[] {
  const felt = byHand ? [handSentence(name, byHand)] : [];
  if (failure) return [`${name}: ${toMachineSentence(failure)}`, ...felt];
  if (!verdict) return felt;
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
  // What the hand finds stands before a gauge that cannot decide.
  return [...felt, `${measured}: ${meaning}. ${sits}.`];
}

/** How a ring sits, as a hand finds it. */
export const HAND_FIT_WORDS: Record<Seat, Record<HandFit, string>> = {
  shaft: { holds: "Has to be pressed", slides: "Slides on by hand", turns: "Turns on the shaft" },
  housing: { holds: "Has to be pressed", slides: "Slides in by hand", turns: "Turns in its seat" },
};
/** What the hand found of a seat, and what it means. */
function handSentence(name: string, { fit, decision }: NonNullable<SeatDetail["byHand"]>): string {
  const seat = name === "Shaft" ? "shaft" : "housing";
  const found = `${name}: ${HAND_FIT_WORDS[seat][fit].toLowerCase()}`;
  if (decision === "holds") return `${found}: as it should be.`;
  return fit === "turns"
    ? `${found}: worn. A ring that turns on its seat eats it, whatever a calliper reads.`
    : `${found}: worn. What slides by hand creeps under load, whatever a calliper reads.`;
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

type Upkeep = Detail["upkeep"][number];

const sleeveUpkeep = ({ drops }: Upkeep, oil: string): string =>
  `about ${drops} drops of ${oil}; stop when it shows, more only catches dust.`;

function ballUpkeep({ isClosed, greaseG }: Upkeep): string {
  if (greaseG === null) return "closed for life: no oil. Listen, feel for warmth, turn it by hand.";
  const grams = `${formatNumber(greaseG, 1)} g`;
  return isClosed === null
    ? `closed on both sides it needs no oil; with an open side, and while it still feels good, it is washed and greased with ${grams}.`
    : `open bearing; if it still feels good, wash it, and grease it with ${grams}. That is a fair choice, not a cure.`;
}

/** Oil and dates. */
export function upkeepSentences(detail: Detail, record: BearingRecord): string[] {
  const { upkeep, months } = detail;
  if (upkeep.length === 0) return ["Say what it turns on: ball or sleeve. A ball bearing is named at Name; what it asks for is told here."];
  const oil = record.plateOil.trim() || "a light, detergent-free oil (ISO VG 32), unless the plate names one";
  const each = upkeep.map((own) => `${END_WORDS[own.end]}: ${own.kind === "sleeve" ? sleeveUpkeep(own, oil) : ballUpkeep(own)}`);
  const when =
    months === null
      ? ["Say how much it runs, and the date is kept."]
      : [
          `Every ${formatNumber(months, 0)} months${readPlain(record.plateMonths, "plateMonths").value !== null ? ", by the plate" : ", by the house rule"}.`,
        ];
  return [...each, ...when];
}
