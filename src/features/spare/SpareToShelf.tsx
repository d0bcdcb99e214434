"use client";
import { useState } from "react";
import type { TravellerId } from "@/records";
import { readCardRows } from "@/store/card-rows";
import { toKeptCard } from "@/store/kept-card";
import { addSpare, type NewPart, type Spared } from "@/store/parts";
import { useHouse } from "@/store/house-rules";
import { PART_KIND_WORDS, PART_STATE_WORDS } from "../vocabulary/swap-words";
import { settledStudies } from "./settle-card";
import { smallPhoto } from "./small-photo";
import { photosOf, spareOf } from "./spare";
import { SPARES, type Spare } from "@/core/traveller";

const WHY: Partial<Record<NonNullable<NewPart["state"]>, string>> = {
  "for-parts": " Something condemns it, so it is for parts only.",
  untested: " What makes it a tested spare was not measured: it is measured before it goes in.",
  used: " Its start gear, its shaft or a bearing seat was found bad: that is mended before it goes in.",
};
const SPARED: Record<Spared, (part: NewPart) => string> = {
  put: ({ label, state = "used" }) => `On the Shelf: ${label}, ${PART_STATE_WORDS[state].toLowerCase()}.${WHY[state] ?? ""}`,
  "there-already": ({ label }) => `${label} of this card has its line on the Shelf already: change its count there.`,
  "not-kept": () => "It could not be kept on this device. Try again.",
};

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
    const spared = await addSpare({ ...part, photo: await smallPhoto(photosOf(spare, card)) });
    setSaid(SPARED[spared](part));
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
