"use client";
import type { Part } from "@/records";
import { database } from "./database";
import { useLive, type Live } from "./queries";
import { keep } from "./storage-status";

/** The shelf, live, in the order of labels as people sort them. */
export function useParts(): Live<readonly Part[]> {
  return useLive(
    async () => (await database().parts.toArray()).sort((a, b) => a.label.localeCompare(b.label, "en", { numeric: true })),
    [],
  );
}

/** Puts one line on the shelf. */
export async function addPart(part: Omit<Part, "id" | "isDemo" | "updatedAt">): Promise<boolean> {
  return keep(() => database().parts.add({ ...part, id: crypto.randomUUID(), isDemo: false, updatedAt: new Date().toISOString() }));
}

/** Changes one line of the shelf. */
export async function updatePart(id: string, change: Partial<Omit<Part, "id" | "isDemo" | "updatedAt">>): Promise<boolean> {
  return keep(() => database().parts.update(id, { ...change, updatedAt: new Date().toISOString() }));
}

/** Takes a line off the shelf; returns the way back, or null when it could not be done. */
export async function removePart(part: Part): Promise<(() => Promise<boolean>) | null> {
  const isRemoved = await keep(() => database().parts.delete(part.id));
  return isRemoved ? () => keep(() => database().parts.put(part)) : null;
}
