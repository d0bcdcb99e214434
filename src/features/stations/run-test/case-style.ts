import type { CaseId } from "./what-if-cases";

/** How each set of curves is drawn; the dashes alone tell them apart. */
export const CASE_STYLE: Record<CaseId, { readonly stroke: string; readonly width: number; readonly dashes?: string }> = {
  proposed: { stroke: "var(--ink)", width: 3 },
  labelled: { stroke: "var(--press)", width: 2.2, dashes: "10 5" },
  found: { stroke: "var(--close)", width: 2.6, dashes: "2 5" },
  fault: { stroke: "var(--holds)", width: 2.6, dashes: "12 4 2 4" },
};
