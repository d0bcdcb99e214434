"use client";
import { Thumb } from "../photo/Thumb";

/** The photo that was kept, beside what was read from it. */
export function KeptPhoto({ photo, of, onAway }: { photo: string | null; of: string; onAway: () => void }) {
  if (photo === null) return null;
  return (
    <figure className="flex flex-wrap items-end gap-3">
      <Thumb photo={photo} of={of} isLarge />
      <button type="button" className="btn btn-plain" onClick={onAway}>
        Take the photo away
      </button>
    </figure>
  );
}
