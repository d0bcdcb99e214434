"use client";
import { KeptPhoto } from "@/features/from-photo/KeptPhoto";
import { PlateFromPhoto } from "@/features/from-photo/PlateFromPhoto";
import type { InstrumentProps } from "../../station/contract";

/** The plate read from a photo, and the photo that was kept of it. */
export default function PlatePhoto({ record, change }: Pick<InstrumentProps<"plate", unknown>, "record" | "change">) {
  return (
    <div className="flex flex-wrap items-end gap-3">
      <PlateFromPhoto
        record={record}
        onTake={(texts) => change((r) => ({ ...r, ...texts, ...(texts.amps === undefined ? {} : { areAmpsSure: false }) }))}
        onKeep={(photo) => change((r) => ({ ...r, photo }))}
      />
      <KeptPhoto photo={record.photo} of="plate" onAway={() => change((r) => ({ ...r, photo: null }))} />
    </div>
  );
}
