import type { Complaint } from "../trade";
import { ASKS, DENIAL, NOT_DENIED, PHRASES, PLAIN_WORDS, SAYS_MORE, type AskRow } from "./phrase-table";

/** A stretch of the text as typed, from its first sign to behind its last. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

/** What a text was understood as. */
export interface Hearing {
  readonly heard: readonly Complaint[];
  /** said not to be so: no smell, not hot */
  readonly denied: readonly Complaint[];
  /** understood, except for which of several is meant */
  readonly asks: readonly { readonly id: AskRow["id"]; readonly options: readonly Complaint[] }[];
  /** words nothing was made of, in their order */
  readonly unheard: readonly Span[];
}

interface Found extends Span {
  readonly complaint: Complaint;
}

const COMPILED = PHRASES.map(([complaint, phrase]) => ({ complaint, pattern: new RegExp(phrase, "g") }));
const ASKED = ASKS.map((row) => ({ ...row, pattern: new RegExp(row.phrase, "g") }));
/** Longer texts are notes: the rest is kept and not read. */
const MOST_CHARACTERS = 2000;

/** One sign for each sign, so that places in it are places in the text. */
const normalise = (text: string): string =>
  text
    .slice(0, MOST_CHARACTERS)
    .toLowerCase()
    .replace(/[\u2018\u2019`´]/g, "'")
    .replace(/[\s\u00a0]/g, " ");

function matches(said: string, pattern: RegExp): Span[] {
  return [...said.matchAll(pattern)]
    .filter(([text]) => text !== "")
    .map((match) => ({ from: match.index, to: match.index + match[0].length }));
}

const spansOf = (said: string, noted: readonly RegExp[]): Span[] =>
  noted.flatMap((phrase) => matches(said, new RegExp(phrase.source, "gi")));

function unheardOf(said: string, understood: readonly Span[]): Span[] {
  const words = [...said.matchAll(/[\p{L}\d][\p{L}\d'-]*/gu)].map((match) => ({
    from: match.index,
    to: match.index + match[0].length,
    text: match[0],
  }));
  const open = words.filter(
    ({ from, to, text }) => !PLAIN_WORDS.has(text) && !understood.some((span) => span.from <= from && to <= span.to),
  );
  // Words side by side are one stretch to underline.
  return open.reduce<Span[]>((spans, { from, to }) => {
    const last = spans.at(-1);
    return last && /^\s+$/.test(said.slice(last.to, from)) ? [...spans.slice(0, -1), { from: last.from, to }] : [...spans, { from, to }];
  }, []);
}

/**
 * Understands what people say of a machine: complaints of the fixed vocabulary, those denied, questions where it is open which
 * one is meant, and the words nothing was made of. The text itself is kept beside them, so nothing said is lost.
 * @param text in the person's own words
 * @param noted words that are understood elsewhere: what was done to the capacitor, a motor of another sort
 * @returns complaints, denials and questions, each with its place in the text, and what was not understood
 * @example hear("no burning smell, won't start") -> heard does-not-run, denied burning-smell
 */
export function hear(text: string, noted: readonly RegExp[] = []): Hearing {
  const said = normalise(text);
  const found = COMPILED.flatMap(({ complaint, pattern }): Found[] => matches(said, pattern).map((span) => ({ ...span, complaint })));
  const isDenied = ({ complaint, from }: Found): boolean => !NOT_DENIED.includes(complaint) && DENIAL.test(said.slice(0, from));
  const deniedSpans = found.filter(isDenied);
  const kept = found.filter((each) => !isDenied(each));
  const all = new Set(kept.map(({ complaint }) => complaint));
  const implied = new Set([...all].flatMap((complaint) => SAYS_MORE[complaint] ?? []));
  // A loud hum that does not start is no hum of a running motor.
  if (kept.some(({ complaint, from, to }) => complaint === "hums-no-start" && isStanding(said.slice(from, to)))) {
    implied.add("noisy-hum");
    implied.delete("hums-no-start");
  }
  const heard = [...all].filter((complaint) => !implied.has(complaint));
  const asks = ASKED.flatMap(({ id, options, settledBy, pattern }) => {
    const spans = matches(said, pattern);
    const isOpen = spans.some(({ from }) => !DENIAL.test(said.slice(0, from)));
    const isSettled = heard.some((complaint) => options.includes(complaint) || settledBy.includes(complaint));
    return spans.length > 0 ? [{ id, options, spans, isAsked: isOpen && !isSettled }] : [];
  });
  return {
    heard,
    denied: [...new Set(deniedSpans.map(({ complaint }) => complaint))].filter((complaint) => !heard.includes(complaint)),
    asks: asks.filter(({ isAsked }) => isAsked).map(({ id, options }) => ({ id, options })),
    unheard: unheardOf(said, [
      ...found.map((each) => widened(said, each, isDenied(each))),
      ...asks.flatMap(({ spans }) => spans),
      ...spansOf(said, noted),
    ]),
  };
}

/** The hum of a motor that stands: said together with not starting, with only humming, or with a trip. */
const isStanding = (words: string): boolean =>
  /\b(?:not|wont|cant|never|no longer|refus|fail|unable|just|only|sits|stall|trip)|n't/.test(words);

/** A denied phrase takes its denial with it. */
function widened(said: string, span: Span, isDenied: boolean): Span {
  if (!isDenied) return span;
  const denial = DENIAL.exec(said.slice(0, span.from));
  return denial ? { from: denial.index, to: span.to } : span;
}
