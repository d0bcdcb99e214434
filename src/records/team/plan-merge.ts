import { compareMoments } from "@/core/kept";
import { cardOf, RECORD_TYPE_NAMES, recordKindOf, type RecordTypeName } from "../record-kinds";
import type { DatedRow, RecordLists } from "../record-types";
import { sharedPart } from "./own-fields";
import { versionKey, type KnownVersion, type TeamSection } from "./team-section";
import { compareVersions, joinVersions, nextVersion, type VersionVector } from "./version-vector";

/** A record, or that it was taken away. */
export interface Side {
  /** null: taken away */
  readonly row: DatedRow | null;
  readonly version: KnownVersion;
}

/** `known`: nothing of the record changes, only what is known of it; `moment`: it says the same, of a later moment; `row`: it changes. */
type Effect = "known" | "moment" | "row";

/** What merging does with one record. */
export interface MergeStep {
  readonly name: RecordTypeName;
  readonly id: string;
  /** as it will be; null: it is taken away, or stays as it is */
  readonly row: DatedRow | null;
  readonly version: KnownVersion;
  readonly effect: Effect;
}

/** A record that both have changed: a person chooses. */
export interface Conflict {
  readonly name: RecordTypeName;
  readonly id: string;
  readonly mine: Side;
  readonly theirs: Side;
}

/** What is of another device's file, record by record, before anything is done. */
export interface MergePlan {
  readonly taken: readonly MergeStep[];
  readonly conflicts: readonly Conflict[];
  /** records whose card is neither here nor there */
  readonly homeless: readonly { readonly name: RecordTypeName; readonly row: DatedRow }[];
}

/** What is here: versions of everything, once changes were noted, and rows, with their photos, where they are asked for. */
export interface Mine {
  /** id of this device */
  readonly device: string;
  readonly versions: ReadonlyMap<string, KnownVersion>;
  readonly rowOf: (name: RecordTypeName, id: string) => DatedRow | undefined;
}

/** The file of another device. */
export interface Theirs {
  readonly section: TeamSection;
  readonly records: RecordLists;
}

const NEVER: VersionVector = {};

/** Rows of a file by `type/id`. */
function rowsByKey(records: RecordLists): ReadonlyMap<string, { readonly name: RecordTypeName; readonly row: DatedRow }> {
  const rows = new Map<string, { readonly name: RecordTypeName; readonly row: DatedRow }>();
  for (const name of RECORD_TYPE_NAMES) for (const row of records[name]) rows.set(versionKey(name, row.id), { name, row });
  return rows;
}

const nameOf = (key: string): RecordTypeName => key.slice(0, key.indexOf("/")) as RecordTypeName;
const idOf = (key: string): string => key.slice(key.indexOf("/") + 1);

/** The card something belongs to, by its id alone: what is gone has no more than that. */
const cardOfId = (name: RecordTypeName, id: string): string | null =>
  name === "traveller" || recordKindOf(name).cardField === undefined ? null : id.slice(0, id.indexOf("/"));

/** Cards that were taken away there and changed here: they stay, with everything on them. */
function staying({ versions }: Mine, { section }: Theirs): ReadonlySet<string> {
  const stays = section.versions.filter((theirs) => {
    const mine = versions.get(theirs.key);
    return nameOf(theirs.key) === "traveller" && theirs.isGone && mine?.isGone === false && standsTo(mine, theirs) !== "newer";
  });
  return new Set(stays.map(({ key }) => idOf(key)));
}

/** Whether two rows say the same to a team: apart from the moment they were last changed at, and from what is each device's own. */
const saysSame = (name: RecordTypeName, a: DatedRow, b: DatedRow): boolean =>
  JSON.stringify(sharedPart(name, a)) === JSON.stringify(sharedPart(name, b));

/** Keys that both sides have changed: their rows are asked for. */
export function changedOnBoth(versions: ReadonlyMap<string, KnownVersion>, { section }: Theirs): readonly string[] {
  return section.versions.filter((theirs) => standsTo(versions.get(theirs.key), theirs) === "both").map(({ key }) => key);
}

/** Whether a version of another device is anything that is not known here. */
export function isNews(mine: KnownVersion | undefined, theirs: KnownVersion): boolean {
  const order = standsTo(mine, theirs);
  return order === "newer" || order === "both";
}

/** Two devices of one id would make versions that look the same: the moment of the change tells them apart. */
function standsTo(mine: KnownVersion | undefined, theirs: KnownVersion): ReturnType<typeof compareVersions> {
  const order = compareVersions(theirs.of, mine?.of ?? NEVER);
  return order === "same" && mine !== undefined && (mine.isGone !== theirs.isGone || (!mine.isGone && mine.at !== theirs.at))
    ? "both"
    : order;
}

/**
 * Merges the file of another device into what is here, record by record: the version that knows of the other is taken; where
 * both were changed and say the same, the later one; where one was taken away and the other changed, it stays; everything
 * else is for a person to choose. The outcome does not depend on the order in which files are read.
 */
export function planMerge(mine: Mine, theirs: Theirs): MergePlan {
  const rows = rowsByKey(theirs.records);
  const taken: MergeStep[] = [];
  const conflicts: Conflict[] = [];
  const cardsStaying = staying(mine, theirs);
  for (const version of theirs.section.versions) {
    const { key } = version;
    const [name, id] = [nameOf(key), idOf(key)];
    const known = mine.versions.get(key);
    const row = rows.get(key)?.row ?? null;
    // A version without its record: the file is of an older state than it says, or the record was no good.
    if (row === null && !version.isGone) continue;
    const order = standsTo(known, version);
    if (order === "same" || order === "older") continue;
    if (order === "newer" && version.isGone && known?.isGone === false && cardsStaying.has(cardOfId(name, id) ?? "")) {
      const of = nextVersion(version.of, mine.device);
      taken.push({ name, id, row: null, version: { ...known, of }, effect: "known" });
      continue;
    }
    if (order === "newer" || known === undefined) {
      taken.push({
        name,
        id,
        row: version.isGone ? null : row,
        version,
        effect: version.isGone && (known === undefined || known.isGone) ? "known" : "row",
      });
      continue;
    }
    const of = joinVersions(known.of, version.of);
    const here = known.isGone ? null : (mine.rowOf(name, id) ?? null);
    if (version.isGone || row === null) {
      taken.push({ name, id, row: here, version: { ...known, of }, effect: "known" });
    } else if (here === null) {
      taken.push({ name, id, row, version: { ...version, of }, effect: "row" });
    } else if (saysSame(name, here, row)) {
      const isLater = compareMoments(known.at, version.at) < 0;
      taken.push({
        name,
        id,
        row: isLater ? row : here,
        version: { key, of, at: isLater ? version.at : known.at, isGone: false },
        effect: isLater ? "moment" : "known",
      });
    } else {
      conflicts.push({ name, id, mine: { row: here, version: known }, theirs: { row, version } });
    }
  }
  return parted(mine, { taken, conflicts });
}

/** Leaves out what has no card to belong to. */
function parted({ versions }: Mine, { taken, conflicts }: Omit<MergePlan, "homeless">): MergePlan {
  const comes = new Set(taken.filter(({ name, row }) => name === "traveller" && row !== null).map(({ id }) => id));
  const goes = new Set(taken.filter(({ name, row }) => name === "traveller" && row === null).map(({ id }) => id));
  const isHere = (card: string): boolean => {
    const known = versions.get(versionKey("traveller", card));
    return comes.has(card) || (!goes.has(card) && known !== undefined && !known.isGone);
  };
  const isHomeless = ({ name, row }: MergeStep): boolean => {
    const card = row === null || name === "traveller" ? null : cardOf(name, row);
    return card !== null && !isHere(card);
  };
  return {
    taken: taken.filter((each) => !isHomeless(each)),
    conflicts,
    homeless: taken.filter(isHomeless).flatMap(({ name, row }) => (row === null ? [] : [{ name, row }])),
  };
}

/** What a person chose of a record that both have changed. */
export type Choice = "mine" | "theirs";

/**
 * A choice as what is taken. It is a change of its own, by this device: whoever chose otherwise is asked again.
 * @param at the moment of the choice, later than either side
 */
export function chosen({ name, id, mine, theirs }: Conflict, choice: Choice, of: VersionVector, at: string): MergeStep {
  const { row } = choice === "mine" ? mine : theirs;
  return {
    name,
    id,
    row: row && { ...row, updatedAt: at },
    version: { key: mine.version.key, of, at, isGone: row === null },
    effect: "row",
  };
}
