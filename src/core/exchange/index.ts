export {
  FATES,
  isSwap,
  KEPT_AS,
  KEPT_PARTS,
  MOST_PIECES,
  PART_KINDS,
  SWAP_ACTIONS,
  SWAP_TABLE,
  type Fate,
  type KeptPart,
  type PartKind,
  type SwapAction,
} from "./swap-table";
export { paidFor, type PricedPiece } from "./paid";
export { priceOf, readPrice, type SaidPrice } from "./price";
export {
  compareQuotes,
  MOST_QUOTES,
  QUOTED,
  QUOTED_TABLE,
  quotedPrices,
  quoteInForce,
  quoteRecord,
  QuoteSchema,
  readQuote,
  type Quote,
  type QuoteComparison,
  type QuoteField,
  type Quoted,
  type QuoteTerms,
  type ReadQuote,
} from "./quotes";
export { capacitanceIn, inCondition, type Incoming, type IncomingOther, type IncomingWork, type Together } from "./incoming";
export { PIECE_CONDITIONS, worstOf, type IncomingVerdict, type PieceCondition } from "./incoming-verdict";
export { judgeBearingIn, judgeBearingsIn, type BearingsIn, type IncomingBearing } from "./bearing-in";
export { stampsIn } from "./stamps-in";
export { asOneOfSeveral, judgeCapacitorIn, judgeCapacitorsIn, type CapacitorsIn, type IncomingCapacitor } from "./capacitor-in";
export { judgeGearIn, type IncomingGear } from "./gear-in";
export { judgeMotorIn, type IncomingMotor } from "./motor-in";
export { afterFitting, type AfterFitting } from "./after-fitting";
export { PROOF_LINE_IDS, proofLinesFor, type ProofLine } from "./proof-lines";
export { readCode, readLabelText, shortCode, writeLabelText, type LabelText } from "./label-code";
