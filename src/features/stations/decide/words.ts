import { inSentence } from "@/features/vocabulary/in-sentence";
import { type ActionId } from "@/core/trade";
import { addDays } from "date-fns";
import { MEASURE_DAYS, type Hinge, type Measure, type Work } from "@/core/decision";
import type { NeededCapacitor } from "@/core/capacitor";
import type { HouseFigures } from "@/core/house";
import { formatNumber, formatQuantity } from "@/core/quantity";
import type { STATIONS } from "@/core/stations";
import type { DecideRecord } from "@/core/stations/decide";
import { dayOf, dayWords } from "@/features/vocabulary/clock";
import { CAUSE_STATE_WORDS, CAUSE_WORDS, HINGE_WORDS, MEASURE_WORDS, workWords } from "@/features/vocabulary/decision-words";
import { TEST_WORDS } from "@/features/vocabulary/words";

export type Detail = ReturnType<(typeof STATIONS)["decide"]["assess"]>["detail"];

export function partSentence(part: NeededCapacitor): string {
  const values = part.sectionsUf.map((uf) => formatNumber(uf, 2)).join(" + ");
  const volts =
    part.atLeastV === null
      ? "volts as on the part taken out or higher"
      : `${formatQuantity("voltage", part.atLeastV)} or higher, never lower`;
  return `${values} µF ${part.kind} capacitor, ${volts}; same hertz; it must fit the strap. Asked by the ${part.asked === "plate" ? "motor plate" : "label of the part taken out"}.`;
}

/** Day on which a measure must be looked at again, from today. */
export function recheckDate(measure: Measure, today: Date): string {
  return dayOf(addDays(today, MEASURE_DAYS[measure]));
}

/** Two schools on bearings; the house's is told with its reason. */
const bearingSchool = (house: HouseFigures, both = house.bearingsBoth === "both"): string =>
  both
    ? "Both bearings: the other has run as long, and the bench time is paid once. Some change only the bad one; House rules has the choice."
    : "Only the bad bearing, as the job was put together: it saves the price of one. Many change both while the motor is open.";

const CAUTIONS: Partial<Record<ActionId, string>> = {
  "keep-until":
    "It stays in service with something wrong: say so to who runs it, write the date, and what to switch off for (smell, hum, trip).",
  refer: "Refrigerant, gas and fixed wiring are licensed work: hand over with the readings of this card.",
  "replace-motor": "Rotation proven before the machine is closed. The condemned motor is made unusable and labelled.",
  "no-repair": "Nothing was found to repair. Say under what it was tested, and what to watch for.",
};

export function actionNotes(
  { action, also }: { action: ActionId | null; also: ActionId | null },
  house: HouseFigures,
  job: { readonly both: boolean } | null,
): string[] {
  const all = [action, also].filter((each) => each !== null);
  return [...all.flatMap((each) => CAUTIONS[each] ?? []), ...(all.includes("replace-bearings") ? [bearingSchool(house, job?.both)] : [])];
}

/** What the choice turns on, in one sentence. */
export function hingeSentence(hinge: Hinge): string {
  const { name, unit, decimals } = HINGE_WORDS[hinge.figure];
  const toField = (value: number): number => (unit === "%" ? value * 100 : value);
  const show = (value: number): string => `${formatNumber(toField(value), decimals)}${unit ? ` ${unit}` : ""}`;
  if (!hinge.crossing) return `Nothing that is uncertain turns the choice; ${name(hinge.suspect)} moves it most.`;
  const { at, from, to } = hinge.crossing;
  const isAbove = hinge.now > at;
  const [below, above] = [from, to];
  const now = isAbove ? above : below;
  const then = isAbove ? below : above;
  return `It hinges on the ${name(hinge.suspect)}: ${show(hinge.now)} is taken; ${isAbove ? "below" : "above"} ${show(at)} “${workWords(then).toLowerCase()}” is cheaper than “${workWords(now).toLowerCase()}”.`;
}

/** A person's line closed as a sentence, so that the next one does not run into it. */
const withStop = (text: string): string => (/[.!?…]$/.test(text) ? text : `${text}.`);

export const offerCaption = ({
  partCost,
  labourCost,
  waitCost,
  minutes,
}: {
  readonly partCost: number;
  readonly labourCost: number;
  readonly waitCost: number;
  readonly minutes: number;
}): string =>
  `parts ${formatNumber(partCost, 0)} · ${formatNumber(minutes, 0)} min ${formatNumber(labourCost, 0)}${waitCost > 0 ? ` · standing still ${formatNumber(waitCost, 0)}` : ""}`;

const workOf = ({ action, also }: { action: ActionId | null; also: ActionId | null }): Work | null =>
  action === null ? null : { action, also };

export function sentences(record: DecideRecord, detail: Detail): string[] {
  const earlier = record.earlier.trim() ? [`Before it came back: ${record.earlier.trim()}`] : [];
  const work = workOf(record);
  if (work === null) return earlier;
  return [
    `${workWords(work)}.${record.reason.trim() ? ` ${withStop(record.reason.trim())}` : ""}`,
    ...(detail.part ? [`Part: ${partSentence(detail.part)}`] : []),
    ...detail.causes
      .filter(({ state }) => state !== "open")
      .map(({ cause, state }) => `Why it failed, ${inSentence(CAUSE_WORDS[cause].name)}: ${CAUSE_STATE_WORDS[state]}.`),
    ...(detail.unchecked.length > 0 ? [`Not checked: ${detail.unchecked.map((test) => inSentence(TEST_WORDS[test])).join(", ")}.`] : []),
    ...(record.partHere === false ? ["The part is not here today."] : []),
    ...(record.measure ? [`Meanwhile: ${inSentence(MEASURE_WORDS[record.measure].name)}. ${MEASURE_WORDS[record.measure].honest}`] : []),
    ...(record.recheckOn ? [`Look again by ${dayWords(record.recheckOn)}.`] : []),
    ...earlier,
  ];
}
