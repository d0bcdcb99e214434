import { MENDS, type MendId } from "@/core/job";
import { byId } from "@/core/kept";

/** Each work without a part: as it is noted, and as the customer's report says it. */
const WORDS: Readonly<Record<MendId, { readonly noted: string; readonly plain: string }>> = {
  "seat-or-fasten": {
    noted: "Cover, bracket or foot seated and fastened",
    plain: "A cover or foot that had come loose was seated and fastened.",
  },
  "clean-contacts": { noted: "Contacts cleaned", plain: "The contacts of the starting switch were cleaned." },
  "free-governor": { noted: "Governor freed and oiled", plain: "The starting switch was freed and oiled." },
  "grease-bearings": { noted: "Bearing cleaned, greased or oiled", plain: "The bearings were cleaned and greased or oiled." },
  "dry-out": { noted: "Dried out", plain: "The motor was dried out." },
  "rejoin-lead": { noted: "Lead rejoined, sleeved or laid anew", plain: "A broken or chafed wire was mended." },
  "tighten-terminal": { noted: "Terminal tightened", plain: "A loose connection was tightened." },
  "free-rotor": { noted: "Rotor that sat freed", plain: "The motor, which sat, was freed." },
  "clean-wheel": { noted: "Wheel cleaned or balanced", plain: "The wheel was cleaned or balanced." },
  "connect-for-volts": { noted: "Connected for the volts that are there", plain: "The motor was connected for the volts that are there." },
  "turn-way-round": { noted: "Way of turning changed by its leads", plain: "The motor was made to turn the other way." },
  "turn-rotor-round": { noted: "Rotor put in end for end", plain: "The motor was made to turn the other way." },
};

export const MEND_WORDS: Readonly<Record<MendId, string>> = byId(MENDS, (id) => WORDS[id].noted);
export const PLAIN_DONE: Readonly<Record<MendId, string>> = byId(MENDS, (id) => WORDS[id].plain);
