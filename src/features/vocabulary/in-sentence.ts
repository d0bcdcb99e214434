/** Words that begin a line, inside a sentence: a short form stays as it is written, PTC for one. */
export const inSentence = (words: string): string =>
  /^[A-Z]{2}/.test(words) ? words : words.replace(/^./, (letter) => letter.toLowerCase());
