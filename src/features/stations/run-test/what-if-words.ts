import { formatNumber } from "@/core/quantity";
import type { CaseId, ShownCase } from "./what-if-cases";
import { faultWords } from "./words";

const CASE_WORDS: Record<CaseId, string> = { proposed: "As proposed", labelled: "As labelled", found: "As found", fault: "With the fault" };

/** Name of a set of curves, with its capacitor or its fault. */
export function caseWords({ id, choice }: Pick<ShownCase, "id" | "choice">): string {
  if (id === "fault") return faultWords(choice.fault);
  return choice.capacitanceUf === null ? CASE_WORDS[id] : `${CASE_WORDS[id]}, ${formatNumber(choice.capacitanceUf, 1)}\u00a0µF`;
}
