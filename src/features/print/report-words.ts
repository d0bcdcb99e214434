import { jobCost, type CostedWork, type CostLine } from "@/core/decision";
import { isSwap, paidFor, SWAP_TABLE } from "@/core/exchange";
import type { HouseFigures } from "@/core/house";
import { END_TABLE, isMend, MEND_TABLE, type DoneWork, type EndId } from "@/core/job";
import { readSheet } from "@/core/match";
import { RUN_FIELDS, type RunField } from "@/core/motor";
import { formatMoney, formatNumber, formatQuantity } from "@/core/quantity";
import type { TravellerAssessment } from "@/core/traveller";
import type { ActionId } from "@/core/trade";
import type { KeptCard } from "@/store/kept-card";
import { CAUSE_WORDS } from "../vocabulary/decision-words";
import { motorLine } from "../match/sheet-words";
import { dayWords } from "../vocabulary/clock";
import { PLAIN_ACTIONS } from "./customer-words";
import { PLAIN_DONE } from "@/features/vocabulary/mend-words";

/* The customer's report: found, done, now, paid, to be watched. No ways on and no chances. */

const DONE_ACTIONS: Readonly<Partial<Record<ActionId, string>>> = {
  "replace-run-capacitor": "The part that helps the motor run was replaced.",
  "replace-start-capacitor": "The part that helps the motor start was replaced.",
  "service-start-switch": "The motor's starting switch was cleaned and set.",
  "replace-start-relay": "The motor's starting relay was replaced.",
  "replace-bearings": "The bearings were renewed.",
  "replace-motor": "Another motor was fitted.",
  "repair-wiring-or-supply": "The wiring or the power to the machine was repaired.",
  "free-load": "What the motor drives was freed or repaired.",
  "repair-control": "The control that switches the motor on was repaired.",
  "service-bearings": "The bearings were cleaned and greased.",
  "dry-out": "The motor was dried out.",
  "make-it-hold": "What had come loose was fastened.",
  reconnect: "The motor was connected as its plate says.",
};

/** Works that the card has: noted as done, or decided and borne out by the proof. */
export function doneOn({ facts, stations }: TravellerAssessment, end: EndId | null): readonly DoneWork["work"][] {
  const noted = facts.worksDone.map(({ work }) => work);
  const isBorneOut = end !== null && END_TABLE[end].isWorkDone && stations.prove.stamp !== "skipped";
  const decided = isBorneOut ? [facts.action, facts.also].filter((action): action is ActionId => action !== null) : [];
  const isCarriedOut = (action: ActionId): boolean =>
    noted.some((work) => work === action || (isMend(work) && MEND_TABLE[work].of.includes(action)));
  return [...noted, ...decided.filter((action) => DONE_ACTIONS[action] !== undefined && !isCarriedOut(action))];
}

/** What was done, a sentence each. */
export const doneSentences = (works: readonly DoneWork["work"][]): readonly string[] =>
  [...new Set(works)].map((work) => (isMend(work) ? PLAIN_DONE[work] : (DONE_ACTIONS[work] ?? `${PLAIN_ACTIONS[work]}.`)));

/** Why it failed, as far as somebody looked. */
export const causeSentences = ({ stations }: TravellerAssessment): readonly string[] =>
  stations.decide.detail.causes.flatMap(({ cause, state, by }) =>
    state === "found" && by !== "complaint" ? [`Why it failed: ${CAUSE_WORDS[cause].name.toLowerCase()}.`] : [],
  );

/** What ran before the visit does not work again. */
const worksTold = ({ facts }: TravellerAssessment, isMeasured: boolean): string =>
  `${facts.purpose === "fault" ? "It works again" : "It runs as it should"}: it was ${isMeasured ? "measured" : "tried"} on the machine after the work.`;

/** How the machine is now, for who owns it. */
const PLAIN_ENDS: Readonly<Record<Exclude<EndId, "repaired">, string>> = {
  "proved-without-load": "It runs as it should without its machine. How it does on the machine is measured on the day it is fitted.",
  "tested-spare": "It was tested without load, and nothing that was measured is out of order. It is kept as a spare.",
  condemned: "The motor is not worth mending. It was made unusable, and must not be connected again.",
  "left-as-is": "Nothing was changed. It stays as it is.",
  makeshift: "It runs by a makeshift. That is not a repair.",
  "waits-for-part": "It waits for a part.",
  referred: "It was handed over to others.",
  "nothing-found": "Nothing was found that asks for a repair.",
};

const FIGURES_TOLD: Readonly<Partial<Record<RunField, readonly [before: string, now: string]>>> = {
  lineAmps: ["It drew", "draws"],
  speed: ["It turned at", "turns at"],
  startTime: ["It took", "takes"],
  supplyVolts: ["It got", "gets"],
};

/** Before and after, a sentence a figure. */
function pairSentences({ stations }: TravellerAssessment): readonly string[] {
  return stations.prove.detail.rows.flatMap(({ field, before, after }) => {
    const told = FIGURES_TOLD[field];
    if (told === undefined || after === null) return [];
    const show = (value: number): string => formatQuantity(RUN_FIELDS[field], value);
    const tail = field === "startTime" ? " to start" : "";
    return [
      before === null
        ? `It ${told[1]} ${show(after)} now${tail}.`
        : `${told[0]} ${show(before)}${tail} before, and ${told[1]} ${show(after)} now.`,
    ];
  });
}

/** What it is now: how it ends, before and after, and what goes with that end. */
export function nowSentences(
  card: KeptCard,
  assessment: TravellerAssessment,
  end: EndId | null,
  works: readonly DoneWork["work"][],
): readonly string[] {
  const record = card.entries.end?.data;
  const { heard, rows } = assessment.stations.prove.detail;
  const isMeasured = rows.some(({ after }) => after !== null);
  const said = (label: string, text: string | undefined): string[] =>
    text?.trim() ? [`${label} ${text.trim().replace(/[.\s]*$/, "")}.`] : [];
  return [
    ...(end !== null
      ? [end === "repaired" ? worksTold(assessment, isMeasured) : PLAIN_ENDS[end]]
      : works.length > 0
        ? ["What was done has not been shown by a measurement."]
        : ["It is as it was."]),
    ...pairSentences(assessment),
    ...(heard.after.includes("quiet") && heard.before.some((noise) => noise !== "quiet") ? ["It is quiet now."] : []),
    ...(end === "makeshift" ? [...said("The makeshift:", record?.what), ...said("It ends with:", record?.until)] : []),
    ...(end === "referred" ? said("Handed over to", record?.toWhom) : []),
    ...(end === "left-as-is" ? said("Why:", record?.why) : []),
    ...(end === "waits-for-part" && record?.isInUse !== null && record !== undefined
      ? [record.isInUse ? "It may be used meanwhile." : "It stays switched off meanwhile."]
      : []),
  ];
}

/** What it cost, line by line. */
export function costLines(
  card: KeptCard,
  assessment: TravellerAssessment,
  works: readonly DoneWork["work"][],
  house: HouseFigures,
): readonly CostLine[] {
  const exchanges = card.entries["out-in"]?.data.works ?? {};
  const { facts } = assessment;
  const decided = [facts.action, facts.also];
  // A work without a part belongs to the decision that it carries out.
  const actions = works.flatMap((work): ActionId[] =>
    isMend(work) ? MEND_TABLE[work].of.filter((action) => decided.includes(action)).slice(0, 1) : [work],
  );
  const costed = [...new Set(actions)].map((action): CostedWork => {
    const pieces = isSwap(action) ? (exchanges[action]?.pieces ?? []) : [];
    const paid = isSwap(action) ? paidFor(action, pieces) : null;
    const isNamed = pieces.some(({ label, sheet }) => label.trim() !== "" || sheet !== null);
    return { action, paid, hasPart: paid !== null || isNamed || (isSwap(action) && !SWAP_TABLE[action].isOftenMended) };
  });
  return jobCost(costed, house, facts.bearingJob);
}

/** A line of the bill in words. */
export function costWords({ of, action, minutes, isKeyed }: CostLine, card: KeptCard): string {
  if (of === "call-out" || action === null) return "Call-out, with travel";
  if (of === "time") return `${PLAIN_ACTIONS[action]}: ${formatNumber(minutes ?? 0, 0)} minutes of work`;
  const pieces = isSwap(action) ? (card.entries["out-in"]?.data.works[action]?.pieces ?? []) : [];
  const names = pieces.map(({ label, sheet }) => label.trim() || (sheet ? motorLine(readSheet(sheet).spec) : "")).filter(Boolean);
  return `${names.length > 0 ? `Part: ${names.join("; ")}` : `The part for it`}${isKeyed ? "" : ", at our usual price"}`;
}

/** What of it is in the prices, and what is not. */
export const costFoot = (house: HouseFigures): string =>
  `Work at ${formatMoney(house.hourlyRate)} an hour${house.callOutPrice > 0 ? "; travel is in the call-out." : ", without travel."}`;

/** What to watch, and when somebody looks again. */
export const watchSentences = (on: string | null): readonly string[] => [
  ...(on === null ? [] : [`We look at it again, or go on, by ${dayWords(on)}.`]),
  "If it smells burnt, hums or trips, switch it off and call.",
];
