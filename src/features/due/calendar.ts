import { dayAfter } from "@/core/kept";
import { createEvents, type EventAttributes } from "ics";
import { fail, ok, type Failure, type Result } from "@/core/result";
import { shortSign } from "@/store/summary";
import { inSentence } from "../vocabulary/in-sentence";
import { DUE_WORDS, type DueRow } from "./due";

/**
 * What a calendar knows an entry by. It is of the motor and of what is due, not of the day or the visit: taken in again, the
 * entry moves to its new day. Persisted in people's calendars: do not change.
 */
export const calendarId = ({
  card,
  kind,
  station,
}: Pick<DueRow, "kind" | "station"> & { readonly card: Pick<DueRow["card"], "motor" | "named"> }): string => {
  // By its names: two motors that are made one, or parted, keep their entries.
  const motor = card.named || card.motor;
  return `${shortSign(motor)}-${shortSign([...motor].reverse().join(""))}-${kind}-${station}@vemmick`;
};

/** A calendar takes the later of two versions of an entry: counted in minutes of the card's last change. */
const versionOf = (updatedAt: string): number => Math.max(0, Math.floor(Date.parse(updatedAt) / 60_000) - FIRST_MINUTE);
const FIRST_MINUTE = Math.floor(Date.UTC(2026, 0, 1) / 60_000);

function toEvent({ card, kind, on, station }: DueRow): EventAttributes {
  const [year = 0, month = 0, day = 0] = on.split("-").map(Number);
  const machine = card.machine.trim() || "machine not named";
  return {
    uid: calendarId({ card, kind, station }),
    sequence: versionOf(card.updatedAt),
    productId: "vemmick",
    start: [year, month, day],
    end: dayAfter(on, 1).split("-").map(Number) as [number, number, number],
    title: `${DUE_WORDS[kind]}: ${machine}`,
    description: card.line?.stands ? `Last visit: ${inSentence(card.line.stands)}` : "",
    ...(card.site.trim() === "" ? {} : { location: card.site.trim() }),
  };
}

const MOST_OCTETS = 75;
const octets = new TextEncoder();
const UNFOLDED = /\r?\n[ \t]/g;

/**
 * Lines of at most 75 octets, the next ones with a space before them: the package counts characters, and a µ is two octets.
 * RFC 5545, 3.1.
 */
function folded(text: string): string {
  const lines = text.replace(UNFOLDED, "").split(/\r?\n/);
  const fold = (line: string): string => {
    const parts: string[] = [];
    let part = "";
    let length = 0;
    for (const letter of line) {
      const more = octets.encode(letter).length;
      if (length + more > MOST_OCTETS) {
        parts.push(part);
        [part, length] = [" ", 1];
      }
      part += letter;
      length += more;
    }
    return [...parts, part].join("\r\n");
  };
  return lines.map(fold).join("\r\n");
}

/** What is due as the text of a calendar file, one all-day entry each. */
export function toCalendar(rows: readonly DueRow[]): Result<string, Failure> {
  const { error, value } = createEvents(rows.map(toEvent));
  return error || typeof value !== "string" ? fail({ code: "study-failed", detail: error?.message ?? "" }) : ok(folded(value));
}
