/** Fields of a plate that are read from a picture. */
export const PHOTO_PLATE_FIELDS = ["volts", "hertz", "amps", "rpm", "power", "capacitor"] as const;
export type PhotoPlateField = (typeof PHOTO_PLATE_FIELDS)[number];

/** Fields of a capacitor's label that are read from a picture, in the order labels have them. */
export const PHOTO_LABEL_FIELDS = ["capacitance", "tolerance", "volts"] as const;
export type PhotoLabelField = (typeof PHOTO_LABEL_FIELDS)[number];
