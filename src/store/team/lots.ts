import type { RecordFault } from "@/core/result";
import { targetOf, type Held } from "@/records/team/held";
import type { Texts } from "@/records/team/registers";
import { rootOf } from "@/records/team/shapes";
import { materialise, type Photos } from "./materialise";
import type { DocumentRecord, InHand, MadeOfDocument } from "./on-documents";

/** Documents are taken in hand so many at a time, each lot in a transaction of its own: a key on a card never waits for all of them. */
export const LOT = 200;
export const NO_PHOTOS: Photos = new Map();

export const lotsOf = <T>(all: readonly T[]): T[][] =>
  Array.from({ length: Math.ceil(all.length / LOT) }, (_, index) => all.slice(index * LOT, (index + 1) * LOT));

export const isCard = (document: string): boolean => rootOf(document)[0] === "traveller";

/** What is made of a document, with what of it could not be read. */
export type Made = MadeOfDocument & { readonly put: readonly DocumentRecord[]; readonly faults: readonly RecordFault[] };

/** Records of a document as it says them now. */
export function outcomeOf(inHand: InHand, held: Held, photos: Photos, heard?: readonly string[], chosen: Texts = new Map()): Made {
  const wanted = inHand.wanted === null ? null : new Map([...inHand.wanted, ...chosen]);
  const target = targetOf(held, wanted);
  const { put, gone, left, faults } = materialise(inHand, target, photos);
  return { held: { ...held, left }, heard, put, gone, faults };
}

export const allGone = ({ records }: InHand): MadeOfDocument["gone"] => records.map(({ name, row }) => [name, row.id] as const);
