export type { TextReader, TextReaderSource } from "./port";
export { TESSERACT } from "./tesseract";
