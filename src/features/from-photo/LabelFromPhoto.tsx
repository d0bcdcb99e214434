"use client";
import { useState } from "react";
import { PHOTO_LABEL_FIELDS, type PhotoLabelField } from "@/core/photo-text/fields";
import { FromPhoto } from "./FromPhoto";

interface LabelFromPhotoProps {
  /** as it stands in its field */
  readonly label: string;
  readonly onLabel: (label: string) => void;
  readonly onKeep?: (photo: string) => void;
  readonly mostCharacters?: number;
}

type Taken = Readonly<Partial<Record<PhotoLabelField, string>>>;

/** A label made of what was taken of it, in the order labels have. */
const composeLabel = (taken: Taken): string => PHOTO_LABEL_FIELDS.flatMap((field) => taken[field] ?? []).join(" ");

/** A capacitor's label read from a photo: what is taken of it makes the label, part by part. */
export function LabelFromPhoto({ label, onLabel, onKeep, mostCharacters }: LabelFromPhotoProps) {
  const [taken, setTaken] = useState<Taken>({});
  const isOwn = label.trim() === "" || label === composeLabel(taken);
  return (
    <FromPhoto
      asked="capacitor"
      label="Label from a photo"
      // Another label that stands there is told before it gives way.
      stands={isOwn ? taken : { capacitance: label }}
      onTake={(texts) => {
        const next = isOwn ? { ...taken, ...texts } : texts;
        setTaken(next);
        onLabel(composeLabel(next));
      }}
      onKeep={onKeep ?? null}
      {...(mostCharacters === undefined ? {} : { mostCharacters })}
    />
  );
}
