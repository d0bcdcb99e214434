import type { Course, Event } from "../diagnosis";
import type { Complaint, Drive, MachineKind } from "../trade";
import { ASKS, PLAIN_WORDS, SAYS_MORE, type AskRow } from "./asks";
import { AMPS_AND_PLATE, PHRASES } from "./complaint-words";
import { FINDING_WORDS, type ToldFinding } from "./finding-words";
import { GROUPS } from "./groups";
import { COURSE_WORDS, EVENT_WORDS } from "./history-words";
import { hearMachine } from "./machine";
import { patternOf } from "./say";
import { NOT_STANDING } from "./standing-words";
import { saidAsSo, turnOf } from "./turn";
import type { SaidTurn } from "./turns";

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
  /** said to have been so, and to be over */
  readonly over: readonly Complaint[];
  /** what somebody else supposes */
  readonly guessed: readonly Complaint[];
  /** understood, except for which of several is meant */
  readonly asks: readonly { readonly id: AskRow["id"]; readonly options: readonly Complaint[] }[];
  /** how it came about, and what came before */
  readonly course: readonly Course[];
  readonly after: readonly Event[];
  /** the machine and its drive, where the sentence names one */
  readonly machineKind: MachineKind | null;
  readonly drive: Drive | null;
  /** what somebody found: it counts once it is seen or felt at its station */
  readonly told: readonly ToldFinding[];
  /** words nothing was made of, in their order */
  readonly unheard: readonly Span[];
}

interface Found extends Span {
  readonly complaint: Complaint;
}

const COMPILED = [
  ...PHRASES.map(({ of, say, ...edges }) => ({ complaint: of, pattern: patternOf(say, GROUPS, edges) })),
  { complaint: "high-current" as const, pattern: AMPS_AND_PLATE },
];
const COURSES_SAID = COURSE_WORDS.map(({ of, say }) => ({ of, pattern: patternOf(say, GROUPS) }));
const EVENTS_SAID = EVENT_WORDS.map(({ of, say }) => ({ of, pattern: patternOf(say, GROUPS) }));
const FINDINGS_SAID = FINDING_WORDS.map(({ of, say }) => ({ of, pattern: patternOf(say, GROUPS) }));
const ASKED = ASKS.map((row) => ({ ...row, pattern: patternOf(row.say, GROUPS) }));
const RUNS_IN_PART = patternOf(NOT_STANDING, GROUPS);
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

/** Complaints of a motor that stands, is slow or turns wrong: not where one speed, one direction or the control is meant. */
const OF_WHOLE: ReadonlySet<Complaint> = new Set(["does-not-run", "dead", "cuts-out-and-returns", "slow-or-weak", "runs-backwards"]);
const overlap = (one: Span, other: Span): boolean => one.from < other.to && other.from < one.to;

/** The rows of a table that the text has, each with its places. */
const rowsOf = <Of>(said: string, rows: readonly { readonly of: Of; readonly pattern: RegExp }[]): { of: Of; spans: Span[] }[] =>
  rows.map(({ of, pattern }) => ({ of, spans: matches(said, pattern) })).filter(({ spans }) => spans.length > 0);

/** Of phrases one inside the other the longer is meant: never squeals until warm, and not *until warm*. */
const longest = <Of>(rows: readonly { of: Of; spans: Span[] }[]): { of: Of; spans: Span[] }[] => {
  const all = rows.flatMap(({ spans }) => spans);
  const isInside = (span: Span): boolean =>
    all.some((other) => other.from <= span.from && span.to <= other.to && other.to - other.from > span.to - span.from);
  return rows.map(({ of, spans }) => ({ of, spans: spans.filter((span) => !isInside(span)) })).filter(({ spans }) => spans.length > 0);
};

/**
 * Understands what people say of a machine: complaints of the fixed vocabulary, those denied, over or only supposed, questions
 * where it is open which one is meant, how it came about, machine and drive, and the words nothing was made of. The text itself
 * is kept beside them, so nothing said is lost.
 * @param text in the person's own words
 * @param noted words that are understood elsewhere: what was done to the capacitor, a motor of another sort
 * @returns what was heard, with the places of what was not understood
 * @example hear("no burning smell, won't start") -> heard does-not-run, denied burning-smell
 */
export function hear(text: string, noted: readonly RegExp[] = []): Hearing {
  const said = normalise(text);
  const inPart = matches(said, RUNS_IN_PART);
  const found = COMPILED.flatMap(({ complaint, pattern }): Found[] =>
    matches(said, pattern).map((span) => ({ ...span, complaint })),
  ).filter((each) => !OF_WHOLE.has(each.complaint) || !inPart.some((part) => overlap(part, each)));
  const turned = found.map((each) => ({ ...each, ...turnOf(said, each) }));
  const isSo = saidAsSo(said);
  const told = rowsOf(said, FINDINGS_SAID).filter(({ spans }) => spans.some(({ from, to }) => isSo(from, to)));
  const [courses, events] = [longest(rowsOf(said, COURSES_SAID)), rowsOf(said, EVENTS_SAID)];
  const heard = complaintsNow(
    said,
    turned,
    courses.some(({ of }) => of === "sometimes-then-always"),
  );
  const machine = hearMachine(said);
  const only = (turn: SaidTurn): Complaint[] =>
    [...new Set(turned.flatMap((each) => (each.turn === turn ? [each.complaint] : [])))].filter((complaint) => !heard.includes(complaint));
  const asks = asksOf(said, heard);
  return {
    heard,
    denied: only("denied"),
    over: only("over"),
    guessed: only("guessed"),
    asks: asks.filter(({ isAsked }) => isAsked).map(({ id, options }) => ({ id, options })),
    course: courses.map(({ of }) => of),
    after: events.map(({ of }) => of),
    machineKind: machine.kind,
    drive: machine.drive,
    told: told.map(({ of }) => of),
    unheard: unheardOf(said, [
      ...turned.map(({ whole }) => whole),
      ...asks.flatMap(({ spans }) => spans),
      ...[...courses, ...events, ...told].flatMap(({ spans }) => spans),
      ...inPart,
      ...machine.spans,
      ...spansOf(said, noted),
    ]),
  };
}

/** Complaints of today, less what another of them says already. */
function complaintsNow(said: string, turned: readonly (Found & { readonly turn: SaidTurn })[], isAlwaysNow: boolean): Complaint[] {
  const kept = turned.filter(({ turn }) => turn === "now");
  const all = new Set(kept.map(({ complaint }) => complaint));
  const isSilent = turned.some(({ complaint, turn }) => complaint === "hums-no-start" && turn === "denied");
  // Neither a hum nor a turn: no current at all.
  if (isSilent && all.has("does-not-run")) all.add("dead");
  const implied = new Set([...all].flatMap((complaint) => SAYS_MORE[complaint] ?? []));
  if (isAlwaysNow) implied.add("intermittent");
  // A loud hum that does not start is no hum of a running motor.
  if (kept.some(({ complaint, from, to }) => complaint === "hums-no-start" && isStanding(said.slice(from, to)))) {
    implied.add("noisy-hum");
    implied.delete("hums-no-start");
  }
  return [...all].filter((complaint) => !implied.has(complaint));
}

function asksOf(said: string, heard: readonly Complaint[]) {
  return ASKED.flatMap(({ id, options, settledBy, pattern }) => {
    const spans = matches(said, pattern);
    const turned = spans.map((span) => turnOf(said, { ...span, complaint: null }));
    const isOpen = turned.some(({ turn }) => turn === "now");
    const isSettled = heard.some((complaint) => options.includes(complaint) || settledBy.includes(complaint));
    return spans.length > 0 ? [{ id, options, spans: turned.map(({ whole }) => whole), isAsked: isOpen && !isSettled }] : [];
  });
}

/** The hum of a motor that stands: said together with not starting, with only humming, or with a trip. */
const isStanding = (words: string): boolean =>
  /\b(?:no|not|wont|cant|never|no longer|refus|fail|unable|just|only|sits|stall|trip)|n't/.test(words);
