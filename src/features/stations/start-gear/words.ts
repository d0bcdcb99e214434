import type { STATIONS } from "@/core/stations";
import { gearRow, type GearRepair, type GearVerdict } from "@/core/startgear";

export type Detail = ReturnType<(typeof STATIONS)["start-gear"]["assess"]>["detail"];

/** Every pattern in words: what it means, first what was found. */
export const VERDICT_WORDS: Record<GearVerdict, string> = {
  works: "Closed where it should be, open where it should be: the start gear works.",
  "not-pressed":
    "Open at rest because nothing presses the disc: the cover or end bell is not seated, or washers are worn. It looks like a dead motor and is none.",
  "other-path":
    "Closed at rest; actuated it reads ohms, neither open nor near zero: a winding lies across it. Take one lead off and measure again.",
  gummed: "The weights do not move freely: gummed. The start winding comes in late or never, or stays in.",
  "contacts-burnt": "Contacts burnt: they do not carry at rest.",
  "contacts-dirty": "Ohms where near zero belongs: dirty or pitted contacts.",
  "open-at-rest": "Open where it should be closed: the start winding never comes in. It hums and starts only with a push.",
  "press-first":
    "Open at rest, and nobody pressed it: with its end open, or the cover not seated, a good switch reads so too. Push the disc the way the cover does, by hand: closed then, it is good; still open, it is not.",
  welded: "Stays closed when it should open: welded. The start winding stays in, several times the normal current, trips and smokes.",
  "coil-open": "The coil is open: the contacts never move, the start device stays in or never comes in.",
  "coil-low": "The coil reads far too low: shorted turns in the coil, or another path across it.",
  "coil-high": "The coil reads higher than usual: compare with the maker's figure before it is condemned.",
  "contact-open": "The contacts do not close at rest: the start capacitor never comes in.",
  "ptc-open": "Open when cold: broken. Shaken, it often rattles.",
  "ptc-low": "Far below its cold ohms: shorted. It stays in like a welded switch.",
  "ptc-high": "Far above its cold ohms though cold: cracked or aged. The start is weak.",
  "ptc-hot": "Reads high, and may still be warm: it proves nothing yet.",
  "ptc-cold-when-hot": "Stays low when it should be hot: it never lets go of the start winding.",
  "more-needed": "Measure at rest and actuated, or coil and contacts, as the drawing asks.",
};
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
