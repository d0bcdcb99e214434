import type { DueKind } from "@/core/due";
import type { Traveller, TravellerId } from "@/records";
import { changeRow } from "./change-row";

/** Puts a follow-up of a card off until a day, with the reason; null: it is due again when it was. */
export const putOff = (id: TravellerId, kind: DueKind, until: { readonly day: string; readonly why: string } | null): Promise<boolean> =>
  changeRow("traveller", id, (row, at) => {
    const others = (row as unknown as Traveller).putOff.filter((each) => each.kind !== kind);
    return { ...row, putOff: until === null ? others : [...others, { kind, until: until.day, why: until.why, at }] };
  });
