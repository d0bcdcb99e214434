export {
  FATES,
  isSwap,
  KEPT_AS,
  KEPT_PARTS,
  PART_KINDS,
  SWAP_ACTIONS,
  SWAP_TABLE,
  type Fate,
  type KeptPart,
  type PartKind,
  type SwapAction,
} from "./swap-table";
export { priceOf, readPrice, type SaidPrice } from "./price";
export {
  compareQuotes,
  MOST_QUOTES,
  QUOTED,
  QUOTED_TABLE,
  quotedPrices,
  quoteInForce,
  QuoteSchema,
  readQuote,
  type Quote,
  type QuoteComparison,
  type QuoteField,
  type Quoted,
  type QuoteTerms,
  type ReadQuote,
} from "./quotes";
export {
  judgeBearingIn,
  judgeCapacitorIn,
  judgeMotorIn,
  type Incoming,
  type IncomingBearing,
  type IncomingCapacitor,
  type IncomingMotor,
  type IncomingVerdict,
} from "./incoming";
export { AFTER_FITTING, afterFitting, type AfterFitting } from "./after-fitting";
export { PROOF_LINE_IDS, proofLinesFor, type ProofLine } from "./proof-lines";
export { readCode, readLabelText, shortCode, writeLabelText, type LabelText } from "./label-code";
