/** What was done to a capacitor that is not there to be measured. Persisted: do not change without a migration. */
export const GONE = ["none-fitted", "removed", "bridged"] as const;
export type Gone = (typeof GONE)[number];

const CAPACITOR = "\\b(?:(?:run|start|starting|running)[- ]?)?cap(?:acitor)?s?\\b";
const NEAR = "[^.;,]{0,24}?";
const REMOVED = "\\b(?:removed|taken out|took out|pulled out|missing|not there|no longer there|ripped out)\\b";
const BRIDGED = "\\b(?:bridged|bypassed|jumper(?:ed)?|jumped out|linked out|shorted out|wired across|wired straight)\\b";

const SAID: readonly { readonly gone: Gone; readonly phrase: RegExp }[] = [
  { gone: "bridged", phrase: new RegExp(`${CAPACITOR}${NEAR}${BRIDGED}|${BRIDGED}${NEAR}${CAPACITOR}`, "i") },
  { gone: "removed", phrase: new RegExp(`${CAPACITOR}${NEAR}${REMOVED}|${REMOVED}${NEAR}${CAPACITOR}`, "i") },
  {
    gone: "none-fitted",
    phrase: new RegExp(`\\b(?:no|without(?: a| its)?) (?:run |start )?cap(?:acitor)?s?(?: (?:fitted|in it|there))?\\b`, "i"),
  },
];
/** “The capacitor was not removed” takes it back. */
const TAKEN_BACK = /\b(?:not|never|nobody|wasn['’]?t|n['’]t)\b/i;

/** Words that say it, for whoever shows what was understood. */
export const GONE_PHRASES: readonly RegExp[] = SAID.map(({ phrase }) => phrase);

/**
 * What people say was done to the capacitor. That it *is gone* may only mean that it has failed, and says nothing here.
 * @param text in the person's own words
 * @param counts whether what stands at these places is said as being so now, and not supposed by somebody else
 * @returns what; null: nothing of the kind is said
 * @example goneBySaid("somebody bridged the capacitor") -> "bridged"
 */
export function goneBySaid(text: string, counts: (from: number, to: number) => boolean = () => true): Gone | null {
  const row = SAID.find(({ phrase }) => {
    const found = phrase.exec(text);
    return found !== null && !TAKEN_BACK.test(found[0]) && counts(found.index, found.index + found[0].length);
  });
  return row?.gone ?? null;
}
