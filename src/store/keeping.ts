/* What keeping a change takes, as one piece to be fetched. */
export { toDraft } from "./bench-row";
export { makeChange, stamped } from "./make-change";
export { CardGoneError, fitRow, ROWS } from "./rows";
