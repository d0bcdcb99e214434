export { speedAndPoles, synchronousRpm, type PoleCandidate, type SpeedAndPoles } from "./speed";
export { INSULATION_CLASSES, MACHINE_KINDS, MOTOR_TYPES, type InsulationClass, type MachineKind, type MotorType } from "./types";
export { parsePower, WATTS_PER_HP } from "./power";
