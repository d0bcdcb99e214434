import { field, recordOf } from "../../fields";
import { defineStation, plainAssessment, type Stamp } from "../../station";
import { END_TABLE, endLacks, ENDS, endsOf, likelyEnd, type EndId, type EndNeed, type EndState } from "../../job";
import type { DueKind } from "../../due";
import type { Facts } from "../../facts";

export const cardEndRecord = recordOf({
  /** null: the one the card is on its way to */
  end: field.oneOf(ENDS),
  /** when it was chosen, or signed off */
  endedAt: field.moment(),
  /** the makeshift: what it is */
  what: field.note(),
  /** what ends the makeshift */
  until: field.note(),
  /** to whom it was handed over */
  toWhom: field.note(),
  /** why it is left as it is */
  why: field.note(),
  /** while it waits: it is in use, or off */
  isInUse: field.yesNo(),
  /** day on which it is looked at, or goes on */
  on: field.day(),
  /** the condemned motor was made unusable: cord or leads cut, labelled */
  unusableAt: field.moment(),
  /** parts that are left open, and why */
  leftSo: field.note(),
});
export type CardEndRecord = typeof cardEndRecord.blank;

export interface CardEndDetail {
  /** chosen, or the one it is on its way to; null: nothing follows yet */
  readonly end: EndId | null;
  readonly isChosen: boolean;
  readonly likely: EndId | null;
  readonly offered: readonly EndId[];
  /** what it still asks for */
  readonly lacks: readonly EndNeed[];
  /** day on which it goes on, from here or from where it was noted before, `YYYY-MM-DD` */
  readonly on: string | null;
}

/** What is looked at again on the day of an end. */
const DUE_OF: Readonly<Partial<Record<EndId, DueKind>>> = { "waits-for-part": "part-expected" };

const isSaid = (text: string): boolean => text.trim() !== "";

/** The day that stands: keyed here, or noted with the part or the decision. */
const dayOf = (record: CardEndRecord, facts: Facts): string | null => record.on ?? (facts.isOnOrder ? facts.expectedOn : facts.recheckOn);

function stateOf(record: CardEndRecord, facts: Facts, hasFindings: boolean): EndState {
  return {
    tested: hasFindings || facts.proof !== "none",
    parts: facts.openParts === 0 || isSaid(record.leftSo),
    closed: !facts.isApart,
    proof: facts.proof === "there" && !facts.isProofUnloaded,
    "idle-proof": facts.proof === "there",
    unusable: facts.isMadeUnusable || record.unusableAt !== null,
    what: isSaid(record.what) || facts.isMakeshift,
    until: isSaid(record.until),
    "to-whom": isSaid(record.toWhom),
    // A decision to leave it has its own reason, whether the end was tapped or follows from it.
    why: isSaid(record.why) || likelyEnd(facts) === "left-as-is",
    "in-use": record.isInUse !== null,
    day: dayOf(record, facts) !== null,
  };
}

function stampOf(detail: CardEndDetail, record: CardEndRecord): Stamp {
  if (detail.end === null || (!detail.isChosen && record.endedAt === null)) return "not-done";
  if (detail.lacks.length > 0) return "open";
  return END_TABLE[detail.end].needs.some((need) => need === "proof" || need === "idle-proof") ? "holds" : "noted";
}

/** How the card ends, what that end asks for, and the day it goes on. */
export const endStation = defineStation({
  definition: { id: "end", power: "either", minutes: 1, tests: [], cautions: ["local-codes"] },
  ...cardEndRecord,
  assess(record, { facts, findings }) {
    const likely = likelyEnd(facts);
    const end = record.end ?? likely;
    const hasDay = end === null || END_TABLE[end].needs.includes("day") || end === "proved-without-load";
    // A day that another end was given is none of this one's.
    const on = hasDay ? dayOf(record, facts) : null;
    const detail: CardEndDetail = {
      end,
      isChosen: record.end !== null,
      likely,
      offered: endsOf(facts.purpose),
      lacks: end === null ? [] : endLacks(end, stateOf(record, facts, findings.length > 0)),
      on,
    };
    const due =
      end !== null && hasDay && !facts.isOnOrder && record.on !== null
        ? { kind: DUE_OF[end] ?? "recheck-decision", when: { on: record.on } }
        : null;
    return plainAssessment<CardEndDetail>(stampOf(detail, record), detail, {
      due: due === null ? [] : [due],
    });
  },
});
