import { fail, ok, type Failure, type RecordFault, type Result } from "@/core/result";
import type { Progress } from "@/records";
import { headsOf } from "@/records/team/document";
import { takeIn } from "@/records/team/held";
import type { Texts } from "@/records/team/registers";
import type { TeamName } from "@/records/team/segment";
import { rowOfPhoto } from "../photos";
import { toStorageFailure } from "../storage-status";
import type { VemmickDatabase } from "../vemmick-database";
import { agreeTo } from "./answers";
import type { Merge, MergeCounts, MergedDocument } from "./document-row";
import { isCard, LOT, lotsOf, NO_PHOTOS, outcomeOf } from "./lots";
import { materialise, type Photos } from "./materialise";
import { keeper } from "./merge-keeper";
import { onDocuments, type InHand, type MadeOfDocument, type Unheld } from "./on-documents";
import { thisDevice } from "./team-device";

/** More removals than this at once are asked about. */
const A_HANDFUL = 5;

/** A document that came as a whole, with what it says. */
export interface WholeDocument {
  readonly bytes: Uint8Array;
  readonly heads: readonly string[];
  readonly texts: Texts;
}

/** What another device has changed, by document. */
export interface Changes {
  readonly from: TeamName;
  readonly documents: ReadonlyMap<string, readonly Uint8Array[]>;
  readonly wholes?: ReadonlyMap<string, WholeDocument>;
  readonly photos: Photos;
}

export interface TakeOptions {
  readonly onProgress?: Progress;
  readonly isCancelled?: () => boolean;
  /** only looks: what would be done is told, and nothing is written but what was changed here */
  readonly isLook?: boolean;
}

/** What taking in came to. */
export interface TakenIn {
  readonly merge: Merge["id"] | null;
  readonly counts: MergeCounts;
  /** removals that wait for an answer */
  readonly asked: number;
  /** records that do not fit what they may be */
  readonly faults: readonly RecordFault[];
  readonly isStopped: boolean;
}

/** Puts photos beside the records that name them; part of a transaction. */
const putPhotos = (db: VemmickDatabase, photos: Photos): PromiseLike<unknown> =>
  db.photos.bulkPut([...photos].map(([id, data]) => ({ id, rowId: rowOfPhoto(id), data })));

/**
 * Takes in what another device has changed: what only one side changed is taken, what both changed waits for a choice. A
 * handful of removals is taken along; more wait for an answer.
 * @errors those of the store; what was taken in until then stays, with its way back
 */
export async function takeChangesIn(
  db: VemmickDatabase,
  { from, documents, wholes = new Map(), photos }: Changes,
  { onProgress = () => undefined, isCancelled = () => false, isLook = false }: TakeOptions = {},
): Promise<Result<TakenIn, Failure>> {
  try {
    const device = await thisDevice(db);
    const merge = keeper(db, from);
    const faults: RecordFault[] = [];
    const asked: string[] = [];
    let isStopped = false;
    const all = [...documents.keys()].sort();
    for (const [index, ids] of lotsOf(all).entries()) {
      const merged: MergedDocument[] = [];
      const act = (inHand: InHand): MadeOfDocument | null => {
        const [before, openBefore] = [headsOf(inHand.held.document), inHand.held.open.length];
        const taken = takeIn(inHand.held, inHand.wanted, documents.get(inHand.id) ?? [], { from, at: new Date().toISOString() });
        if (taken.effect === "nothing") return { held: taken.held };
        const conflicts = Math.max(0, taken.held.open.length - openBefore);
        if (taken.effect === "asked") asked.push(inHand.id);
        if (taken.effect === "asked" || (taken.effect === "known" && conflicts === 0)) {
          return { held: taken.held, heard: taken.heard };
        }
        const outcome = outcomeOf(inHand, taken.held, photos, taken.heard);
        faults.push(...outcome.faults);
        merged.push({ id: inHand.id, before, after: headsOf(taken.held.document) });
        const isNew = taken.effect === "new" && inHand.wanted === null;
        if (conflicts > 0) merge.count({ conflicts });
        if (outcome.put.length + (outcome.gone?.length ?? 0) > 0)
          merge.count(!isCard(inHand.id) ? { others: 1 } : isNew || taken.effect === "back" ? { newCards: 1 } : { changedCards: 1 });
        return outcome;
      };
      const unheldOf = (id: string): Unheld | null => {
        const whole = wholes.get(id);
        if (whole === undefined) return null;
        const { put, left, faults: bad } = materialise({ id, records: [], photos }, whole.texts, photos);
        faults.push(...bad);
        merged.push({ id, before: [], after: whole.heads });
        if (put.length > 0) merge.count(isCard(id) ? { newCards: 1 } : { others: 1 });
        return { document: whole, texts: whole.texts, put, left };
      };
      if (isLook) {
        await onDocuments(db, device.id, ids, null);
        await onDocuments(db, device.id, ids, act, { unheldOf, isLook });
      } else {
        const beside = () => {
          // Photos of all of them lie there before the first of them needs one.
          const kept = putPhotos(db, index === 0 ? photos : NO_PHOTOS);
          return merged.length === 0 ? kept : kept.then(() => merge.keep(merged));
        };
        await onDocuments(db, device.id, ids, act, { beside, unheldOf });
      }
      onProgress(Math.min(all.length, (index + 1) * LOT), all.length);
      isStopped = isCancelled() && (index + 1) * LOT < all.length;
      if (isStopped) break;
    }
    const isAsked = asked.length > A_HANDFUL;
    const cards = asked.filter(isCard).length;
    const gone = { goneCards: cards, others: asked.length - cards };
    if (isLook) merge.count(gone);
    else if (!isAsked && asked.length > 0) await agreeTo(db, asked, from, merge);
    return ok({ merge: merge.hasAny() ? merge.id : null, counts: merge.counts(), asked: isAsked ? asked.length : 0, faults, isStopped });
  } catch (error) {
    return fail(toStorageFailure(error));
  }
}
