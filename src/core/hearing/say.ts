/*
 * Phrases are written as they are said, with a few signs:
 *   squeal*      any ending        a|b       either word          [the|a]   may be there or not
 *   GROUP        any of a group    _3        up to three words    ..        anything in the same breath
 *   END          nothing behind it in the same breath     ,  may be parted by a comma
 *   STANDING     anything in the same breath but that it gets going
 */

/** Groups of words that several phrases share, by the name that stands for them. */
export type WordGroups = Readonly<Record<string, readonly string[]>>;

/** Words that turn what is said: they do not slip in between. */
const NOT_BETWEEN = "(?!(?:always|only|just|even|but|and|or|then|so)(?![\\w']))";
const BETWEEN_WORDS = "[ -]+";

/** Letters of one word, an apostrophe that is often left out. */
const word = (text: string): string => text.replace(/\*$/, "[\\w]*").replace(/'/g, "'?");

function token(text: string, groups: WordGroups): string {
  if (text === "END") return "(?= *(?:$|[,.;]))";
  const group = groups[text];
  if (group) return `(?:${group.map((phrase) => sourceOf(phrase, groups)).join("|")})`;
  return `(?:${text.split("|").map(word).join("|")})`;
}

/**
 * The pattern of one phrase, without its edges.
 * @param phrase words and signs
 * @param groups groups of words by name
 * @returns source of a regular expression, for text in lower case
 */
export function sourceOf(phrase: string, groups: WordGroups): string {
  let source = "";
  let isJoined = true;
  const tokens = phrase.split(" ");
  for (const [place, each] of tokens.entries()) {
    const words = /^_(\d?)$/.exec(each);
    const optional = /^\[(.+)\]$/.exec(each);
    if (each === ".." || each === "STANDING") {
      source += `(?![\\w'])${each === ".." ? "[^.;]{0,60}?" : "(?:(?!\\b(?:start|get|got|go|run|com)\\w*)[^.;]){0,60}?"}(?<![\\w'])`;
      isJoined = true;
    } else if (each === ",") {
      source += " *,? *";
      isJoined = true;
    } else if (words && place === tokens.length - 1 && place > 0) {
      source += `(?:${BETWEEN_WORDS}${NOT_BETWEEN}[\\w']+){0,${words[1] === "" ? "1" : (words[1] ?? "1")}}`;
    } else if (words && tokens[place + 1] === ",") {
      source += `(?:[ -]*${NOT_BETWEEN}[\\w']+){0,${words[1] === "" ? "1" : (words[1] ?? "1")}}?`;
    } else if (words) {
      source += `${isJoined ? "" : BETWEEN_WORDS}(?:${NOT_BETWEEN}[\\w']+${BETWEEN_WORDS}){0,${words[1] === "" ? "1" : (words[1] ?? "1")}}?`;
      isJoined = true;
    } else if (optional) {
      const own = token(optional[1] ?? "", groups);
      source += isJoined ? `(?:${own}${BETWEEN_WORDS})?` : `(?:${BETWEEN_WORDS}${own})?`;
    } else if (each === "END") {
      source += token(each, groups);
    } else {
      source += `${isJoined ? "" : BETWEEN_WORDS}${token(each, groups)}`;
      isJoined = false;
    }
  }
  return source;
}

/**
 * The pattern of several phrases, each on its own word edges.
 * @param phrases words and signs
 * @param groups groups of words by name
 * @param edges what must not stand before and behind
 * @returns a pattern that finds them all
 */
export function patternOf(
  phrases: readonly string[],
  groups: WordGroups,
  edges: { readonly notBehind?: readonly string[]; readonly notBefore?: readonly string[] } = {},
): RegExp {
  const any = (list: readonly string[]): string => list.map((phrase) => sourceOf(phrase, groups)).join("|");
  const behind = edges.notBehind ? `(?<!(?<![\\w'])(?:${any(edges.notBehind)})[ ,]+)` : "";
  const before = edges.notBefore ? `(?!${BETWEEN_WORDS}(?:${any(edges.notBefore)})(?![\\w']))` : "";
  return new RegExp(`${behind}(?<![\\w'])(?:${any(phrases)})(?![\\w'])${before}`, "g");
}
