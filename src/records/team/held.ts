import {
  firstHeads,
  hasState,
  headsOf,
  isChangedBeside,
  optionsOf,
  setTexts,
  setTextsAt,
  takeChanges,
  textsAt,
  textsOf,
  touchedSince,
  type RegisterChange,
  type Heads,
  type TeamDocument,
} from "./document";
import { GONE, isAct, isMoment, isRoot, isShared, prefixOf, type Texts } from "./registers";

/** A removal that somebody else made and that nobody here has agreed to yet. */
export interface AskedRemoval {
  readonly from: { readonly id: string; readonly name: string };
  /** when it was heard of, ISO 8601 */
  readonly at: string;
}

/** A document with what this device knows of it beside. */
export interface Held {
  readonly document: TeamDocument;
  /**
   * The state this device's own view of what is disagreed about goes on from; null: nothing is. What is keyed there is added
   * to what others said, never in the place of it.
   */
  readonly branch: Heads | null;
  /** registers that are disagreed about */
  readonly open: readonly string[];
  /** beginnings of records that could not be read here: they are nobody's to take away */
  readonly left: readonly string[];
  readonly asked: AskedRemoval | null;
}

export const NOTHING_HELD = (document: TeamDocument): Held => ({ document, branch: null, open: [], left: [], asked: null });

/** Messages of changes, for whoever asks what one was. */
const MESSAGES = { keyed: "keyed", gone: "gone", back: "back", undone: "undone", chosen: "chosen" } as const;

/** Which of some registers are disagreed about; two moments are not. */
const openAmong = (document: TeamDocument, registers: Iterable<string>): readonly string[] =>
  [...new Set(registers)].filter(
    (register) => register !== GONE && !isMoment(register) && isShared(register) && optionsOf(document, register).length > 0,
  );

/** With what is still disagreed about of what was; where nothing is, there is no view of one's own either. */
function settled(held: Held): Held {
  if (held.open.length === 0 && held.branch === null) return held;
  const open = openAmong(held.document, held.open);
  return { ...held, open, branch: open.length === 0 ? null : held.branch };
}

/** A removal as the document says it: when, and what whoever removed it had seen. */
interface Gone {
  readonly at: string;
  readonly heads: Heads;
}
export function goneOf(texts: Texts): Gone | null {
  const text = texts.get(GONE);
  return text === undefined ? null : (JSON.parse(text) as Gone);
}

/** The state that whoever took the record away had seen. */
export const beforeRemoval = ({ document }: Held): Heads => goneOf(textsOf(document))?.heads ?? headsOf(document);

/** What differs between what a document says and what is here. */
function differences(held: Held, shown: Texts, wanted: Texts): { readonly plain: RegisterChange; readonly onBranch: RegisterChange } {
  const plain = new Map<string, string | null>();
  const onBranch = new Map<string, string | null>();
  const isLeft = (register: string): boolean => held.left.includes(prefixOf(register));
  for (const register of new Set([...shown.keys(), ...wanted.keys()])) {
    if (!isShared(register) || isMoment(register) || isLeft(register)) continue;
    const [was, is] = [shown.get(register), wanted.get(register) ?? null];
    if (was === (is ?? undefined)) continue;
    const options = held.open.includes(register) ? optionsOf(held.document, register) : [];
    if (options.length === 0) plain.set(register, is);
    else if (!options.some(({ text }) => text === is)) onBranch.set(register, is);
  }
  // A moment goes along with what was changed then, and is no change by itself.
  for (const changes of [plain, onBranch]) {
    const touched = new Set([...changes.keys()].map(prefixOf));
    for (const register of new Set([...shown.keys(), ...wanted.keys()]))
      if (isMoment(register) && touched.has(prefixOf(register)) && shown.get(register) !== wanted.get(register))
        changes.set(register, wanted.get(register) ?? null);
  }
  return { plain, onBranch };
}

/**
 * Notes what was changed here.
 * @param wanted what the records here say; null: the record of the document is not here
 * @param at for a removal, ISO 8601
 * @returns the same where nothing was changed
 */
export function note(held: Held, wanted: Texts | null, at: string): Held {
  const { document, asked } = held;
  const shown = textsOf(document);
  const gone = goneOf(shown);
  if (wanted === null) {
    // It could not be read here: that it is not here is nobody's act.
    if (held.left.some(isRoot)) return held;
    if (asked !== null) return { ...held, asked: null };
    if (shown.size === 0 || gone !== null) return held;
    const text = JSON.stringify({ at, heads: headsOf(document) } satisfies Gone);
    return { ...held, document: setTexts(document, new Map([[GONE, text]]), MESSAGES.gone) };
  }
  const { plain, onBranch } = differences(held, shown, wanted);
  const changes = new Map(plain);
  // Worked on here after somebody took it away, or put here anew: it is there.
  if (gone !== null && (asked === null || plain.size + onBranch.size > 0)) changes.set(GONE, null);
  let next = held;
  if (changes.size > 0) next = { ...next, document: setTexts(document, changes, MESSAGES.keyed), asked: changes.has(GONE) ? null : asked };
  if (onBranch.size > 0) {
    const [document, branch] = setTextsAt(next.document, next.branch ?? firstHeads(next.document), onBranch, MESSAGES.keyed);
    next = { ...next, document, branch };
  }
  return settled(next);
}

/** What taking in came to, for the records here. */
export interface HeardChanges {
  readonly held: Held;
  /** `known`: only what is known of it has changed; `asked`: it is gone there, and waits here for somebody who agrees */
  readonly effect: "nothing" | "known" | "new" | "changed" | "back" | "asked";
  /** what the records here shall say */
  readonly target: Texts;
  /** the state with what was taken in alone: others know of it */
  readonly heard: Heads;
}

/** What the records here shall say: the document, but for what is disagreed about, which stays as it is here. */
export function targetOf(held: Held, wanted: Texts | null): Texts {
  const target = new Map(textsOf(held.document));
  target.delete(GONE);
  for (const register of held.open) {
    const mine = wanted?.get(register);
    if (mine !== undefined && optionsOf(held.document, register).some(({ text }) => text === mine)) target.set(register, mine);
  }
  for (const register of target.keys())
    if (isMoment(register)) {
      const moments = [target.get(register) ?? "", ...optionsOf(held.document, register).map(({ text }) => text)];
      target.set(
        register,
        moments.reduce((a, b) => (a > b ? a : b)),
      );
    }
  return target;
}

/** Whether a removal was made without knowing of something that somebody else did: then it does not hold. */
const isWorkedOn = (document: TeamDocument): boolean => {
  const removals = optionsOf(document, GONE).map(({ text }) => JSON.parse(text) as Gone);
  const last = goneOf(textsOf(document));
  const known = [...removals, ...(last === null ? [] : [last])].flatMap(({ heads }) => heads);
  return isChangedBeside(
    document,
    [...new Set(known)].filter((head) => hasState(document, [head])),
    MESSAGES.gone,
  );
};

const isSameTexts = (a: Texts, b: Texts): boolean => a.size === b.size && [...a].every(([register, text]) => b.get(register) === text);

/**
 * Takes in what another device has changed. What both have changed stays as it is here until somebody chooses; what was taken
 * away there waits for an answer; what was taken away on one side and worked on on the other stays on both.
 * @param held with everything noted that was changed here
 * @param wanted what the records here say; null: the record of the document is not here
 */
export function takeIn(held: Held, wanted: Texts | null, changes: readonly Uint8Array[], asked: AskedRemoval): HeardChanges {
  const before = textsOf(held.document);
  const headsBefore = headsOf(held.document);
  let document = takeChanges(held.document, changes);
  const wasGone = before.has(GONE);
  if (String(headsOf(document)) === String(headsBefore))
    return { held: { ...held, document }, effect: "nothing", target: before, heard: headsBefore };
  const heard = headsOf(document);
  const isUnasked = held.asked === null;
  const open = openAmong(document, [...held.open, ...touchedSince(document, headsBefore)]);
  // What was seen here goes on from before what came: that somebody disagrees was seen by nobody yet.
  const branch = open.length === 0 ? null : (held.branch ?? (headsBefore.length > 0 ? headsBefore : firstHeads(document)));
  if (textsOf(document).has(GONE) && before.size > 0 && isWorkedOn(document))
    document = setTexts(document, new Map([[GONE, null]]), MESSAGES.back);
  const after = textsOf(document);
  const isGone = after.has(GONE);
  if (isGone && (wanted === null || !isUnasked))
    return { held: { ...held, document, branch, open }, effect: "known", target: after, heard };
  if (isGone) return { held: { ...held, document, branch, open, asked }, effect: "asked", target: after, heard };
  const merged: Held = { ...held, document, branch, open, asked: null };
  const target = targetOf(merged, wanted);
  const effect =
    before.size === 0 ? "new" : wasGone && isUnasked ? "back" : wanted !== null && isSameTexts(wanted, target) ? "known" : "changed";
  return { held: merged, effect, target, heard };
}

/** Chooses of what is disagreed about; whoever chose otherwise meanwhile is asked again. */
export const choose = (held: Held, choices: ReadonlyMap<string, string>): Held =>
  settled({ ...held, document: setTexts(held.document, choices, MESSAGES.chosen) });

/** Takes a removal back: for everybody. */
export const bringBack = (held: Held): Held => ({
  ...held,
  asked: null,
  document: setTexts(held.document, new Map([[GONE, null]]), MESSAGES.back),
});

/** Whether acts of others came along between two states. */
export function hasActs({ document }: Held, before: Heads, after: Heads): boolean {
  const was = textsAt(document, before);
  return [...textsAt(document, after).keys()].some((register) => isAct(register) && !was.has(register));
}

/**
 * Takes back what was taken in, as a change of its own that everybody hears of. Acts stay: a piece that somebody took is gone
 * from its place, whoever takes back having heard of it.
 * @param at for what was new, ISO 8601
 * @returns null: it was changed since, and stays whole
 */
export function undo(held: Held, before: Heads, after: Heads, at: string): Held | null {
  const { document } = held;
  const [was, taken, now] = [textsAt(document, before), textsAt(document, after), textsOf(document)];
  // What only a newer program can read was seen by nobody here.
  const registers = [...new Set([...was.keys(), ...taken.keys(), ...now.keys()])].filter((each) => each === GONE || isShared(each));
  const open = new Set(held.open);
  const isOther = (a: Texts, b: Texts, register: string): boolean => a.get(register) !== b.get(register);
  const isWork = (register: string): boolean => !isMoment(register) && !open.has(register) && (was.size === 0 || !isAct(register));
  if (registers.some((register) => isWork(register) && isOther(now, taken, register))) return null;
  const changes = new Map<string, string | null>();
  if (was.size === 0) changes.set(GONE, JSON.stringify({ at, heads: headsOf(document) } satisfies Gone));
  else
    for (const register of registers)
      if ((isMoment(register) || isWork(register)) && isOther(was, now, register)) changes.set(register, was.get(register) ?? null);
  const message = was.size === 0 ? MESSAGES.gone : MESSAGES.undone;
  return changes.size === 0 ? held : { ...held, asked: null, document: setTexts(document, changes, message) };
}
