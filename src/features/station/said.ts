/**
 * What a statement of a station is: what was read or seen, what it means, that it is still being worked out, or what somebody
 * noted. Whoever picks a statement picks it by this, and never by its words.
 */
export type SaidKind = "read" | "means" | "working" | "note";

/** One statement of a station, by what it is. */
export interface Said {
  readonly kind: SaidKind;
  readonly text: string;
}

/** Statements of one kind; an empty text says nothing. */
export const said = (kind: SaidKind, ...texts: readonly (string | readonly string[] | null | undefined | false)[]): readonly Said[] =>
  texts.flatMap((text) => text || []).flatMap((text) => (text ? { kind, text } : []));

/** A note, as it was typed. */
export const noted = ({ note }: { readonly note: string }): readonly Said[] => said("note", note.trim());
