"use client";
import { useMemo } from "react";
import type { TravellerId } from "@/records";
import { useCardRows } from "./card-rows";
import { setKeeping } from "./change-row";
import * as keeping from "./keeping";
import { toKeptCard, type KeptCard } from "./kept-card";
import type { Live } from "./live";

export { assessKept, type KeptCard } from "./kept-card";
export { type Live } from "./live";

setKeeping(keeping);

/** One card with what was keyed on it and its earlier visits, every row held against its schema, live. */
export function useCard(id: TravellerId | null): Live<KeptCard> {
  const card = useCardRows(id);
  const rows = card.state === "ready" ? card.value : null;
  const value = useMemo(() => rows && toKeptCard(rows), [rows]);
  return value ? { state: "ready", value } : (card as Exclude<typeof card, { state: "ready" }>);
}
