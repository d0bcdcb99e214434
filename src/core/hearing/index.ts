export { hear, type Hearing, type Span } from "./hear";
export { ASKS, ROUTINE, type AskRow } from "./asks";
export { PHRASES, type PhraseRow } from "./complaint-words";
export { TOLD_FINDINGS, type ToldFinding } from "./finding-words";
