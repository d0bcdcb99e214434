/** Lays the fonts of PDFs where the program serves them from. */
export function layOutPaperFonts(): void;
