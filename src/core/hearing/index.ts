export { hear, type Hearing, type Span } from "./hear";
export { ASKS, type AskRow } from "./asks";
export { PHRASES, type PhraseRow } from "./complaint-words";
export { type ToldFinding } from "./finding-words";
