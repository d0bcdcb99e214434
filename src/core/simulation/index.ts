export { chanceFrom, type Chance } from "./chance";
export { drawMotor, type DrawnMotor } from "./drawn-motor";
export { FAULT_KINDS, type Body } from "./fault-kinds";
export { hiddenCase } from "./hidden-case";
export type { Keyed } from "./keyed";
export { observe, opening } from "./observe";
export type { HiddenCase } from "./told";
