import { fail, ok, type Failure, type Result } from "@/core/result";
import { headsOf } from "@/records/team/document";
import { beforeRemoval, bringBack, choose } from "@/records/team/held";
import type { TeamName } from "@/records/team/segment";
import { toStorageFailure } from "../storage-status";
import type { VemmickDatabase } from "../vemmick-database";
import type { MergedDocument } from "./document-row";
import { allGone, isCard, lotsOf, NO_PHOTOS, outcomeOf } from "./lots";
import { keeper } from "./merge-keeper";
import { onDocuments } from "./on-documents";
import { teamNameOf, thisDevice } from "./team-device";

/** Takes away here what others have taken away. */
export async function agreeTo(db: VemmickDatabase, ids: readonly string[], from: TeamName, merge = keeper(db, from)): Promise<void> {
  const device = await thisDevice(db);
  for (const chunk of lotsOf(ids)) {
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
    if (isAgreed) await agreeTo(db, ids, first?.asked?.from ?? teamNameOf(await thisDevice(db)));
    else await bringBackHere(db, ids);
    return ok(null);
  } catch (error) {
    return fail(toStorageFailure(error));
  }
}

/** Brings back what was taken away, for everybody. */
export async function bringBackHere(db: VemmickDatabase, ids: readonly string[]): Promise<void> {
  const device = await thisDevice(db);
  for (const chunk of lotsOf(ids))
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
    for (const ids of lotsOf(Object.keys(choices)))
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
