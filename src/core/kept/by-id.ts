/**
 * A record with one entry for each of a closed list of ids.
 * @param ids the list
 * @param of what stands under an id
 * @returns the record, in the order of the list
 */
export const byId = <const Id extends string, T>(ids: readonly Id[], of: (id: Id) => T): Record<Id, T> =>
  Object.fromEntries(ids.map((id) => [id, of(id)])) as Record<Id, T>;
