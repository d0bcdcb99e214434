"use client";
import { KeptPhoto } from "@/features/from-photo/KeptPhoto";
import { LabelFromPhoto } from "@/features/from-photo/LabelFromPhoto";
import type { InstrumentProps } from "../../station/contract";

type Props = Pick<InstrumentProps<"capacitor", unknown>, "record" | "change"> & { readonly onLabel: (label: string) => void };

/** The label read from a photo, and the photo that was kept of it. */
export default function LabelPhoto({ record, change, onLabel }: Props) {
  return (
    <div className="flex flex-wrap items-end gap-3">
      <LabelFromPhoto label={record.label} onLabel={onLabel} onKeep={(photo) => change((r) => ({ ...r, photo }))} />
      <KeptPhoto photo={record.photo} of="label" onAway={() => change((r) => ({ ...r, photo: null }))} />
    </div>
  );
}
