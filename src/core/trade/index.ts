export {
  ACTIONS,
  SUSPECTS,
  TESTS,
  CHANGES_NOTHING,
  LEAVES_IN_USE,
  STANDS_ALONE,
  type ActionId,
  type Standee,
  type Suspect,
  type TestId,
} from "./vocabulary";
export { INSULATION_CLASSES, MACHINE_KINDS, MOTOR_TYPES, type InsulationClass, type MachineKind, type MotorType } from "./motor-types";
export { DRIVES, type Drive } from "./drive";
export { COMPLAINTS, complaintsOf, complaintSpec, TRIPS, type Complaint } from "./complaints";
