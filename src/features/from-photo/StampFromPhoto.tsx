"use client";
import { FromPhoto } from "./FromPhoto";

interface StampFromPhotoProps {
  readonly stamped: string;
  readonly onStamped: (stamped: string) => void;
  readonly onKeep?: (photo: string) => void;
  readonly mostCharacters?: number;
}

/** A bearing's number read from a photo. */
export function StampFromPhoto({ stamped, onStamped, onKeep, mostCharacters }: StampFromPhotoProps) {
  return (
    <FromPhoto
      asked="bearing"
      label="Number from a photo"
      stands={{ designation: stamped }}
      onTake={({ designation }) => {
        if (designation !== undefined) onStamped(designation);
      }}
      onKeep={onKeep ?? null}
      {...(mostCharacters === undefined ? {} : { mostCharacters })}
    />
  );
}
