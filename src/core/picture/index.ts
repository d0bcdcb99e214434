export { type Box, type Corners, type Spot } from "./shape";
export { findPlate, type FoundPlate } from "./find-plate";
export { straighten } from "./straighten";
export { evenOut, toImage, type EvenPicture } from "./even";
export { findLines, type TextLine, type TextPart } from "./text-lines";
export { drawLine } from "./line-picture";
