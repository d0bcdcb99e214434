import { motorKey, type Traveller, type TravellerId } from "@/records";

/** What is derived of a card so that it is found without being read. */
export interface Summary {
  readonly id: TravellerId;
  /** the motor it belongs to; a card that is alone belongs to itself */
  readonly motor: string;
  readonly createdAt: string;
}

/** The key cards of one motor share. */
export const motorOf = (traveller: Traveller): string => motorKey(traveller) ?? `\n${traveller.id}`;

export const toSummary = (traveller: Traveller): Summary => ({
  id: traveller.id,
  motor: motorOf(traveller),
  createdAt: traveller.createdAt,
});
