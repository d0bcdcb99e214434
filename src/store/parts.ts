"use client";
import { useEffect, useMemo } from "react";
import { BLANK_SHEET, type MotorSheet } from "@/core/match/sheet-schema";
import { partType, type PartMove, type Part } from "@/records";
import { changeRow, prepareToKeep } from "./change-row";
import { database } from "./database";
import { forget, settle } from "./journal";
import { noteNew } from "./note-new";
import { useLeftUnsaved, useLive, type Live } from "./live";
import { soundRow } from "./sound-row";
import { attempt } from "./storage-status";
import { allWithUnsaved } from "./unsaved";
import { buyInto, firstCounting } from "./stock-moves";
import { deleteParts } from "./delete-records";
import { writing, type VemmickDatabase } from "./vemmick-database";

const byLabel = (a: Part, b: Part): number => a.label.localeCompare(b.label, "en", { numeric: true });

/** The shelf, live, in the order of labels as people sort them. */
export function useParts(): Live<readonly Part[]> {
  useEffect(prepareToKeep, []);
  const kept = useLive(async (): Promise<readonly Part[]> => (await database().parts.toArray()).map((row) => soundRow(partType, row)), []);
  const left = useLeftUnsaved();
  return useMemo(
    () =>
      kept.state === "ready" ? { state: "ready", value: [...allWithUnsaved("part", kept.value, () => true, left)].sort(byLabel) } : kept,
    [kept, left],
  );
}

/** What is known of a new line; the rest of it is as on a blank one. */
export type NewPart = Partial<Omit<Part, "id" | "isDemo" | "updatedAt">> & Pick<Part, "kind" | "label">;

const lineOf = (part: NewPart): Part =>
  ({ ...partType.blank(crypto.randomUUID()), quantity: 1, ...part, updatedAt: new Date().toISOString() }) as Part;

/** Puts a line there, its pieces counted. Part of a transaction. */
export const beginLine = (db: VemmickDatabase, line: Part): Promise<unknown> =>
  Promise.all([db.parts.add(line), db.moves.put(firstCounting(line, ""))]);

/** Adds pieces that came in to a line. */
export async function addPieces(id: string, pieces: number): Promise<boolean> {
  const db = database();
  const at = new Date().toISOString();
  return attempt(() => writing(db, () => buyInto(db, id, pieces, at)));
}

/** What became of the pieces of a line, the latest first, live. */
export const useMoves = (id: string): Live<readonly PartMove[]> =>
  useLive(async () => (await database().moves.where("partId").equals(id).toArray()).sort((a, b) => (a.at < b.at ? 1 : -1)), [id]);

/** Puts one line on the shelf; its id, or null when it could not be kept. */
export async function addPart(part: NewPart): Promise<string | null> {
  const db = database();
  const line = lineOf(part);
  // Noted in the turn of the press: a crash before the tables have it loses no line.
  const noted = noteNew(db, "part", line);
  const isKept = await attempt(() => writing(db, () => beginLine(db, line)));
  settle(db, noted);
  forget(noted);
  return isKept ? line.id : null;
}

/** What came of putting a spare of a card on the shelf. */
export type Spared = "put" | "there-already" | "not-kept";

/** A motor of a card is one; of its smaller parts several may lie there, told apart by their labels. */
const isSameSpare = (line: Part, part: NewPart): boolean =>
  line.kind === part.kind && line.tested?.cardId === part.tested?.cardId && (part.kind === "motor" || line.label === part.label);

/** Puts a spare of a card on the shelf once, however often it is pressed, and in however many tabs. */
export async function addSpare(part: NewPart): Promise<Spared> {
  const db = database();
  let spared: Spared = "put";
  const isKept = await attempt(() =>
    writing(db, async () => {
      const isThere = part.tested != null && (await db.parts.filter((line) => isSameSpare(line, part)).count()) > 0;
      spared = isThere ? "there-already" : "put";
      if (!isThere) await beginLine(db, lineOf(part));
    }),
  );
  return isKept ? spared : "not-kept";
}

/** Changes one line of the shelf. */
export async function updatePart(id: string, change: Partial<Omit<Part, "id" | "isDemo" | "updatedAt">>): Promise<boolean> {
  return changeRow("part", id, (row) => ({ ...row, ...change }));
}

/** Changes the sheet of a motor on the shelf, on what is kept of it. */
export async function changeSheet(id: string, apply: (sheet: MotorSheet) => MotorSheet): Promise<boolean> {
  return changeRow("part", id, (row) => ({ ...row, sheet: apply((row as Part).sheet ?? BLANK_SHEET) }));
}

/** Takes a line off the shelf; returns the way back, or null when it could not be done. */
export async function removePart(part: Part): Promise<(() => Promise<boolean>) | null> {
  const db = database();
  const removed: { moves: readonly PartMove[] } = { moves: [] };
  const isRemoved = await attempt(() =>
    writing(db, async () => {
      removed.moves = await db.moves.where("partId").equals(part.id).toArray();
      await deleteParts(db, [part.id]);
    }),
  );
  const putBack = () => writing(db, () => Promise.all([db.parts.put(part), db.moves.bulkPut([...removed.moves])]));
  return isRemoved ? () => attempt(putBack) : null;
}
