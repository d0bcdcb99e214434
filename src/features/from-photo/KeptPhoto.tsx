"use client";
import { useState } from "react";
import { Thumb } from "../photo/Thumb";

/** The photo that was kept, beside what was read from it: small until it is pressed, so that it takes no verdict's place. */
export function KeptPhoto({ photo, of, onAway }: { photo: string | null; of: string; onAway: () => void }) {
  const [isLarge, setLarge] = useState(false);
  if (photo === null) return null;
  return (
    <figure className="flex flex-wrap items-end gap-3">
      <button type="button" aria-pressed={isLarge} title={isLarge ? "Smaller" : "Larger"} onClick={() => setLarge(!isLarge)}>
        <Thumb photo={photo} of={of} size={isLarge ? "large" : "beside-a-button"} />
      </button>
      {isLarge ? (
        <button type="button" className="btn btn-plain" onClick={onAway}>
          Take the photo away
        </button>
      ) : null}
    </figure>
  );
}
