import type { Fate, SwapAction } from "@/core/exchange";
import type { Stamp } from "@/core/station";
import type { Deed } from "@/core/learnt";
import type { FollowUp, VisitFigure } from "@/core/traveller";
import { motorKey, type MotorOfVisit, type Traveller, type TravellerId } from "@/records";
import { toWords } from "./find-words";

/** What the core and the words make of a card: in one line where it stands, what is due, and what it is found by. */
export interface CardLine {
  readonly complaint: string;
  readonly stands: string;
  readonly stamp: Stamp;
  readonly stampWord: string;
  readonly due: readonly FollowUp[];
  /** words of its findings, parts and notes */
  readonly words: readonly string[];
  /** `station:stamp`, `any:stamp`, `station:any`, `do:action`, `on:machine` and `end:outcome`, for lists that ask for them */
  readonly marks: readonly string[];
  /** what is followed over the visits to its motor */
  readonly figures: readonly VisitFigure[];
  /** parts out and in */
  readonly exchanges: readonly LineExchange[];
  /** what it tells of the house's own work */
  readonly deed: Deed | null;
}

/** One part out and one in, in words as they are listed. */
export interface LineExchange {
  readonly work: SwapAction;
  readonly out: string;
  readonly fate: Fate | null;
  readonly in: string;
  readonly source: string;
  /** of the part that went in; null: not noted */
  readonly price: number | null;
}

/**
 * What is derived of a card so that lists need not read it. The names stand as they are kept; the line is made anew in a worker
 * whenever the card, the program or the house rules have changed, and the old one serves meanwhile.
 */
export interface Summary {
  readonly id: TravellerId;
  readonly machine: string;
  readonly site: string;
  readonly technician: string;
  readonly createdAt: string;
  readonly updatedAt: string;
  readonly finishedAt: string | null;
  /** the card it came back from */
  readonly callbackOf: TravellerId | null;
  readonly isDemo: boolean;
  /** 1 while it is on the rack: an index takes numbers */
  readonly isOpen: 0 | 1;
  /** the motor it belongs to; a card that is alone belongs to itself */
  readonly motor: string;
  /** the motor its names say; "": they say none */
  readonly named: string;
  /** how and when somebody said which motor it is of; null: its names do */
  readonly motorChange: Pick<MotorOfVisit, "at" | "how"> | null;
  /** null until it was first derived */
  readonly line: CardLine | null;
  /** what it is found by: ` word word word`, each word once */
  readonly words: string;
  /** days of what is due, of the last visit to a motor alone */
  readonly dueDays: readonly string[];
  /** what the line was derived by, or that it is outdated */
  readonly derivedBy: string;
  /** when this row was last written, ms: what was read of all of them is brought up to date by it */
  readonly touchedMs: number;
}

/** The key cards of one motor share. */
export const motorOf = (traveller: Pick<Traveller, "id" | "machine" | "site" | "motor">): string =>
  // What is stored may be of an older program, or damaged.
  (traveller.motor as Traveller["motor"] | undefined)?.id ?? motorKey(traveller) ?? `\n${traveller.id}`;

const MOST_WORDS = 160;

const text = (value: unknown): string => (typeof value === "string" ? value : "");

/** Words of the names, then of the line; each with the blank before it by which its beginning is found. */
const wordsOf = (names: string, line: CardLine | null): string =>
  [...new Set([...toWords(names), ...(line?.words ?? [])])]
    .slice(0, MOST_WORDS)
    .map((word) => ` ${word}`)
    .join("");

/** A summary as it is right after a change: what has to be derived stands as it was, and is marked as old. */
export function toSummary(traveller: Traveller, before?: Summary): Summary {
  const { id, createdAt, updatedAt, finishedAt, isDemo } = traveller;
  const callbackOf = traveller.callbackOf ?? null;
  // What is stored may have been damaged: a list shows what can be read.
  const [machine, site, technician] = [text(traveller.machine), text(traveller.site), text(traveller.technician)];
  const line = before?.line ?? null;
  return {
    id,
    machine,
    site,
    technician,
    createdAt,
    updatedAt,
    finishedAt,
    callbackOf,
    isDemo,
    isOpen: finishedAt === null ? 1 : 0,
    motor: motorOf({ ...traveller, machine, site }),
    named: motorKey({ machine, site }) ?? "",
    motorChange: traveller.motor ? { at: traveller.motor.at, how: traveller.motor.how } : null,
    line,
    words: wordsOf(`${machine} ${site} ${technician}`, line),
    dueDays: before?.dueDays ?? [],
    derivedBy: CHANGED,
    touchedMs: Date.now(),
  };
}

/** The summary with what was just derived. */
export function withLine(summary: Summary, line: CardLine, derivedBy: string, isLastVisit: boolean): Summary {
  return {
    ...summary,
    line,
    words: wordsOf(`${summary.machine} ${summary.site} ${summary.technician}`, line),
    dueDays: isLastVisit ? [...new Set(line.due.map(({ on }) => on))] : [],
    derivedBy,
    touchedMs: Date.now(),
  };
}

/** The state of what a line is made by: a build of another one derives every line anew. */
const CORE = process.env.NEXT_PUBLIC_CORE ?? "";

/** The card has changed since its line was derived: that is news to later visits of its motor. */
export const CHANGED = "";
/** Only an earlier visit has: nobody else need hear of it, or a motor with many visits would be derived without end. */
export const EARLIER_CHANGED = "~";

/** A line that no longer holds: it says what stood before something was keyed. */
export const isOutdated = ({ derivedBy: by }: Pick<Summary, "derivedBy">): boolean => by === CHANGED || by === EARLIER_CHANGED;

/** A row as one of a later visit, after something was keyed on an earlier one. */
export const afterChange = (row: Summary): Summary => (row.derivedBy === CHANGED ? row : { ...row, derivedBy: EARLIER_CHANGED });

/** Set beside a line that still waits for the answer to a long question. */
export const STILL_OPEN = "?";

/** FNV-1a of a text: short, and the same everywhere. It stands in calendars of people: do not change. */
export function shortSign(said: string): string {
  let value = 0x811c9dc5;
  for (let index = 0; index < said.length; index += 1) value = Math.imul(value ^ said.charCodeAt(index), 0x01000193);
  return (value >>> 0).toString(36);
}

/** What a line is derived by: this program under these rules. */
export const derivedBy = (figures: unknown): string => `${CORE}:${shortSign(JSON.stringify(figures ?? {}))}`;
