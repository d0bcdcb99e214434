import { recordKindOf, RECORD_TYPE_NAMES, type RecordTypeName } from "@/records";

/** What kinds of record are called where their own names say too little; every other one goes by its name in the file. */
const RECORD_WORDS: Readonly<Partial<Record<RecordTypeName, { readonly one: string; readonly many: string }>>> = {
  traveller: { one: "card", many: "cards" },
  station: { one: "reading", many: "readings" },
  house: { one: "house rules", many: "house rules" },
  part: { one: "shelf line", many: "shelf lines" },
  move: { one: "move of stock", many: "moves of stock" },
  meter: { one: "meter's line", many: "meters' lines" },
};

const isType = (name: string): name is RecordTypeName => (RECORD_TYPE_NAMES as readonly string[]).includes(name);

/** What one record of a type is called, or several. */
export function recordNoun(name: string, count = 1): string {
  if (!isType(name)) return count === 1 ? "record" : "records";
  const { one, many } = RECORD_WORDS[name] ?? { one: name, many: recordKindOf(name).list };
  return count === 1 ? one : many;
}

/** So many records of a type, in words: of a kind there is but one of, no number is said. */
export const countedNoun = (name: RecordTypeName, count: number): string =>
  recordKindOf(name).isSingle ? recordNoun(name, count) : `${count} ${recordNoun(name, count)}`;
