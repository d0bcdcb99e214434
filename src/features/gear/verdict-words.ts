import type { GearVerdict } from "@/core/startgear";

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
