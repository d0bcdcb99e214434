import type { Notice, Range } from "@/core/motor";
import { formatNumber, formatPercent } from "@/core/quantity";

const NOTICE_WORDS: { readonly [Kind in Notice["kind"]]: (notice: Extract<Notice, { kind: Kind }>) => string } = {
  dead: () => "Nothing happens when it is switched on: no current flows.",
  "by-luck": ({ lowA, highA }) =>
    `About twice the amps or more (${formatNumber(lowA, 1)} to ${formatNumber(highA, 1)} A), and hot within minutes. It may or may not start, and may creep at part speed, either way round: load, and where the rotor happens to stand, decide.`,
  backwards: () => "It turns the other way round; a fan still moves some air, which hides it.",
  stands: ({ lineA, canBePushed }) =>
    `It hums and stands, drawing about ${formatNumber(lineA, 1)} A until a protector or breaker opens${canBePushed ? "; once it turns it would go on" : ""}.`,
  "slower-start": ({ times, seconds }) =>
    `It takes about ${formatNumber(times, 1)} times as long to come up to speed${seconds >= 30 ? "" : ` (near ${formatNumber(seconds, 1)} s)`}.`,
  "weaker-start": ({ fraction }) =>
    `It starts with ${formatPercent(fraction)} less torque: enough today, not with a stiff load or low volts.`,
  slower: ({ rpm, flowFraction }) =>
    `It runs ${formatNumber(rpm, 0)} rpm slower${flowFraction !== null && flowFraction >= 0.01 ? ` and moves ${formatPercent(flowFraction)} less air or water` : ""}.`,
  faster: ({ rpm }) => `It runs ${formatNumber(rpm, 0)} rpm faster.`,
  hotter: ({ fraction, isStartWinding }) =>
    `${isStartWinding ? "The start winding" : "The motor"} makes ${fraction > 9 ? "many times the" : `${formatPercent(fraction)} more`} heat: a warmer shell, and a shorter life.`,
  cooler: ({ fraction }) => `The motor makes ${formatPercent(fraction)} less heat.`,
  louder: ({ fraction }) => `It hums louder: the torque pulses ${fraction > 9 ? "many times as much" : `${formatPercent(fraction)} more`}.`,
  "capacitor-over-volts": ({ volts, ratedV }) =>
    `The capacitor sees about ${formatNumber(volts, 0)} V, above the ${formatNumber(ratedV, 0)} V on its label: it will not last.`,
};

/** What the customer would notice, one sentence each. */
export function noticeSentences(notices: readonly Notice[]): string[] {
  if (notices.length === 0) return ["Nobody would notice a difference."];
  return notices.map((notice) => (NOTICE_WORDS[notice.kind] as (notice: Notice) => string)(notice));
}

const decimalsFor = (high: number): number => (high < 0.95 ? 2 : high < 20 ? 1 : 0);
/** Less than this prints as nothing. */
const NOTHING = 0.005;

/** A range with its unit once: `1.6–1.9 A`. */
export function rangeWithUnit({ low, high }: Range, unit: string, places: number = decimalsFor(high)): string {
  if (high < NOTHING) return `0\u00a0${unit}`;
  const [from, to] = [formatNumber(low, places), formatNumber(high, places)];
  return `${from === to ? from : `${from}–${to}`}\u00a0${unit}`;
}
