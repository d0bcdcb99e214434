/** A winding, several joined inside, or a part on posts of its own, that stands alone on an insulation test. Ids are persisted in cells. */
export const WINDING_GROUPS = ["all", "main", "start", "half-1", "half-2", "switch", "capacitor"] as const;
export type WindingGroup = (typeof WINDING_GROUPS)[number];
