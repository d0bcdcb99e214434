"use client";
import { PHOTO_PLATE_FIELDS, type PhotoPlateField } from "@/core/photo-text/fields";
import { FromPhoto } from "./FromPhoto";

type PlateTexts = Readonly<Record<PhotoPlateField, string>>;

interface PlateFromPhotoProps {
  /** the plate's fields as they stand, among whatever else the record has */
  readonly record: PlateTexts;
  readonly onTake: (texts: Partial<PlateTexts>) => void;
  readonly onKeep?: (photo: string) => void;
}

/** A plate's fields read from a photo. */
export function PlateFromPhoto({ record, onTake, onKeep }: PlateFromPhotoProps) {
  const stands = Object.fromEntries(PHOTO_PLATE_FIELDS.map((field) => [field, record[field]]));
  return <FromPhoto asked="plate" label="Plate from a photo" stands={stands} onTake={onTake} onKeep={onKeep ?? null} />;
}
