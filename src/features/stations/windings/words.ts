import type { Entry } from "@/core/quantity";
import { LEAD_PAIRS, type LeadIndex, type PairIndex, type WindingRole } from "@/core/winding";
import { type WindingsDetail } from "./sentences";

export type Roles = [WindingRole | null, WindingRole | null, WindingRole | null];

export function settledRoles({ answer }: WindingsDetail): Roles {
  if (answer.kind === "named") return [...answer.roles];
  if (answer.kind === "equal-windings") return ([0, 1, 2] as const).map((lead) => (lead === answer.common ? "common" : null)) as Roles;
  if (answer.kind === "lead-open") return ([0, 1, 2] as const).map((lead) => (lead === answer.lead ? answer.role : null)) as Roles;
  return [null, null, null];
}

export const pairOf = (a: LeadIndex, b: LeadIndex): PairIndex =>
  LEAD_PAIRS.findIndex((pair) => pair.includes(a as never) && pair.includes(b as never)) as PairIndex;

export const replaceAt = <T>(items: readonly [T, T, T], index: number, item: T): [T, T, T] =>
  items.map((old, at) => (at === index ? item : old)) as [T, T, T];

export const shown = (entry: Entry | null): string => (entry?.reading ? entry.text.trim() : "");
