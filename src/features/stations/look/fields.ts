import { rowsOf } from "@/features/form/rows";
import { isSignOn, lookRecord, SIGN_IDS, SIGNS, type Sign } from "@/core/stations/look";
import type { InstrumentProps } from "../../station/contract";
import { SIGN_WORDS } from "@/features/vocabulary/sign-words";
import type { Detail } from "./words";
import { timedRowsOf } from "@/features/form/timed-rows";

/** What the instrument knows beside the card: whether all signs are to be shown. */
interface Given extends InstrumentProps<"look", Detail> {
  readonly isAllShown: boolean;
}

/** Whether a sign is offered on this motor: it can have it, or it was ticked. */
export const isOffered = (id: Sign, { record, facts }: Pick<Given, "record" | "facts">): boolean =>
  record.signs.includes(id) || isSignOn(id, facts);

const signsOf = (sense: "seen" | "smelt") => ({
  label: sense === "seen" ? "Seen" : "Smelt",
  words: SIGN_WORDS,
  offers: (given: Given) => SIGN_IDS.filter((id) => SIGNS[id].sense === sense && (given.isAllShown || isOffered(id, given))),
  with: () => ({ nothingFound: false }),
});

export const ROWS = timedRowsOf<Given>()(lookRecord, {
  nothingFound: { label: "Looked and smelt: nothing found", with: (isNothing) => (isNothing ? { signs: [] } : {}) },
  signs: signsOf("seen"),
  note: { label: "Note" },
});
/** The same signs, those that are smelt. */
export const SMELT = rowsOf<Given>()(lookRecord, { signs: signsOf("smelt") });
