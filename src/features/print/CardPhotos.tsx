"use client";
import { isLoose } from "@/core/kept";
import { STATION_IDS } from "@/core/stations";
import type { KeptCard } from "@/store/queries";
import { isPhoto } from "@/store/photos";
import { usePhoto } from "@/store/usePhoto";
import { STATION_LABELS } from "../stations/labels";

/** A photo of a card, and what it is of. */
export interface CardPhoto {
  readonly photo: string;
  readonly of: string;
}

/** Names a thing may have beside its photo. */
const NAMES = ["what", "label", "part", "name", "mark"] as const;

/** Photos anywhere in a record, with the name that stands beside each. */
function photosIn(value: unknown, of: string): CardPhoto[] {
  if (Array.isArray(value)) return value.flatMap((each) => photosIn(each, of));
  if (!isLoose(value)) return [];
  const named = NAMES.map((name) => value[name]).find((name): name is string => typeof name === "string" && name.trim() !== "");
  const own = named === undefined ? of : `${of}: ${named.trim()}`;
  return Object.values(value).flatMap((each) =>
    typeof each === "string" ? (isPhoto(each) ? [{ photo: each, of: own }] : []) : photosIn(each, own),
  );
}

/** Every photo of a card, in the order of its stations, each once. */
export function photosOf({ entries }: Pick<KeptCard, "entries">): readonly CardPhoto[] {
  const all = STATION_IDS.flatMap((id) => photosIn(entries[id]?.data, STATION_LABELS[id].title));
  return all.filter(({ photo }, index) => all.findIndex((other) => other.photo === photo) === index);
}

function Picture({ photo, of }: CardPhoto) {
  const picture = usePhoto(photo);
  if (picture === null) return <p role="status">Reading the photo …</p>;
  if (picture === "gone") return <p>Photo not on this device</p>;
  // eslint-disable-next-line @next/next/no-img-element -- a data address: nothing to optimise or fetch
  return <img src={picture} alt={`Photo: ${of}`} className="max-h-[90mm] max-w-full border border-rule" />;
}

/** Photos of a card on paper, two beside one another. */
export function CardPhotos({ card }: { card: KeptCard }) {
  const photos = photosOf(card);
  return photos.length === 0 ? null : (
    <section aria-label="Photos" className="border-b border-rule py-2">
      <h2 className="font-bold">Photos</h2>
      <div className="mt-1 grid grid-cols-2 gap-3">
        {photos.map(({ photo, of }) => (
          <figure key={photo} className="break-inside-avoid">
            <Picture photo={photo} of={of} />
            <figcaption className="text-[0.86em]">{of}</figcaption>
          </figure>
        ))}
      </div>
    </section>
  );
}
