import { isDay } from "@/core/kept";
import { EVERYTHING, ENDINGS, type LookedFor, type Ending } from "@/store/find-cards";

/** What the ledger is asked for: words, a stamp at any station or at one, what was done, on what, by whom, how it ended, and when. */
export interface Choice {
  readonly text: string;
  readonly station: string;
  readonly stamp: string;
  readonly action: string;
  readonly outcome: string;
  readonly machine: string;
  readonly technician: string;
  readonly since: string;
  readonly until: string;
}

/** Each part of it by its name in the address: a list that was found can be kept, and sent. Names do not change. */
const IN_ADDRESS: Readonly<Record<keyof Choice, string>> = {
  text: "find",
  station: "station",
  stamp: "stamp",
  action: "done",
  outcome: "ended",
  machine: "machine",
  technician: "by",
  since: "from",
  until: "to",
};
const PARTS = Object.keys(IN_ADDRESS) as (keyof Choice)[];

export const NOTHING_CHOSEN = Object.fromEntries(PARTS.map((part) => [part, ""])) as unknown as Choice;

/** A choice as an address holds it. */
export const fromAddress = (address: { get: (name: string) => string | null }): Choice =>
  Object.fromEntries(PARTS.map((part) => [part, address.get(IN_ADDRESS[part]) ?? ""])) as unknown as Choice;

/** What stands behind the ? of the address for a choice; empty: nothing is chosen. */
export function toAddress(choice: Choice): string {
  const parameters = new URLSearchParams(PARTS.flatMap((part) => (choice[part] === "" ? [] : [[IN_ADDRESS[part], choice[part]]])));
  const text = parameters.toString();
  return text === "" ? "" : `?${text}`;
}

/** A station alone asks for every stamp that it can have. */
function marksOf({ station, stamp, action, machine }: Choice): string[] {
  const stamped = stamp !== "" ? [`${station || "any"}:${stamp}`] : station !== "" ? [`${station}:any`] : [];
  return [...stamped, ...(action === "" ? [] : [`do:${action}`]), ...(machine === "" ? [] : [`on:${machine}`])];
}

const dayOrNull = (text: string): string | null => (isDay(text) ? text : null);
const isEnding = (text: string): text is Ending => (ENDINGS as readonly string[]).includes(text);

/** What is looked for; everything itself where nothing is chosen. */
export function toWanted(choice: Choice): LookedFor {
  if (PARTS.every((part) => choice[part].trim() === "")) return EVERYTHING;
  const { text, technician, since, until, outcome } = choice;
  return {
    text,
    marks: marksOf(choice),
    outcome: isEnding(outcome) ? outcome : null,
    technician: technician === "" ? null : technician,
    since: dayOrNull(since),
    until: dayOrNull(until),
  };
}
