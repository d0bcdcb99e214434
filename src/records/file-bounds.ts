/** Some 60,000 cards: more than a browser reads in one piece. */
export const MAX_FILE_BYTES = 400 * 1024 * 1024;
