export { isWorkOn } from "./works";
export { absenceOf, isRunFieldOn, mayBurnGas, TRAITS, type Absence, type Trait } from "./absence";
