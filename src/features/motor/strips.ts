import { fitDrift } from "@/core/capacitor";
import { FOLLOWED, type Followed, type VisitFigure } from "@/core/traveller";
import { trendOf, type Trended } from "@/core/trend";
import type { Summary } from "@/store/summary";

const DAY_MS = 86_400_000;

/** One figure of one visit, on the time axis all strips share. */
export interface StripPoint extends VisitFigure {
  readonly card: string;
  readonly at: string;
  readonly day: number;
  /** against its limits: beyond them by more than the meter may be wrong */
  readonly isOut: boolean;
}

/** Everything that is known of one figure over the visits. */
export interface Strip {
  readonly of: Followed;
  readonly points: readonly StripPoint[];
  /** since the part was last renewed, where it was */
  readonly trended: Trended;
  /** what was found and what was put in, the last time it was renewed; null: never */
  readonly renewed: { readonly from: number; readonly to: number } | null;
  /** limits of the last visit that has any */
  readonly low: number | null;
  readonly high: number | null;
  /** some were not brought to the condition all are compared at */
  readonly isMixed: boolean;
  /** days from which and to which the limit is reached; null: no date can honestly be told */
  readonly crossing: { readonly fromDay: number; readonly bestDay: number; readonly toDay: number } | null;
}

const isOut = ({ value, low, high, standardUncertainty }: VisitFigure): boolean =>
  (low !== null && value < low - standardUncertainty) || (high !== null && value > high + standardUncertainty);

const pointsOf = (visits: readonly Summary[], of: Followed): StripPoint[] =>
  visits.flatMap(({ id, createdAt, line }) =>
    (line?.figures ?? [])
      .filter((figure) => figure.of === of)
      .sort((a, b) => Number(a.when === "after") - Number(b.when === "after"))
      .map((figure) => ({
        ...figure,
        card: id,
        at: createdAt,
        day: Date.parse(createdAt) / DAY_MS,
        isOut: isOut(figure),
      })),
  );

/** Figures of the part that is in there now: those since the last one that was renewed. */
const sinceRenewal = (points: readonly StripPoint[]): readonly StripPoint[] =>
  points.slice(
    Math.max(
      0,
      points.findLastIndex(({ when }) => when === "after"),
    ),
  );

/** A repair that moved the figure beyond what two readings of one thing differ by renewed what is measured. */
function renewedIn(points: readonly StripPoint[]): Strip["renewed"] {
  const at = points.findLastIndex(({ when }) => when === "after");
  const [found, after] = [points[at - 1], points[at]];
  if (!found || !after || found.card !== after.card) return null;
  return trendOf([found, after]).kind === "steady" ? null : { from: found.value, to: after.value };
}

function crossingOf(of: Followed, points: readonly StripPoint[]): Strip["crossing"] {
  const { low = null, high = null } = points.at(-1) ?? {};
  if (of !== "capacitor" || low === null || high === null) return null;
  const drift = fitDrift(
    sinceRenewal(points).map(({ day, value, standardUncertainty }) => ({
      day,
      capacitanceUf: value,
      standardUncertaintyUf: standardUncertainty,
    })),
    { lowUf: low, highUf: high },
  );
  return drift?.crossing ?? null;
}

/** What is followed of a motor over its visits, each figure that was ever measured, in the order they are told. */
export const stripsOf = (visits: readonly Summary[]): readonly Strip[] =>
  FOLLOWED.flatMap((of): Strip[] => {
    const points = pointsOf(visits, of);
    if (points.length === 0) return [];
    const renewed = renewedIn(points);
    const limited = points.findLast(({ low, high }) => low !== null || high !== null);
    return [
      {
        of,
        points,
        // What was read at another temperature, nobody knows which, says nothing of a change.
        trended: trendOf(
          (renewed ? sinceRenewal(points) : points).filter(({ isCorrected }) => isCorrected),
          of === "insulation",
        ),
        renewed,
        low: limited?.low ?? null,
        high: limited?.high ?? null,
        isMixed: points.some(({ isCorrected }) => !isCorrected),
        crossing: crossingOf(of, points),
      },
    ];
  });

/** First and last day on the axis that all strips share, with a little room. */
export function axisOf(visits: readonly Summary[]): { readonly from: number; readonly to: number } {
  const days = visits.map(({ createdAt }) => Date.parse(createdAt) / DAY_MS);
  const [from, to] = [Math.min(...days), Math.max(...days)];
  const room = Math.max(7, (to - from) * 0.04);
  return { from: from - room, to: to + room };
}

/** Days at which the axis is named: the first of a year, or of a month where the visits lie within two years. */
export function ticksOf({
  from,
  to,
}: {
  readonly from: number;
  readonly to: number;
}): readonly { readonly day: number; readonly label: string }[] {
  const [first, last] = [new Date(from * DAY_MS), new Date(to * DAY_MS)];
  const years = last.getUTCFullYear() - first.getUTCFullYear();
  const step = years > 2 ? 12 * Math.ceil(years / 6) : years >= 1 ? 6 : 3;
  const start = first.getUTCFullYear() * 12;
  return Array.from({ length: (years + 2) * 12 }, (_, index) => start + index)
    .filter((month) => month % step === 0)
    .map((month) => new Date(Date.UTC(Math.floor(month / 12), month % 12, 1)))
    .map((date) => ({
      day: date.getTime() / DAY_MS,
      label:
        date.getUTCMonth() === 0
          ? String(date.getUTCFullYear())
          : new Intl.DateTimeFormat("en-GB", { month: "short", year: "numeric", timeZone: "UTC" }).format(date),
    }))
    .filter(({ day }) => day >= from && day <= to);
}
