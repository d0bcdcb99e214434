/** How the motor gets its start; decides which parts can be at fault. Ids are persisted: do not change without a migration. */
export const MOTOR_TYPES = ["psc", "cap-start", "cap-start-run", "split-phase", "shaded-pole", "unknown"] as const;
export type MotorType = (typeof MOTOR_TYPES)[number];

export const MACHINE_KINDS = ["fan", "blower", "pump", "hermetic-compressor", "belt-compressor", "drum", "agitator", "other"] as const;
export type MachineKind = (typeof MACHINE_KINDS)[number];

/** Insulation classes and their hot-spot limit. @source IEC 60085, Table 1 */
export const INSULATION_CLASSES = { A: 105, B: 130, F: 155, H: 180 } as const;
export type InsulationClass = keyof typeof INSULATION_CLASSES;
