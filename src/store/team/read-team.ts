import { fail, ok, type Failure, type Result } from "@/core/result";
import {
  changedOnBoth,
  isNews,
  parseTeamFile,
  planMerge,
  versionKey,
  type DatedRow,
  type KnownVersion,
  type MergePlan,
  type Mine,
  type Progress,
  type RecordTypeName,
} from "@/records";
import { withPhotos } from "../kept-photos";
import { toStorageFailure } from "../storage-status";
import type { VemmickDatabase } from "../vemmick-database";
import type { MergeCounts } from "./merge-row";
import { teamDevice } from "./team-device";
import { noteHere } from "./versions";

/** A file of another device with what merging it would do; nothing is written but what was noted of this device's own changes. */
export interface ReadTeamFile {
  readonly from: { readonly id: string; readonly name: string };
  /** when it was written there, ISO 8601; "" where it does not say */
  readonly at: string;
  readonly plan: MergePlan;
  /** versions of this device at that moment: whoever changes a record meanwhile is left alone */
  readonly known: ReadonlyMap<string, KnownVersion>;
  readonly counts: MergeCounts;
  /** records that are no good, or are homeless: they are left where they are */
  readonly leftOut: number;
}

type Rows = ReadonlyMap<string, DatedRow>;

/** Rows of this device that both have changed, with their photos, as the file has them. */
async function rowsOf(db: VemmickDatabase, keys: readonly string[]): Promise<Rows> {
  const rows = new Map<string, DatedRow>();
  for (const key of keys) {
    const [name, id] = splitKey(key);
    const row = await db.recordTable(name).get(id);
    if (row) rows.set(key, row);
  }
  const kept = [...rows];
  const whole = await withPhotos(
    db,
    kept.map(([, row]) => row),
  );
  return new Map(kept.map(([key], index) => [key, whole[index] as DatedRow]));
}

/** Type and id of a record by its key. */
export const splitKey = (key: string): readonly [RecordTypeName, string] => {
  const at = key.indexOf("/");
  return [key.slice(0, at) as RecordTypeName, key.slice(at + 1)];
};

function countsOf({ taken, conflicts }: MergePlan, known: ReadonlyMap<string, KnownVersion>): MergeCounts {
  const isHere = (id: string): boolean => known.get(versionKey("traveller", id))?.isGone === false;
  const cards = new Map<string, "new" | "changed" | "gone">();
  let others = 0;
  for (const { name, id, row, effect } of taken) {
    if (effect !== "row") continue;
    if (name === "traveller") cards.set(id, row === null ? "gone" : isHere(id) ? "changed" : "new");
    else if (name === "station") {
      const card = id.slice(0, id.indexOf("/"));
      if (!cards.has(card)) cards.set(card, "changed");
    } else others += 1;
  }
  const count = (what: string): number => [...cards.values()].filter((each) => each === what).length;
  return { newCards: count("new"), changedCards: count("changed"), goneCards: count("gone"), others, conflicts: conflicts.length };
}

/**
 * Reads the file of another device and says what merging it would do, against what is here now.
 * @errors those of parseTeamFile; 'file-own' for the file of this device itself; those of the store
 */
export async function readTeamFile(db: VemmickDatabase, file: Blob, onProgress?: Progress): Promise<Result<ReadTeamFile, Failure>> {
  try {
    const device = await db.transaction("rw", db.settings, () => teamDevice(db));
    const known = await noteHere(db, device.id);
    const read = parseTeamFile(await file.text(), (version) => isNews(known.get(version.key), version), onProgress);
    if (!read.ok) return read;
    const theirs = read.value;
    const { writer } = theirs.section;
    if (writer.id === device.id) return fail({ code: "file-own" });
    const rows = await rowsOf(db, changedOnBoth(known, theirs));
    const mine: Mine = { device: device.id, versions: known, rowOf: (name, id) => rows.get(versionKey(name, id)) };
    const plan = planMerge(mine, theirs);
    return ok({
      from: { id: writer.id, name: writer.name },
      at: theirs.exportedAt,
      plan,
      known,
      counts: countsOf(plan, known),
      leftOut: plan.homeless.length + theirs.faults.length,
    });
  } catch (error) {
    return fail(toStorageFailure(error));
  }
}
