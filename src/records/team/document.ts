import * as Automerge from "@automerge/automerge/slim";
import type { Texts } from "./registers";

/*
 * A card, a line of the shelf or the house rules as a document that remembers what each device has changed, without a clock.
 * Automerge keeps it; here is all that is asked of it.
 */

type Body = Record<string, Automerge.ImmutableString>;
export type TeamDocument = Automerge.Doc<Body>;
/** A state of a document: the changes that nothing follows in it. */
export type Heads = readonly string[];

/** Gets the engine ready. @param wasm its compiled part, or where it lies */
export const startEngine = (wasm: Uint8Array | Request | Promise<Uint8Array>): Promise<void> => Automerge.initializeWasm(wasm);

const hexOf = (text: string): string => [...text].map((letter) => letter.charCodeAt(0).toString(16).padStart(2, "0")).join("");
/** Ids of devices are of this length in every name that is made of them. */
const ID_LENGTH = 8;

/**
 * Who changes: the device, and a sign that is made anew whenever the program starts. A copied profile has the device of its
 * original, and never its sign: what the two change is told apart.
 * @param life random hexadecimal digits, an even number of them
 */
export const actorOf = (device: string, life: string): string => `${hexOf(device.padEnd(ID_LENGTH, "0").slice(0, ID_LENGTH))}${life}`;

/** Whether an actor is of a device. */
export const isActorOf = (actor: string, device: string): boolean => actor.startsWith(actorOf(device, ""));

/** Who only reads a document and changes nothing of it. */
export const READER = "00".repeat(16);

export const newDocument = (actor: string): TeamDocument => Automerge.init<Body>({ actor });
export const openDocument = (bytes: Uint8Array, actor: string): TeamDocument => Automerge.load<Body>(bytes, { actor });
export const saveDocument = (document: TeamDocument): Uint8Array => Automerge.save(document);
/** What was changed after a state, as others take it in. */
export const changesSince = (document: TeamDocument, heads: Heads): Uint8Array => Automerge.saveSince(document, [...heads]);
export const headsOf = (document: TeamDocument): Heads => Automerge.getHeads(document);

/**
 * Takes in what others have changed, in whatever order it comes; what builds on a change that has not come yet waits in the
 * document for it.
 * @errors throws where the bytes are no changes
 */
export function takeChanges(document: TeamDocument, changes: readonly Uint8Array[]): TeamDocument {
  let current = document;
  for (const each of changes) {
    const heads = headsOf(current);
    const taken = Automerge.loadIncremental<Body>(current, each);
    // Where nothing can be applied yet the engine counts the same document as an earlier one: it is opened anew.
    current = String(headsOf(taken)) === String(heads) ? openDocument(saveDocument(taken), Automerge.getActorId(current)) : taken;
  }
  return current;
}

/** Whether a document has changes that wait for others which have not come yet. */
export const hasWaiting = (document: TeamDocument): boolean => Automerge.getMissingDeps(document, []).length > 0;

/** What a document says in a state is read once. */
const said = new WeakMap<TeamDocument, { readonly heads: string; readonly texts: Texts }>();

/** What a document says now. */
export function textsOf(document: TeamDocument): Texts {
  const heads = String(headsOf(document));
  const known = said.get(document);
  if (known?.heads === heads) return known.texts;
  const texts: Texts = new Map(Object.entries(document).map(([register, value]) => [register, String(value)]));
  said.set(document, { heads, texts });
  return texts;
}

/** A document with its first change, as it is kept: ten times as fast as setting one register after another. */
export function firstBytes(actor: string, texts: Texts): { readonly bytes: Uint8Array; readonly heads: Heads } {
  const backend = Automerge.getBackend(newDocument(actor));
  backend.initRootFromHydrate(Object.fromEntries([...texts].map(([register, text]) => [register, new Automerge.ImmutableString(text)])));
  backend.commit();
  return { bytes: backend.save(), heads: backend.getHeads() };
}

/** Registers that were set after a state, whatever they say now. */
export function touchedSince(document: TeamDocument, heads: Heads): ReadonlySet<string> {
  const touched = new Set<string>();
  const changes = Automerge.getChangesSince(document, [...heads]);
  // Nobody can have disagreed with the only one who has said anything.
  if (heads.length === 0 && changes.length === 1) return touched;
  for (const change of changes) for (const { key } of Automerge.decodeChange(change).ops) if (key !== undefined) touched.add(key);
  return touched;
}

/** What it said in an earlier state; nothing before the first. */
export const textsAt = (document: TeamDocument, heads: Heads): Texts =>
  heads.length === 0 ? new Map() : textsOf(Automerge.view(document, [...heads]));

/** Registers that are set; null: taken away. */
export type RegisterChange = ReadonlyMap<string, string | null>;

const write =
  (changes: RegisterChange) =>
  (body: Body): void => {
    for (const [register, text] of changes)
      if (text === null) delete body[register];
      else body[register] = new Automerge.ImmutableString(text);
  };

/** Sets registers, knowing of everything that is in the document. @param message what it is, for whoever asks what was changed */
export const setTexts = (document: TeamDocument, changes: RegisterChange, message: string): TeamDocument =>
  Automerge.change(document, { message, time: undefined }, write(changes));

/** Sets registers as one who knows no more than a state: what others have changed since stands beside it. */
export function setTextsAt(document: TeamDocument, heads: Heads, changes: RegisterChange, message: string): readonly [TeamDocument, Heads] {
  const { newDoc, newHeads } = Automerge.changeAt(document, [...heads], { message, time: undefined }, write(changes));
  return [newDoc, newHeads ?? heads];
}

/** What a register may be, and who says so: more than one where devices have set it without knowing of one another. */
export interface Option {
  readonly text: string;
  readonly actor: string;
}

/** Every value a register has at once; none: nobody disagrees, or all say the same. */
export function optionsOf(document: TeamDocument, register: string): readonly Option[] {
  const found = Object.entries(Automerge.getConflicts(document, register) ?? {});
  const options = new Map(found.map(([id, value]) => [String(value), { text: String(value), actor: id.slice(id.indexOf("@") + 1) }]));
  return options.size < 2 ? [] : [...options.values()];
}

/** Whether anything was changed that whoever was at a state did not know of, apart from changes of one message. */
export const isChangedBeside = (document: TeamDocument, heads: Heads, message: string): boolean =>
  Automerge.getChangesSince(document, [...heads]).some((change) => Automerge.decodeChange(change).message !== message);

/** The first state of a document. */
export function firstHeads(document: TeamDocument): Heads {
  const [first] = Automerge.getAllChanges(document);
  return first === undefined ? [] : [Automerge.decodeChange(first).hash];
}

/** Whether a state is in the document. */
export const hasState = (document: TeamDocument, heads: Heads): boolean => Automerge.hasHeads(document, [...heads]);
