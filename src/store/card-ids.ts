import { database } from "./database";

/** Ids of every card on this device. */
export const cardIds = async (): Promise<readonly string[]> => database().travellers.toCollection().primaryKeys();
