export {
  contactState,
  GEAR_REPAIRS,
  judgeCurrentRelay,
  judgePotentialRelay,
  judgePtc,
  judgeSwitch,
  type ContactState,
  type GearRepair,
  type GearVerdict,
  type PtcSigns,
  type SwitchSigns,
} from "./patterns";
