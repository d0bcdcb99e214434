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
  type SwitchSigns,
} from "./patterns";
