"use client";
import { useEffect, useMemo } from "react";
import { partType, type Part } from "@/records";
import { changeRow, prepareToKeep } from "./change-row";
import { database } from "./database";
import { useLeftUnsaved, useLive, type Live } from "./live";
import { soundRow } from "./sound-row";
import { attempt } from "./storage-status";
import { allWithUnsaved } from "./unsaved";
import { writing } from "./vemmick-database";

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

/** Puts one line on the shelf. */
export async function addPart(part: Omit<Part, "id" | "isDemo" | "updatedAt">): Promise<boolean> {
  const db = database();
  const line: Part = { ...part, id: crypto.randomUUID(), isDemo: false, updatedAt: new Date().toISOString() };
  return attempt(() => writing(db, () => db.parts.add(line)));
}

/** Changes one line of the shelf. */
export async function updatePart(id: string, change: Partial<Omit<Part, "id" | "isDemo" | "updatedAt">>): Promise<boolean> {
  return changeRow("part", id, (row) => ({ ...row, ...change }));
}

/** Takes a line off the shelf; returns the way back, or null when it could not be done. */
export async function removePart(part: Part): Promise<(() => Promise<boolean>) | null> {
  const db = database();
  const isRemoved = await attempt(() => writing(db, () => db.parts.delete(part.id)));
  return isRemoved ? () => attempt(() => writing(db, () => db.parts.put(part))) : null;
}
