export { MOST_CANDIDATES, SURE, type Candidate, type FieldReading } from "./candidate";
export { makeReady, readLines, type ReadOneLine, type ReadyPicture } from "./read-picture";
export { type ReadLine, type ReadText } from "./read-line";
export { PHOTO_PLATE_FIELDS, readPlate, type PhotoPlateField } from "./plate";
export { PHOTO_LABEL_FIELDS, readCapacitorLabel, type PhotoLabelField } from "./label";
export { readStamp } from "./stamp";
