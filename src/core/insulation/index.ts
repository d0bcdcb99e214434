export { insulationAt40C, varnishOf, type Varnish } from "./temperature";
export {
  INSULATION_RULES,
  insulationTrend,
  judgeInsulation,
  type InsulationLimits,
  type InsulationPoint,
  type InsulationReading,
  type InsulationRule,
  type InsulationTrend,
  type InsulationVerdict,
  type WindingState,
} from "./judge";
export { NO_FRAME_FACTS, type FrameFacts } from "./facts";
