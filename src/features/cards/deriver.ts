import { NO_STUDY, type Study } from "@/core/study";
import { toHouse, UNSET_HOUSE } from "@/records";
import type { Deriver } from "@/store/derive";
import { soundRecord } from "@/store/sound";
import { derivedBy } from "@/store/summary";
import type { VemmickDatabase } from "@/store/vemmick-database";
import { deriveLine } from "./card-line";

/** Lines as this program makes them under the rules of the house as they are now. */
export async function deriverOf(db: VemmickDatabase, study: Study): Promise<Deriver> {
  const kept = await db.house.get("house");
  const { figures } = toHouse(kept ? soundRecord("house", kept) : UNSET_HOUSE);
  return {
    by: derivedBy(kept?.figures),
    quick: (card) => deriveLine(card, figures, NO_STUDY),
    full: (card) => deriveLine(card, figures, study),
  };
}
