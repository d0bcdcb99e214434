import type { Traveller, TravellerId } from "@/records";

/** A card on its first day. */
export const newTraveller = (at: string, names: Pick<Traveller, "machine" | "site" | "technician">): Traveller => ({
  id: crypto.randomUUID() as TravellerId,
  ...names,
  createdAt: at,
  updatedAt: at,
  finishedAt: null,
  callbackOf: null,
  cameBackAt: [],
  motor: null,
  putOff: [],
  isDemo: false,
});
