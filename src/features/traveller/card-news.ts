import type { CardAnswer } from "./card-answer";

/** What of an answer differs from the one that was given before: the rest need not travel, nor be drawn again. */
export interface CardNews {
  /** name of this answer */
  readonly name: string;
  readonly changed: Partial<CardAnswer>;
}

type Part = keyof CardAnswer;

/** Tells answers by what changed in them. */
export type TellNews = (answer: CardAnswer, have: string | null) => CardNews;

/**
 * Remembers the last answer, part by part.
 * @returns what tells the next one: `have` is the name of the answer that whoever asks has; of another, all is news
 */
export function createNews(): TellNews {
  const line = crypto.randomUUID();
  let count = 0;
  let last: { readonly name: string; readonly texts: ReadonlyMap<Part, string> } | null = null;
  return (answer, have) => {
    const parts = Object.keys(answer) as Part[];
    const texts = new Map(parts.map((part) => [part, JSON.stringify(answer[part])]));
    const known = last !== null && last.name === have ? last.texts : null;
    const changed = parts.filter((part) => known?.get(part) !== texts.get(part));
    count += 1;
    last = { name: `${line}/${count}`, texts };
    return { name: last.name, changed: Object.fromEntries(changed.map((part) => [part, answer[part]])) };
  };
}

/** The answer whole again. */
export const withNews = (before: CardAnswer | null, { changed }: CardNews): CardAnswer => ({ ...before, ...changed }) as CardAnswer;
