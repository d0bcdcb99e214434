import type { MotorOfVisit, Traveller, TravellerId } from "@/records";
import { database } from "./database";
import { later } from "./later";
import { attempt } from "./storage-status";
import type { Summary } from "./summary";
import { putTravellers, writing } from "./vemmick-database";

/*
 * Which visits are of one motor. The names of machine and site say so, until a person says otherwise: two motors were one
 * under two names, or one name was two motors. Each visit keeps what was said, when, and what it was before.
 */

const newMotorId = (): string => `m-${crypto.randomUUID().slice(0, 18)}`;

async function change(ids: readonly TravellerId[], to: (card: Traveller) => Traveller["motor"]): Promise<boolean> {
  const db = database();
  return attempt(() =>
    writing(db, async () => {
      const cards = (await db.travellers.bulkGet([...ids])).filter((card) => card !== undefined);
      if (cards.length === 0) return;
      const now = new Date().toISOString();
      await putTravellers(
        db,
        cards.map((card) => ({ ...card, motor: to(card), updatedAt: later(now, card.updatedAt) })),
      );
    }),
  );
}

const setAll = (ids: readonly TravellerId[], how: MotorOfVisit["how"]): Promise<boolean> => {
  const [id, at] = [newMotorId(), new Date().toISOString()];
  return change(ids, ({ motor }) => ({ id, at, how, was: motor && { id: motor.id, at: motor.at, how: motor.how } }));
};

const visitsOf = async (motors: readonly string[]): Promise<readonly Summary[]> =>
  (
    await Promise.all(
      motors.map((motor) => database().summaries.where("[motor+createdAt]").between([motor, ""], [motor, "\uffff"]).toArray()),
    )
  ).flat();

/** Makes two motors one: all visits of both are of one motor from now on, and so is whatever comes under either name. */
export async function makeOneMotor(one: string, other: string): Promise<boolean> {
  const visits = await visitsOf([one, other]);
  return setAll(
    visits.map(({ id }) => id),
    "made-one",
  );
}

/** Parts some visits off as another motor. */
export const partMotor = (visits: readonly TravellerId[]): Promise<boolean> => setAll(visits, "parted");

/** Takes back what was said at one moment: every visit is of the motor it was of before. */
export async function undoMotorChange(at: string): Promise<boolean> {
  const visits = await database()
    .summaries.filter(({ motorChange }) => motorChange?.at === at)
    .toArray();
  return change(
    visits.map(({ id }) => id),
    ({ motor }) => (motor?.at === at ? motor.was && { ...motor.was, was: null } : motor),
  );
}
