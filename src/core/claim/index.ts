export { claimsOf } from "./claims";
export { CLAIM_CODES, type Claim, type ClaimCode } from "./codes";
