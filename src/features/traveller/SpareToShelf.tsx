"use client";
import { useState } from "react";
import type { TravellerId } from "@/records";
import { readCardRows } from "@/store/card-rows";
import { toKeptCard } from "@/store/kept-card";
import { addPart } from "@/store/parts";
import { useHouse } from "@/store/queries";
import { PART_KIND_WORDS, PART_STATE_WORDS } from "../vocabulary/swap-words";
import { settledStudies } from "./settle-card";
import { smallPhoto } from "./small-photo";
import { photosOf, spareOf, SPARES, type Spare } from "./spare";

/** Puts the motor, the capacitor or the bearing of a card on the shelf, with what was read of it. */
export default function SpareToShelf({ id }: { id: TravellerId }) {
  const house = useHouse();
  const [said, setSaid] = useState<string | null>(null);
  const put = async (spare: Spare): Promise<void> => {
    const rows = await readCardRows(id);
    if (rows === null || house === null) return;
    const card = toKeptCard(rows);
    const part = spareOf(spare, card, house.figures, await settledStudies(card, house.figures));
    if (part === null) {
      setSaid(`This card does not say which ${PART_KIND_WORDS[spare].one.toLowerCase()} it is: key its plate or label first.`);
      return;
    }
    const kept = await addPart({ ...part, photo: await smallPhoto(photosOf(spare, card)) });
    setSaid(
      kept === null
        ? "It could not be kept on this device. Try again."
        : `On the Shelf: ${part.label}, ${PART_STATE_WORDS[part.state ?? "used"].toLowerCase()}.${part.state === "for-parts" ? " Something condemns it, so it is for parts only." : ""}`,
    );
  };
  return (
    <section aria-label="To the Shelf" className="flex flex-col gap-2 border-t border-rule pt-4">
      <p className="text-[14px] text-ink-soft">As a spare on the Shelf, with what was read of it:</p>
      <div className="flex flex-wrap gap-2">
        {SPARES.map((spare) => (
          <button key={spare} type="button" className="btn" disabled={house === null} onClick={() => void put(spare)}>
            {PART_KIND_WORDS[spare].one}
          </button>
        ))}
      </div>
      {said ? (
        <p role="status" className="text-[14px]">
          {said}
        </p>
      ) : null}
    </section>
  );
}
