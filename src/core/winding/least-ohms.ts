/* How small a sound winding may be. Trade judgement: large and hermetic motors have mains of 0.3 to 1.5 Ω. */

/** No main winding of this trade has less [Ω]. */
export const LEAST_MAIN_OHM = 0.2;
/** Nor less than this part of its start winding's ohms. */
export const LEAST_MAIN_PART = 1 / 12;
