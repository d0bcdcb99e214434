import { fail, ok, type Failure, type Result } from "@/core/result";
import { textsOf } from "@/records/team/document";
import { goneOf, hasActs, undo } from "@/records/team/held";
import { rootOf } from "@/records/team/shapes";
import { toStorageFailure } from "../storage-status";
import type { VemmickDatabase } from "../vemmick-database";
import { allGone, isCard, lotsOf, NO_PHOTOS, outcomeOf } from "./lots";
import { onDocuments } from "./on-documents";
import { thisDevice } from "./team-device";

/** What undoing a merge took back, and what it left because it was changed since. */
export interface TakenBack {
  readonly records: number;
  /** machines of cards that were changed since: they stay whole */
  readonly keptCards: readonly string[];
  readonly keptOthers: number;
  /** documents with acts that came along: those stay */
  readonly keptActs: number;
}

/**
 * Takes a merge back, as a change of its own that everybody hears of. What was changed since stays, of a card with everything
 * on it.
 * @returns 'nothing': the merge is not there any more
 */
export async function undoMerge(db: VemmickDatabase, id: string): Promise<Result<TakenBack | "nothing", Failure>> {
  try {
    const device = await thisDevice(db);
    if ((await db.merges.get(id)) === undefined) return ok("nothing");
    const rows = await db.merged.where("merge").equals(id).toArray();
    const documents = new Map(rows.flatMap((row) => row.documents).map((each) => [each.id, each]));
    const at = new Date().toISOString();
    let records = 0;
    let keptActs = 0;
    const stays: string[] = [];
    for (const ids of lotsOf([...documents.keys()]))
      await onDocuments(db, device.id, ids, (inHand) => {
        const { before = [], after = [] } = documents.get(inHand.id) ?? {};
        const held = undo(inHand.held, before, after, at);
        if (held === null) {
          stays.push(inHand.id);
          return null;
        }
        if (goneOf(textsOf(held.document)) === null && hasActs(inHand.held, before, after)) keptActs += 1;
        const outcome =
          goneOf(textsOf(held.document)) === null ? outcomeOf(inHand, held, NO_PHOTOS) : { held, put: [], gone: allGone(inHand) };
        records += outcome.put.length + (outcome.gone?.length ?? 0);
        return outcome;
      });
    await db.transaction("rw", [db.merges, db.merged], async () => {
      await db.merged.where("merge").equals(id).delete();
      await db.merges.delete(id);
    });
    const cards = stays.filter(isCard).map((document) => rootOf(document)[1]);
    const kept = await db.travellers.bulkGet(cards as never[]);
    return ok({ records, keptCards: kept.map((card) => card?.machine ?? ""), keptOthers: stays.length - cards.length, keptActs });
  } catch (error) {
    return fail(toStorageFailure(error));
  }
}
