import { documentOf, type RecordTypeName } from "../record-kinds";

/** How the records of a type are shared: what of them is a register each, and what is not shared at all. */
export interface TeamShape {
  /** fields whose own fields are registers each */
  readonly split: readonly string[];
  /** lists that only grow, with the most entries that are kept: each entry is a register, and what two devices add is all there */
  readonly sets: Readonly<Record<string, number>>;
  /** each device's own, or derived: neither compared nor taken */
  readonly own: readonly string[];
  /** never changed once it is there: the whole record is one register */
  readonly isWhole?: true;
}

const PLAIN: TeamShape = { split: [], sets: {}, own: ["isDemo"] };

/** Shapes that are other than plain. Documents are kept in them: do not change without a new form of documents. */
const SHAPES: Readonly<Partial<Record<RecordTypeName, TeamShape>>> = {
  traveller: { ...PLAIN, sets: { cameBackAt: 200 } },
  station: { ...PLAIN, split: ["data"], sets: { earlier: 40 } },
  house: { ...PLAIN, split: ["figures"], sets: { changes: 500 }, own: ["meter", "technician", "hasLetterKeys"] },
  // Pieces are what the moves add up to.
  part: { ...PLAIN, own: ["isDemo", "quantity"] },
  move: { ...PLAIN, isWhole: true },
};
export const shapeOf = (name: RecordTypeName): TeamShape => SHAPES[name] ?? PLAIN;

/** Where a record lies: its document, and the beginning of its registers there. */
export interface RecordPlace {
  /** `type/id` of the record that the document is of: a card, a line of the shelf, or what belongs to neither */
  readonly document: string;
  /** `type`; of what belongs to the document's record `type/rest of its id`, or `type:id` */
  readonly prefix: string;
}

/** The place of a record, by its type and its row. */
export function placeOf(name: RecordTypeName, row: { readonly id: string }): RecordPlace {
  const document = documentOf(name, row);
  const [root, id] = rootOf(document);
  if (root === name) return { document, prefix: name };
  return { document, prefix: row.id.startsWith(`${id}/`) ? `${name}/${row.id.slice(id.length + 1)}` : `${name}:${row.id}` };
}

/** Type and id of the record that a document is of. */
export const rootOf = (document: string): readonly [RecordTypeName, string] => {
  const at = document.indexOf("/");
  return [document.slice(0, at) as RecordTypeName, document.slice(at + 1)];
};

/** Type and id of a record, by its document and the beginning of its registers. */
export function recordAt(document: string, prefix: string): readonly [RecordTypeName, string] {
  const [, id] = rootOf(document);
  const found = /^([a-z]+)([/:])(.*)$/s.exec(prefix);
  if (found === null) return [prefix as RecordTypeName, id];
  const [, name = "", mark, rest = ""] = found;
  return [name as RecordTypeName, mark === "/" ? `${id}/${rest}` : rest];
}
