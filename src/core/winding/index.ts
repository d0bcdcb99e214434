export {
  identifyThreeLeads,
  LEAD_PAIRS,
  roleFromName,
  type LeadIndex,
  type PairIndex,
  type PairReading,
  type SumCheck,
  type ThreeLeadAnswer,
  type ThreeLeadInput,
  type WindingRole,
} from "./three-leads";
