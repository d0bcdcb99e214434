export { hear, type Hearing, type Span } from "./hear";
export { ASKS, type AskRow } from "./asks";
export { ROUTINE } from "./routine";
export { saysItTrips } from "./trips";
export { saidAsSo } from "./turn";
export { PHRASES, type PhraseRow } from "./complaint-words";
export { TOLD_FINDINGS, type ToldFinding } from "./finding-words";
