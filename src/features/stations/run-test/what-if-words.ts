import type { Notice } from "@/core/motor";
import { formatNumber, formatPercent } from "@/core/quantity";
import type { CaseId, ShownCase } from "./what-if-cases";
import { faultWords } from "./words";

const CASE_WORDS: Record<CaseId, string> = { proposed: "As set", labelled: "As labelled", found: "As found", fault: "With the fault" };

/** Name of a set of curves, with its capacitor or its fault. */
export function caseWords({ id, choice }: Pick<ShownCase, "id" | "choice">): string {
  if (id === "fault") return faultWords(choice.fault);
  return choice.capacitanceUf === null ? CASE_WORDS[id] : `${CASE_WORDS[id]}, ${formatNumber(choice.capacitanceUf, 1)}\u00a0µF`;
}

const NOTICE_WORDS: { readonly [Kind in Notice["kind"]]: (notice: Extract<Notice, { kind: Kind }>) => string } = {
  dead: () => "Nothing happens when it is switched on: no current flows.",
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
