import type { GearSort } from "@/core/startgear";
import { GEAR_VIEWS } from "./gear-views";

/** Where the meter goes, drawn for each sort. */
export function GearDrawing({ sort }: { sort: GearSort }) {
  const { said, drawing } = GEAR_VIEWS[sort];
  return (
    <svg viewBox="0 0 220 170" role="img" aria-label={said} className="block w-full max-w-[240px]" fontSize="12.5" fill="var(--ink)">
      {drawing}
    </svg>
  );
}
