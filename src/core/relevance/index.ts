export { absenceOf, isRunFieldOn, mayBurnGas, TRAITS, type Absence, type Trait } from "./absence";
