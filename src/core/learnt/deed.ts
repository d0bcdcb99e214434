import type { MotorProfile } from "../diagnosis";
import type { ActionId, Complaint, Suspect } from "../trade";

/** What one card tells of the house's own work, kept with its summary. */
export interface Deed {
  /** works that were done, one or two */
  readonly works: readonly ActionId[];
  /** maker of the part that went in, as its label says; empty: not noted */
  readonly maker: string;
  readonly profile: Pick<MotorProfile, "type" | "machine" | "ageYears">;
  readonly complaints: readonly Complaint[];
  /** the one fault that the evidence left, that the work mends, and whose repair was proved; null: not so clear */
  readonly cause: Suspect | null;
  /** minutes at the work, breaks left out; null: too little was keyed to say */
  readonly minutes: number | null;
}

/** A deed with what lists know of its card. */
export interface DatedDeed extends Deed {
  readonly id: string;
  readonly finishedAt: string | null;
  readonly createdAt: string;
  /** the card it came back from */
  readonly callbackOf: string | null;
}
