import type { TravellerId } from "@/records";
import { deleteTravellers } from "./delete-records";
import { withPhotos } from "./kept-photos";
import { attempt } from "./storage-status";
import { putTravellers, writing, type VemmickDatabase } from "./vemmick-database";

/**
 * Takes a card away with everything on it.
 * @returns the way back; null: it was not there
 * @errors throws where the store refuses: nothing was taken away
 */
export async function removeCard(db: VemmickDatabase, id: TravellerId): Promise<(() => Promise<boolean>) | null> {
  const traveller = await db.travellers.get(id);
  if (!traveller) return null;
  // With their photos, which go with the card.
  const stations = await withPhotos(db, await db.stations.where("travellerId").equals(id).toArray());
  await writing(db, () => deleteTravellers(db, [id]));
  return () =>
    attempt(() =>
      writing(db, async () => {
        await putTravellers(db, [traveller]);
        await db.stations.bulkPut([...stations]);
      }),
    );
}
