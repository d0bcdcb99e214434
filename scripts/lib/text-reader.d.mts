/** Lays the reader of text where the program serves them from. */
export function layOutTextReader(): void;
