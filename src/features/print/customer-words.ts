import type { ActionId } from "@/core/trade";
import { waysOn, type ActionOffer } from "@/core/decision";
import type { HouseFigures } from "@/core/house";
import { readSheet } from "@/core/match";
import { formatMoney, formatNumber } from "@/core/quantity";
import type { OutInRecord } from "@/core/stations/out-in";
import { motorLine } from "../match/sheet-words";
import { dayWords } from "../vocabulary/clock";

/** What each work is, for who owns the machine: no words of the trade. */
export const PLAIN_ACTIONS: Record<ActionId, string> = {
  "replace-run-capacitor": "Replace the part that helps the motor run",
  "replace-start-capacitor": "Replace the part that helps the motor start",
  "service-start-switch": "Clean and set the motor's starting switch",
  "replace-start-relay": "Replace the motor's starting relay",
  "replace-bearings": "Renew the bearings the motor turns on",
  "replace-motor": "Fit a new motor",
  "repair-wiring-or-supply": "Repair the wiring or the power to the machine",
  "free-load": "Free or repair what the motor drives",
  "repair-control": "Repair the control that switches the motor on",
  "wait-and-retest": "Let the motor cool, and test it again",
  "keep-until": "Leave it running, and look at it again on a date",
  "no-repair": "No repair: nothing was found wrong",
  refer: "Hand over to a licensed specialist",
  "service-bearings": "Clean and grease the bearings the motor turns on",
  "dry-out": "Dry the motor out",
  "make-it-hold": "Fasten what had come loose",
  reconnect: "Connect the motor as its plate says",
};

/** How sure, in words; the chance itself stands beside it. */
function surenessWords(cure: number): string {
  if (cure >= 0.9) return "very likely puts it right";
  if (cure >= 0.7) return "likely puts it right";
  if (cure >= 0.4) return "may put it right";
  return "puts it right only with luck";
}

/** A chance as people count it. */
function oftenWords(cure: number): string {
  const times = Math.round(cure * 10);
  if (times >= 10) return "more than 9 times in 10";
  if (times <= 0) return "less than once in 10";
  return times === 1 ? "about once in 10" : `about ${formatNumber(times, 0)} times in 10`;
}

export interface CustomerOption {
  readonly title: string;
  readonly price: string;
  readonly lines: readonly string[];
}

const MOST_OPTIONS = 3;

export const plainWork = ({ action, also }: Pick<ActionOffer, "action" | "also">): string =>
  also === null
    ? PLAIN_ACTIONS[action]
    : `${PLAIN_ACTIONS[action]}, and ${PLAIN_ACTIONS[also].replace(/^./, (letter) => letter.toLowerCase())}`;

/** Ways on that put nothing right. */
const WITHOUT_WORK: Partial<Record<ActionId, string>> = {
  "keep-until": "It stays as it is, and may get worse until then.",
  "no-repair": "It stays as it is.",
};

/** Three ways on at most, in plain words, with prices. */
export function customerOptions(offers: readonly ActionOffer[], house: HouseFigures): CustomerOption[] {
  return waysOn(offers)
    .slice(0, MOST_OPTIONS)
    .map((offer) => ({
      title: plainWork(offer),
      price: formatMoney(offer.cost),
      lines: [
        WITHOUT_WORK[offer.action] ?? `It ${surenessWords(offer.cureProbability)}: ${oftenWords(offer.cureProbability)}.`,
        offer.minutes >= 15 ? `About ${formatNumber(5 * Math.round(offer.minutes / 5), 0)} minutes of work.` : "Hardly any work today.",
        ...(offer.callbackProbability >= 0.2
          ? [`If it does not, another visit costs about ${formatMoney(house.callbackCost)} and the repair then.`]
          : []),
      ],
    }));
}

/** The parts that went in, and the old ones that stay for now, for who owns the machine. */
export function partsIn(record: OutInRecord | undefined): string[] {
  return Object.values(record?.works ?? {}).flatMap(({ pieces, fittedAt, isOldKept, expectedOn }) => {
    if (isOldKept) return [`The old part stays in until the new one is here${expectedOn ? `, expected on ${dayWords(expectedOn)}` : ""}.`];
    return pieces.flatMap(({ label, sheet }) => {
      const name = label.trim() || (sheet ? motorLine(readSheet(sheet).spec) : "");
      return name === "" || fittedAt === null ? [] : [`Fitted: ${name}.`];
    });
  });
}
