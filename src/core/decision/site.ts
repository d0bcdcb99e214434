import type { GearSort } from "../diagnosis";
import type { MachineKind, MotorType } from "../motor";

/** What the work is done on, as far as it decides which work makes sense. */
export interface RepairSite {
  readonly machine: MachineKind;
  readonly motorType?: MotorType;
  /** start gear, once it was seen */
  readonly gear?: GearSort | null;
  /** the shell is cool: a protector that is still open has not opened on heat */
  readonly isCool?: boolean;
  /** it was waited for once already */
  readonly hasWaited?: boolean;
}
