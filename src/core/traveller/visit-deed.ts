import { END_TABLE, isSimulated } from "../job";
import { isCovered } from "../decision";
import { isSwap, SWAP_TABLE } from "../exchange";
import { isLoose } from "../kept";
import type { Deed } from "../learnt";
import type { ActionId } from "../trade";
import type { StationEntries } from "./entries";
import { decidedWorks } from "./renewal";
import type { TravellerAssessment } from "./assess-traveller";

/** Longer than this between two things that are keyed is a break, not work [min]. */
const BREAK_MINUTES = 30;
/** Fewer moments say nothing of the time between. */
const FEWEST_MOMENTS = 6;
const MINUTE_MS = 60_000;
const MOMENT = /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(?:\.\d+)?Z$/;

function momentsIn(value: unknown): number[] {
  if (typeof value === "string") return MOMENT.test(value) ? [Date.parse(value)] : [];
  if (Array.isArray(value)) return value.flatMap(momentsIn);
  return isLoose(value) ? Object.values(value).flatMap(momentsIn) : [];
}

/**
 * Minutes at the work, from the moments at which something was keyed: the time between them, breaks left out.
 * @param entries what was keyed at each station
 * @returns minutes; null: too little was keyed to say
 */
export function minutesWorked(entries: StationEntries): number | null {
  const moments = [...new Set(Object.values(entries).flatMap((entry) => momentsIn(entry.data)))].sort((a, b) => a - b);
  if (moments.length < FEWEST_MOMENTS) return null;
  const gaps = moments.slice(1).map((at, index) => (at - (moments[index] ?? at)) / MINUTE_MS);
  const minutes = gaps.filter((gap) => gap <= BREAK_MINUTES).reduce((sum, gap) => sum + gap, 0);
  return minutes > 0 ? Math.round(minutes) : null;
}

const MAKERS_NAMED = ["capacitor", "bearing", "motor"];
/** A maker stands before what the part is: a word with a capital, of letters alone. */
const MAKER = /^(\p{Lu}\p{L}{2,})\b/u;

function makerOf({ "out-in": outIn }: StationEntries, works: readonly ActionId[]): string {
  for (const work of works) {
    if (!isSwap(work) || !MAKERS_NAMED.includes(SWAP_TABLE[work].kind)) continue;
    const maker = MAKER.exec(outIn?.data.works[work]?.pieces[0]?.label.trim() ?? "")?.[1];
    if (maker !== undefined) return maker;
  }
  return "";
}

/** Evidence leaves one fault when it stands at least so high [probability]. */
const CLEAR = 0.9;

/** The one fault that the evidence left, that the work mends, and whose repair was proved. */
function causeOf({ standing, stations }: TravellerAssessment, works: readonly ActionId[]): Deed["cause"] {
  const [top] = standing.hypotheses.toSorted((a, b) => b.probability - a.probability);
  const [action, also = null] = works;
  if (action === undefined || stations.prove.stamp !== "holds" || top === undefined || top.probability < CLEAR) return null;
  const [cause, ...others] = top.faults;
  return cause !== undefined && others.length === 0 && isCovered({ action, also }, [cause]) ? cause : null;
}

/**
 * What a card tells of the house's own work.
 * @param entries what was keyed at each station
 * @param assessment the card as it is assessed
 * @returns works, maker of the part, motor and machine, complaints, the cause where it is clear, and minutes
 */
export function visitDeed(entries: StationEntries, assessment: TravellerAssessment): Deed {
  // A job on a simulated motor tells nothing of the house's work.
  const isReal = !isSimulated(entries);
  const { end } = assessment.stations.end.detail;
  // What was only decided is no work that could hold or come back.
  const works = !isReal || (end !== null && !END_TABLE[end].isWorkDone) ? [] : decidedWorks(entries);
  const { motorType, machineKind, ageYears, complaints } = assessment.facts;
  return {
    works,
    maker: makerOf(entries, works),
    profile: { type: motorType, machine: machineKind, ageYears },
    complaints,
    cause: causeOf(assessment, works),
    minutes: isReal ? minutesWorked(entries) : null,
  };
}
