import type { PhotoLabelField, PhotoPlateField, ReadLine } from "@/core/photo-text";

/** What a photo is of. */
export type PhotoOf = "plate" | "capacitor" | "bearing";
/** The fields of each. */
export type FieldOf = { readonly plate: PhotoPlateField; readonly capacitor: PhotoLabelField; readonly bearing: "designation" };

/** Pixels, red, green, blue and opacity of each. */
export interface Picture {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray;
}

/** A plate as read, straightened. */
export interface ReadPicture {
  readonly lines: readonly ReadLine[];
  readonly straight: { readonly width: number; readonly height: number; readonly png: Uint8Array };
}
