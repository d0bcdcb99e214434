import type { STATIONS } from "@/core/stations";
import { gearRow, type GearRepair, type GearVerdict } from "@/core/startgear";
import { VERDICT_WORDS } from "@/features/gear/verdict-words";

export type Detail = ReturnType<(typeof STATIONS)["start-gear"]["assess"]>["detail"];

/** A relay is measured at rest: that its contacts open at speed, an ohmmeter cannot show. */
const RELAY_RESTS =
  "Coil and contacts read as they should at rest. Whether the contacts open once it runs, no ohmmeter shows: a welded one reads the same. Amps in the start lead while it runs tell.";
const verdictWords = ({ sort, verdict }: Detail & { verdict: GearVerdict }): string =>
  verdict === "works" && sort !== null && gearRow(sort).measuredAs === "relay" ? RELAY_RESTS : VERDICT_WORDS[verdict];

const REPAIR_WORDS: Record<GearRepair, string | null> = {
  none: null,
  seat: "Press the disc by hand: a good switch closes. Seat the cover or end bell fully and measure once more before anything is replaced.",
  free: "Free the weights, a drop of light oil on the pivots, none on the contacts; then measure again.",
  clean: "Clean with fine abrasive, blow out, check the wear; then measure again.",
  replace: "Replace it; same figures and the same terminal order.",
  wait: "Let it cool ten minutes or more out of circuit, say so here, and measure again.",
};

const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** What was found, what it means, what mends it. */
export function sentences(detail: Detail): string[] {
  if (detail.verdict === null)
    return detail.sort === "none" ? ["No start gear on this motor."] : ["Pick what brings the start winding in."];
  const repair = REPAIR_WORDS[detail.repair];
  return [
    ...(detail.isPluggedIn || detail.isUnplugAsked ? [] : [verdictWords({ ...detail, verdict: detail.verdict })]),
    ...(repair ? [repair] : []),
    ...detail.also.map((each) => `Also: ${lowerFirst(VERDICT_WORDS[each.verdict])} ${REPAIR_WORDS[each.repair] ?? ""}`.trim()),
    ...(detail.isPluggedIn
      ? ["Measured plugged in: windings and capacitor lie across it, so nothing is judged. Unplug it and measure again."]
      : []),
    ...(detail.isUnplugAsked ? ["Say whether it was unplugged: in its circuit other paths count in, and nothing is judged."] : []),
    ...(detail.isClickMissing ? ["No click back on stopping: weights or spring hang, though the contacts are right now."] : []),
  ];
}
