import { NO_STUDY, type Study } from "@/core/study";
import { toHouse, UNSET_HOUSE } from "@/records";
import type { Derived, Deriver } from "@/store/derive";
import { soundRecord } from "@/store/sound";
import { derivedBy } from "@/store/summary";
import type { VemmickDatabase } from "@/store/vemmick-database";
import { deriveLine } from "./card-line";

/** Of a card that breaks the program: it stands in its list all the same, is found by its names, and holds no other card up. */
const NOT_JUDGED: Derived = {
  isOpen: false,
  line: {
    complaint: "",
    stands: "This card could not be judged. Open it to see what is on it.",
    stamp: "not-done",
    stampWord: "Not judged",
    due: [],
    words: [],
    marks: [],
    figures: [],
    exchanges: [],
    deed: null,
  },
};

/** A line, whatever the card holds. */
export function lineOf(make: () => Derived): Derived {
  try {
    return make();
  } catch {
    // A bug, told where a person meets it: on the tile, and on the card's own screen.
    return NOT_JUDGED;
  }
}

/** Lines as this program makes them under the rules of the house as they are now. */
export async function deriverOf(db: VemmickDatabase, study: Study): Promise<Deriver> {
  const kept = await db.house.get("house");
  const { figures } = toHouse(kept ? soundRecord("house", kept) : UNSET_HOUSE);
  return {
    by: derivedBy(kept?.figures),
    quick: (card) => lineOf(() => deriveLine(card, figures, NO_STUDY)),
    full: (card) => lineOf(() => deriveLine(card, figures, study)),
  };
}
