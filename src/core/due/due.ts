import type { ActionId } from "../trade";
import { addDays, addMonths, lightFormat } from "date-fns";
import { isDay } from "../kept";
import type { DueKind } from "./due-kinds";

/** A follow-up a station asks for: on a date, or so long after a day (null: the day of the visit). */
export interface Due {
  readonly kind: DueKind;
  readonly when:
    | { readonly on: string }
    | { readonly after: string | null; readonly months: number }
    | { readonly after: string | null; readonly days: number };
}

/** Work that takes the ground from under a follow-up. */
const ENDED_BY: Partial<Record<DueKind, readonly ActionId[]>> = {
  "recheck-capacitor": ["replace-run-capacitor", "replace-start-capacitor", "replace-motor"],
  "oil-bearings": ["replace-motor"],
  "listen-bearings": ["replace-motor"],
};

/**
 * Whether what was decided leaves a follow-up standing.
 * @param due a follow-up
 * @param actions what was decided
 * @returns true when it stands
 */
export const isStillDue = ({ kind }: Due, actions: readonly (ActionId | null)[]): boolean =>
  !actions.some((action) => action !== null && ENDED_BY[kind]?.includes(action));

/**
 * The day a follow-up falls on, `YYYY-MM-DD`.
 * @param due a follow-up
 * @param visitDay day of the visit that asked for it, `YYYY-MM-DD`
 * @returns the day, `YYYY-MM-DD`
 */
export function dueOn({ when }: Due, visitDay: string): string {
  if ("on" in when) return when.on;
  const from = new Date(`${when.after !== null && isDay(when.after) ? when.after : visitDay}T12:00:00`);
  // From noon: a zone may leave a midnight out.
  return lightFormat("months" in when ? addMonths(from, when.months) : addDays(from, when.days), "yyyy-MM-dd");
}

/** A card as far as its days go. */
interface DatedCard {
  /** when it was signed off, ISO 8601; null: it is not */
  readonly finishedAt: string | null;
  /** days on which something of it is due, `YYYY-MM-DD` */
  readonly dueDays: readonly string[];
}

/**
 * Whether something of a card is due on a day, or was before.
 * @param card its days
 * @param today the day, `YYYY-MM-DD`
 * @returns true when it is
 */
export const isDueBy = ({ dueDays }: Pick<DatedCard, "dueDays">, today: string): boolean => dueDays.some((day) => day <= today);

/**
 * Whether a card of the day's list is done: signed off, and not gone to because it is due again.
 * @param card its days
 * @param today the day, `YYYY-MM-DD`
 * @returns true when nothing of it is left for the day
 */
export const isDoneFor = (card: DatedCard, today: string): boolean => card.finishedAt !== null && !isDueBy(card, today);
