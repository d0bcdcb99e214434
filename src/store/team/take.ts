import { fail, ok, type Failure, type RecordFault, type Result } from "@/core/result";
import type { Progress } from "@/records";
import { headsOf, textsOf } from "@/records/team/document";
import { beforeRemoval, bringBack, choose, goneOf, takeIn, targetOf, undo, type Held } from "@/records/team/held";
import type { Texts } from "@/records/team/registers";
import { rootOf } from "@/records/team/shapes";
import type { TeamName } from "@/records/team/segment";
import { rowOfPhoto } from "../photos";
import { toStorageFailure } from "../storage-status";
import type { VemmickDatabase } from "../vemmick-database";
import { NO_COUNTS, type Merge, type MergeCounts, type MergedDocument } from "./document-row";
import { materialise, type Photos } from "./materialise";
import { onDocuments, type DocumentRecord, type InHand, type MadeOfDocument, type Unheld } from "./on-documents";
import { thisDevice } from "./team-device";

/** Documents are taken in so many at a time, each lot in a transaction of its own: a key on a card never waits for all of them. */
const CHUNK = 200;
const NO_PHOTOS: Photos = new Map();
/** More removals than this at once are asked about. */
export const A_HANDFUL = 5;

/** What another device has changed, by document. */
export interface Changes {
  readonly from: TeamName;
  readonly documents: ReadonlyMap<string, readonly Uint8Array[]>;
  /** documents that came as a whole, with what they say */
  readonly wholes?: ReadonlyMap<string, { readonly bytes: Uint8Array; readonly heads: readonly string[]; readonly texts: Texts }>;
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

const chunksOf = <T>(all: readonly T[]): T[][] =>
  Array.from({ length: Math.ceil(all.length / CHUNK) }, (_, index) => all.slice(index * CHUNK, (index + 1) * CHUNK));

const isCard = (document: string): boolean => rootOf(document)[0] === "traveller";

const added = (a: MergeCounts, b: Partial<MergeCounts>): MergeCounts => ({
  newCards: a.newCards + (b.newCards ?? 0),
  changedCards: a.changedCards + (b.changedCards ?? 0),
  goneCards: a.goneCards + (b.goneCards ?? 0),
  others: a.others + (b.others ?? 0),
  conflicts: a.conflicts + (b.conflicts ?? 0),
});

/** Keeps what a merge did, with the way back; it grows lot by lot. */
function keeper(db: VemmickDatabase, from: TeamName) {
  const merge = { id: crypto.randomUUID(), at: new Date().toISOString(), from: { id: from.id, name: from.name } };
  let counts = NO_COUNTS;
  let rows = 0;
  return {
    id: merge.id,
    counts: () => counts,
    hasAny: () => rows > 0,
    count: (more: Partial<MergeCounts>): void => {
      counts = added(counts, more);
    },
    /** part of the transaction of a lot */
    keep: (documents: readonly MergedDocument[]): PromiseLike<unknown> => {
      rows += 1;
      return db.merges.put({ ...merge, counts }).then(() => db.merged.put({ id: `${merge.id}/${rows}`, merge: merge.id, documents }));
    },
  };
}

/** What is made of a document, with what of it could not be read. */
type Made = MadeOfDocument & { readonly put: readonly DocumentRecord[]; readonly faults: readonly RecordFault[] };

/** Records of a document as it says them now. */
function outcomeOf(inHand: InHand, held: Held, photos: Photos, heard?: readonly string[], chosen: Texts = new Map()): Made {
  const wanted = inHand.wanted === null ? null : new Map([...inHand.wanted, ...chosen]);
  const target = targetOf(held, wanted);
  const { put, gone, left, faults } = materialise(inHand, target, photos);
  return { held: { ...held, left }, heard, put, gone, faults };
}

const allGone = ({ records }: InHand): MadeOfDocument["gone"] => records.map(({ name, row }) => [name, row.id] as const);

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
    for (const [index, ids] of chunksOf(all).entries()) {
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
        merge.count(isCard(id) ? { newCards: 1 } : { others: 1 });
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
      onProgress(Math.min(all.length, (index + 1) * CHUNK), all.length);
      isStopped = isCancelled() && (index + 1) * CHUNK < all.length;
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

/** Takes away here what others have taken away. */
async function agreeTo(db: VemmickDatabase, ids: readonly string[], from: TeamName, merge = keeper(db, from)): Promise<void> {
  const device = await thisDevice(db);
  for (const chunk of chunksOf(ids)) {
    const merged: MergedDocument[] = [];
    await onDocuments(
      db,
      device.id,
      chunk,
      (inHand) => {
        const { held } = inHand;
        if (held.asked === null) return null;
        const now = headsOf(held.document);
        merged.push({ id: inHand.id, before: beforeRemoval(held), after: now });
        merge.count(isCard(inHand.id) ? { goneCards: 1 } : { others: 1 });
        return { held: { ...held, asked: null }, gone: allGone(inHand) };
      },
      { beside: () => merge.keep(merged) },
    );
  }
}

/** Answers removals that wait: they are taken along, or brought back for everybody. */
export async function answerRemovals(db: VemmickDatabase, ids: readonly string[], isAgreed: boolean): Promise<Result<null, Failure>> {
  try {
    const [first] = await db.documents.bulkGet([...ids]);
    if (isAgreed) await agreeTo(db, ids, first?.asked?.from ?? (await thisDevice(db)));
    else await bringBackHere(db, ids);
    return ok(null);
  } catch (error) {
    return fail(toStorageFailure(error));
  }
}

/** Brings back what was taken away, for everybody. */
export async function bringBackHere(db: VemmickDatabase, ids: readonly string[]): Promise<void> {
  const device = await thisDevice(db);
  for (const chunk of chunksOf(ids))
    await onDocuments(db, device.id, chunk, (inHand) =>
      inHand.kept === undefined || inHand.kept.gone === "" ? null : outcomeOf(inHand, bringBack(inHand.held), NO_PHOTOS),
    );
}

/** A choice of what both sides have changed: what the register shall say, or that it is nothing. */
export type Choices = Readonly<Record<string, Readonly<Record<string, string>>>>;

/** Chooses of what is disagreed about, by document and register; what is not chosen stays as it is, and is asked again. */
export async function chooseHere(db: VemmickDatabase, choices: Choices): Promise<Result<null, Failure>> {
  try {
    const device = await thisDevice(db);
    for (const ids of chunksOf(Object.keys(choices)))
      await onDocuments(db, device.id, ids, (inHand) => {
        const open = new Set(inHand.held.open);
        const chosen = new Map(Object.entries(choices[inHand.id] ?? {}).filter(([register]) => open.has(register)));
        return chosen.size === 0 ? null : outcomeOf(inHand, choose(inHand.held, chosen), NO_PHOTOS, undefined, chosen);
      });
    return ok(null);
  } catch (error) {
    return fail(toStorageFailure(error));
  }
}

/** What undoing a merge took back, and what it left because it was changed since. */
export interface TakenBack {
  readonly records: number;
  /** machines of cards that were changed since: they stay whole */
  readonly keptCards: readonly string[];
  readonly keptOthers: number;
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
    const stays: string[] = [];
    for (const ids of chunksOf([...documents.keys()]))
      await onDocuments(db, device.id, ids, (inHand) => {
        const { before = [], after = [] } = documents.get(inHand.id) ?? {};
        const held = undo(inHand.held, before, after, at);
        if (held === null) {
          stays.push(inHand.id);
          return null;
        }
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
    return ok({ records, keptCards: kept.map((card) => card?.machine ?? ""), keptOthers: stays.length - cards.length });
  } catch (error) {
    return fail(toStorageFailure(error));
  }
}
