import { motorKey, type Traveller } from "@/records";
import type { VemmickDatabase } from "./vemmick-database";

/** Whether it is for the names of a card to say which motor it is of, and so for what was said of others under them. */
export const followsNames = (card: Traveller): boolean =>
  motorKey(card) !== null && ((card.motor as Traveller["motor"] | undefined) == null || card.motor?.how === "followed");

/**
 * A card of whose motor its names speak, as it is kept: where every other visit under these names was said to be of another
 * motor, so is this one. Part of a transaction with the summaries.
 */
export async function followMotor(db: VemmickDatabase, card: Traveller): Promise<Traveller> {
  const named = await db.summaries
    .where("named")
    .equals(motorKey(card) ?? "")
    .toArray();
  const others = named.filter(({ id }) => id !== card.id);
  if (others.length === 0 || others.some(({ motorChange }) => motorChange === null))
    return card.motor === null ? card : { ...card, motor: null };
  const last = others.reduce((latest, each) => (each.createdAt > latest.createdAt ? each : latest));
  if (card.motor?.id === last.motor) return card;
  return { ...card, motor: { id: last.motor, at: last.motorChange?.at ?? card.updatedAt, how: "followed", was: null } };
}
