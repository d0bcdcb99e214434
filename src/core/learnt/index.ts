export { type DatedDeed, type Deed } from "./deed";
export { learn, type CauseRate, type Learnt, type Minutes, type WorkOutcome } from "./learn";
export { offersOf, type Offer } from "./offers";
export { learntShare, rateOf, type Rate } from "./rate";
