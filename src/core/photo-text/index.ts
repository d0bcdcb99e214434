export { type PhotoCandidate, type FieldReading } from "./candidate";
export { makeReady, readLines, type ReadOneLine, type ReadyPicture } from "./read-picture";
export { type ReadLine, type ReadText } from "./read-line";
export { isLikeWhatWasAsked } from "./likeness";
export { readPlate } from "./plate";
export { type PhotoLabelField, type PhotoPlateField } from "./fields";
export { readCapacitorLabel } from "./label";
export { readStamp } from "./stamp";
