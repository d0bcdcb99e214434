export {
  ACTIONS,
  COMPLAINTS,
  SUSPECTS,
  TESTS,
  CHANGES_NOTHING,
  LEAVES_IN_USE,
  STANDS_ALONE,
  TRIPS,
  type ActionId,
  type Complaint,
  type Standee,
  type Suspect,
  type TestId,
} from "./vocabulary";
export { INSULATION_CLASSES, MACHINE_KINDS, MOTOR_TYPES, type InsulationClass, type MachineKind, type MotorType } from "./motor-types";
export { DRIVES, type Drive } from "./drive";
