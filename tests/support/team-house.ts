import { readFileSync } from "node:fs";
import {
  actorOf,
  changesSince,
  hasWaiting,
  headsOf,
  newDocument,
  openDocument,
  optionsOf,
  saveDocument,
  setTexts,
  startEngine,
  textsOf,
  type Heads,
} from "../../src/records/team/document";
import { beforeRemoval, bringBack, choose, NOTHING_HELD, note, takeIn, targetOf, undo, type Held } from "../../src/records/team/held";
import { GONE } from "../../src/records/team/registers";

/*
 * A house of five devices that share files, without a store and without a screen: what they do is drawn from a seed, and every
 * value that somebody keyed is followed to the end. A value is lost where nobody saw it go: nobody keyed over it, chose
 * against it, took it back or took its card away with it on the screen.
 */

export const engine = (): Promise<void> =>
  startEngine(new Uint8Array(readFileSync("node_modules/@automerge/automerge/dist/automerge.wasm")));

type Texts = Map<string, string>;
interface Merged {
  readonly document: string;
  readonly before: Heads;
  readonly after: Heads;
}
interface Device {
  id: string;
  life: string;
  /** years by which its clock is wrong */
  yearsOff: number;
  rows: Map<string, Texts>;
  held: Map<string, Held>;
  sent: Map<string, Heads>;
  read: Set<number>;
  merges: Merged[][];
}
interface Segment {
  readonly device: string;
  readonly changes: ReadonlyMap<string, Uint8Array>;
}

/** A generator of numbers from 0 to 1 (mulberry32). */
function random(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

const FIELDS = ["traveller|machine", "traveller|site", "station/plate|data.volts", "station/complaint|data.said", "station/look|data.note"];
const DOCUMENTS = 24;
const LINES = 4;

/** What a house came to. */
export interface HouseOutcome {
  readonly lost: readonly string[];
  readonly isEqual: boolean;
  readonly counts: readonly { readonly line: string; readonly wanted: number; readonly found: readonly number[] }[];
  readonly keyed: number;
  readonly chosen: number;
  readonly undone: number;
  readonly removed: number;
}

/** Plays so many acts of five devices. */
export function playHouse(seed: number, acts: number): HouseOutcome {
  const next = random(seed);
  const below = (most: number): number => Math.floor(next() * most);
  const pick = <T>(all: readonly T[]): T => all[below(all.length)] as T;
  let made = 0;
  const unique = (): string => JSON.stringify(`v${(made += 1)}`);
  const hex = (): string => Array.from({ length: 16 }, () => below(16).toString(16)).join("");
  const device = (index: number): Device => ({
    id: `device0${index}`,
    life: hex(),
    yearsOff: [0, -40, 60, 3, 0][index] ?? 0,
    rows: new Map(),
    held: new Map(),
    sent: new Map(),
    read: new Set(),
    merges: [],
  });
  const devices = Array.from({ length: 5 }, (_, index) => device(index));
  const folder: Segment[] = [];
  const values = new Map<string, string>();
  const seenGo = new Set<string>();
  const wantedCounts = new Map<string, number>();
  const tally = { keyed: 0, chosen: 0, undone: 0, removed: 0 };
  let clock = Date.UTC(2026, 10, 1);
  const now = ({ yearsOff }: Device): string => {
    const at = new Date((clock += 1000));
    at.setUTCFullYear(at.getUTCFullYear() + yearsOff);
    return at.toISOString();
  };
  const heldOf = ({ id, life, held }: Device, document: string): Held => held.get(document) ?? NOTHING_HELD(newDocument(actorOf(id, life)));

  /** As the store does: what was changed is noted whenever a document is taken in hand. */
  const inHand = (own: Device, document: string): Held => {
    const noted = note(heldOf(own, document), own.rows.get(document) ?? null, now(own));
    own.held.set(document, noted);
    return noted;
  };
  const keepRows = (own: Device, document: string, held: Held, wanted: Texts | null): void => {
    own.held.set(document, held);
    if (textsOf(held.document).has(GONE)) own.rows.delete(document);
    else own.rows.set(document, new Map(targetOf(held, wanted)));
  };

  const foreign = new Map<string, string>();
  const withForeign = (held: Held, document: string): Held => {
    const text = unique();
    foreign.set(document, text);
    return { ...held, document: setTexts(held.document, new Map([["future/thing|data.said", text]]), "keyed") };
  };
  const key = (own: Device): void => {
    const document = `traveller/c${below(DOCUMENTS)}`;
    const row = own.rows.get(document);
    // A card that was taken away is not keyed on; a new one begins with its names.
    if (row === undefined && heldOf(own, document).asked === null && textsOf(heldOf(own, document).document).size > 0) return;
    const texts: Texts = new Map(row ?? []);
    const field = pick(FIELDS);
    const before = texts.get(field);
    if (before !== undefined) seenGo.add(before);
    const text = unique();
    values.set(text, `${document} ${field}`);
    tally.keyed += 1;
    texts.set(field, text);
    texts.set(`${field.slice(0, field.indexOf("|"))}|updatedAt`, JSON.stringify(now(own)));
    own.rows.set(document, texts);
    // The program of one is newer than the others': it has records that they do not know, and must not take away.
    if (own === devices[3]) own.held.set(document, withForeign(inHand(own, document), document));
  };
  const move = (own: Device): void => {
    const line = `part/p${below(LINES)}`;
    const texts: Texts = new Map(own.rows.get(line) ?? []);
    const by = pick([-1, -1, 1, 2, 4]);
    wantedCounts.set(line, (wantedCounts.get(line) ?? 0) + by);
    texts.set(`move:m${(made += 1)}|*`, JSON.stringify({ kind: by < 0 ? "taken" : "bought", by, at: now(own) }));
    own.rows.set(line, texts);
  };
  const remove = (own: Device): void => {
    const there = [...own.rows.keys()].filter((each) => each.startsWith("traveller/"));
    if (there.length === 0) return;
    const document = pick(there);
    for (const text of own.rows.get(document)?.values() ?? []) seenGo.add(text);
    tally.removed += 1;
    own.rows.delete(document);
    inHand(own, document);
  };
  const write = (own: Device): void => {
    for (const document of new Set([...own.rows.keys(), ...own.held.keys()])) inHand(own, document);
    const changes = new Map<string, Uint8Array>();
    for (const [document, { document: doc }] of own.held) {
      const sent = own.sent.get(document) ?? [];
      if (headsOf(doc).length === 0 || String([...sent].sort()) === String([...headsOf(doc)].sort())) continue;
      changes.set(document, changesSince(doc, sent));
      own.sent.set(document, headsOf(doc));
    }
    if (changes.size === 0) return;
    own.read.add(folder.length);
    folder.push({ device: own.id, changes });
  };
  const answer = (own: Device, document: string, isAgreed: boolean): void => {
    const held = inHand(own, document);
    if (held.asked === null) return;
    if (isAgreed) {
      for (const text of own.rows.get(document)?.values() ?? []) seenGo.add(text);
      own.rows.delete(document);
      own.held.set(document, { ...held, asked: null });
      own.merges.push([{ document, before: beforeRemoval(held), after: headsOf(held.document) }]);
    } else keepRows(own, document, bringBack(held), own.rows.get(document) ?? null);
  };
  const take = (own: Device, index: number): void => {
    const merged: Merged[] = [];
    for (const [document, changes] of folder[index]?.changes ?? []) {
      const held = inHand(own, document);
      const wanted = own.rows.get(document) ?? null;
      const before = headsOf(held.document);
      const isNews = String([...(own.sent.get(document) ?? [])].sort()) !== String([...headsOf(held.document)].sort());
      const taken = takeIn(held, wanted, [changes], { from: { id: "x", name: "" }, at: now(own) });
      own.held.set(document, taken.held);
      if (taken.effect === "nothing") continue;
      if (!isNews) own.sent.set(document, taken.heard);
      if (taken.effect === "asked" || taken.effect === "known") continue;
      merged.push({ document, before, after: headsOf(taken.held.document) });
      keepRows(own, document, taken.held, wanted);
    }
    own.read.add(index);
    if (merged.length > 0) own.merges.push(merged);
  };
  const readSome = (own: Device): void => {
    // Files come late, in another order, twice, or torn: then they come again.
    const unread = folder.map((_, index) => index).filter((index) => !own.read.has(index));
    for (const index of unread) if (next() < 0.6) take(own, index);
    if (folder.length > 0 && next() < 0.2) take(own, below(folder.length));
    for (const [document, held] of own.held) if (held.asked !== null && next() < 0.5) answer(own, document, next() < 0.6);
  };
  const undoOne = (own: Device): void => {
    const merge = own.merges.splice(below(own.merges.length), 1)[0];
    for (const { document, before, after } of merge ?? []) {
      const held = inHand(own, document);
      const shown = own.rows.get(document) ?? null;
      const undone = undo(held, before, after, now(own));
      if (undone === null) continue;
      tally.undone += 1;
      const was = new Map(shown ?? []);
      keepRows(own, document, undone, shown);
      const is = own.rows.get(document);
      for (const [register, text] of was) if (is?.get(register) !== text) seenGo.add(text);
    }
  };
  const chooseOne = (own: Device): void => {
    const open = [...own.held].filter(([, held]) => held.branch !== null);
    if (open.length === 0) return;
    const [document] = pick(open);
    const held = inHand(own, document);
    const choices = new Map<string, string>();
    for (const register of held.open) {
      const options = optionsOf(held.document, register).map(({ text }) => text);
      const chosen = pick(options);
      choices.set(register, chosen);
      for (const text of options) if (text !== chosen) seenGo.add(text);
    }
    if (choices.size === 0) return;
    tally.chosen += choices.size;
    const wanted = own.rows.get(document);
    keepRows(own, document, choose(held, choices), wanted === undefined ? null : new Map([...wanted, ...choices]));
  };
  const restart = (own: Device): void => {
    // Everything is kept as bytes, and a start of the program is another life.
    own.life = hex();
    for (const [document, held] of own.held)
      if (headsOf(held.document).length === 0 && !hasWaiting(held.document)) own.held.delete(document);
      else own.held.set(document, { ...held, document: openDocument(saveDocument(held.document), actorOf(own.id, own.life)) });
  };
  const copy = (from: Device, to: Device): void => {
    write(to);
    for (const each of [from, to]) for (const document of each.held.keys()) inHand(each, document);
    Object.assign(to, {
      id: from.id,
      rows: new Map([...from.rows].map(([document, texts]) => [document, new Map(texts)])),
      held: new Map(from.held),
      sent: new Map(from.sent),
      read: new Set(from.read),
      merges: [],
    });
    restart(to);
    restart(from);
  };

  const ACTS: readonly (readonly [number, (own: Device) => void])[] = [
    [0.5, key],
    [0.64, move],
    [0.66, remove],
    [0.8, write],
    [0.93, readSome],
    [0.95, undoOne],
    [0.98, chooseOne],
    [0.995, restart],
    [1, (own) => copy(own, pick(devices.filter((each) => each !== own)))],
  ];
  // The shelf is there before anybody takes from it.
  const [founder] = devices;
  for (let index = 0; index < LINES; index += 1) founder?.rows.set(`part/p${index}`, new Map([["part|label", JSON.stringify("5 µF")]]));
  for (const own of devices) {
    write(own);
    folder.forEach((_, index) => own.read.has(index) || take(own, index));
    own.merges.length = 0;
  }
  for (let act = 0; act < acts; act += 1) {
    const drawn = next();
    ACTS.find(([upTo]) => drawn < upTo)?.[1](pick(devices));
  }
  // To the end: everything is written and read, answered and chosen, until nothing is left to be said.
  for (let round = 0; round < 40; round += 1) {
    const before = folder.length;
    for (const own of devices) {
      write(own);
      folder.forEach((_, index) => own.read.has(index) || take(own, index));
      for (const document of own.held.keys()) answer(own, document, true);
      if (own === devices[0]) for (let each = 0; each < 60; each += 1) chooseOne(own);
      write(own);
    }
    if (folder.length === before) break;
  }
  const shared = ({ rows }: Device): string =>
    JSON.stringify(
      [...rows]
        .map(
          ([document, texts]) =>
            [
              document,
              [...texts].filter(([register]) => !register.endsWith("updatedAt") && !register.startsWith("future")).sort(),
            ] as const,
        )
        .sort(([a], [b]) => (a < b ? -1 : 1)),
    );
  const heldIn = (held: Device["held"], document: string) => (held.get(document) ?? NOTHING_HELD(newDocument("00"))).document;
  const first = shared(devices[0] as Device);
  const shown = new Set([...(devices[0]?.rows.values() ?? [])].flatMap((texts) => [...texts.values()]));
  const sumOf = (own: Device, line: string): number =>
    [...(own.rows.get(line) ?? [])]
      .filter(([register]) => register.startsWith("move:"))
      .reduce((sum, [, text]) => sum + (JSON.parse(text) as { by: number }).by, 0);
  return {
    lost: [
      ...[...foreign]
        .filter(([document]) => devices.some(({ held }) => !textsOf(heldIn(held, document)).has("future/thing|data.said")))
        .map(([document]) => `${document} of a newer program`),
      ...[...values].filter(([text]) => !shown.has(text) && !seenGo.has(text)).map(([text, where]) => `${text} ${where}`),
    ],
    isEqual: devices.every((own) => shared(own) === first),
    counts: [...wantedCounts].map(([line, wanted]) => ({ line, wanted, found: devices.map((own) => sumOf(own, line)) })),
    ...tally,
  };
}
