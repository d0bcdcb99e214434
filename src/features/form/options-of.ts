import { saidBy, type DrawnRow, type Form } from "./rows";

/** A field with a closed list. */
export interface Choosing {
  readonly options: readonly (string | number)[];
}
/** What a row offers, in words. */
export function optionsOf({ options }: Choosing, { words: said, offers }: DrawnRow["row"], given: Form<object>) {
  const words = saidBy(said, given);
  return (offers?.(given) ?? options.filter((id) => words?.[id] !== undefined)).map((id) => ({ id: String(id), label: words?.[id] ?? "" }));
}
