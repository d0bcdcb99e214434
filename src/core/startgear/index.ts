export {
  contactState,
  GEAR_REPAIRS,
  judgeCurrentRelay,
  judgePotentialRelay,
  judgePtc,
  alsoWrong,
  judgeSwitch,
  type ContactState,
  type GearRepair,
  type GearVerdict,
  type PtcSigns,
  type LetsGo,
  type SwitchSigns,
  type TimedSigns,
} from "./patterns";
export {
  GEAR_SORTS,
  gearRow,
  isGearOn,
  usualGear,
  type GearRow,
  type GearSigns,
  type GearSort,
  type GearTexts,
  type MeasuredAs,
} from "./gear-table";
export { BLANK_GEAR, gearMeasures, GearMeasuresSchema, judgeGear, type GearMeasures, type JudgedGear } from "./gear-measures";
export { NO_GEAR_FACTS, type GearFacts } from "./facts";
