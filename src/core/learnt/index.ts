export { type DatedDeed, type Deed } from "./deed";
export { learn, type CauseRate, type Learnt, type Minutes, type Outcome } from "./learn";
export { offersOf, type Offer } from "./offers";
export { learntShare, rateOf, type Rate } from "./rate";
