"use client";
import { Stamp, type StampTone } from "@/components/Stamp";
import { PickOne } from "@/components/Choice";
import { useState } from "react";
import { MATCH_LINE_IDS, type MatchLineId, type MatchReason, type MatchVerdict, type MotorMatch, type MotorSpec } from "@/core/match";
import { formatNumber } from "@/core/quantity";
import { MATCH_LINE_WORDS, MATCH_VERDICT_WORDS, matchReason } from "@/features/vocabulary/match-words";
import { FitMark } from "./FitMark";
import { matchCell } from "./sheet-words";

/** One motor that may go in, with its standing. */
export interface ShownCandidate {
  readonly id: string;
  readonly title: string;
  readonly caption: string;
  readonly match: MotorMatch;
  /** price of the motor itself; null: not known */
  readonly price: number | null;
  readonly fittingMinutes: number;
  readonly actions: React.ReactNode;
}

const TONES: Record<MatchVerdict, StampTone> = { fits: "holds", "fits-with-work": "holds", "not-known": "unsure", "does-not-fit": "out" };

/** Minutes and money of the whole, with what it takes to make it fit. */
const costWords = ({ minutes, materialCost }: MotorMatch, price: number | null, fittingMinutes: number): string =>
  `${formatNumber(fittingMinutes + minutes, 0)} min · ${price === null ? "price not known" : formatNumber(price, 0)}${materialCost > 0 ? ` + ${formatNumber(materialCost, 0)} parts` : ""}`;

/** What is missing of the candidate itself says so by its mark alone. */
const shownReasons = (reasons: readonly MatchReason[]): string =>
  [...new Set(reasons.filter((reason) => reason.code !== "not-known" || reason.of !== "candidate").map(matchReason))].join("; ");

/** A line that is the same for all, and that nobody can say of any, is folded away with the others of its sort. */
const isTelling = (line: MatchLineId, old: MotorSpec, shown: readonly ShownCandidate[]): boolean =>
  matchCell(line, old) !== "" || shown.some(({ match }) => match.lines[line].fit !== "same");

/** Old motor at the left, candidates to the right, line by line; on a phone one candidate at a time. */
export function MatchTable({ old, candidates }: { old: MotorSpec; candidates: readonly ShownCandidate[] }) {
  const [picked, setPicked] = useState<string | null>(null);
  const inHand = candidates.find(({ id }) => id === picked) ?? candidates[0];
  if (!inHand) return null;
  const lines = MATCH_LINE_IDS.filter((line) => isTelling(line, old, candidates));
  return (
    <div>
      {candidates.length > 1 ? (
        <div className="mb-3 lg:hidden">
          <PickOne
            legend="Held against the old one"
            options={candidates.map(({ id, title }) => ({ id, label: title }))}
            picked={inHand.id}
            onPick={setPicked}
          />
        </div>
      ) : null}
      <div className="overflow-x-auto">
        <table className="w-full text-[13.5px]">
          <caption className="sr-only">Old motor and candidates, line by line</caption>
          <thead>
            <tr className="border-b-2 border-ink text-left align-top">
              <td className="w-28 py-1.5" />
              <th scope="col" className="py-1.5 pr-3 font-semibold">
                Old motor
                <span className="caption block font-normal">plate, and as measured</span>
              </th>
              {candidates.map(({ id, title, caption, match, price, fittingMinutes, actions }) => (
                <th
                  key={id}
                  scope="col"
                  className={`border-l border-rule py-1.5 pl-2 font-semibold ${id === inHand.id ? "" : "max-lg:hidden"}`}
                >
                  {title}
                  <span className="caption block font-normal">{caption}</span>
                  <span className="mt-1.5 block">
                    <Stamp tone={TONES[match.overall]}>{MATCH_VERDICT_WORDS[match.overall]}</Stamp>
                  </span>
                  {match.overall === "does-not-fit" ? null : (
                    <span className="num mt-1.5 block text-[13.5px] font-normal">{costWords(match, price, fittingMinutes)}</span>
                  )}
                  {match.missing.length > 0 ? <span className="caption block font-normal">{match.missing.length} to ask</span> : null}
                  <span className="mt-2 mb-1 flex flex-wrap gap-2">{actions}</span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {lines.map((line) => (
              <tr key={line} className="border-b border-rule-faint align-baseline">
                <th scope="row" className="py-1.5 pr-2 text-left font-normal text-ink-soft">
                  {MATCH_LINE_WORDS[line]}
                </th>
                <td className="num py-1.5 pr-3">{matchCell(line, old) || <span className="text-ink-soft">not given</span>}</td>
                {candidates.map(({ id, match }) => {
                  const { fit, reasons } = match.lines[line];
                  return (
                    <td key={id} className={`border-l border-rule py-1.5 pl-2 ${id === inHand.id ? "" : "max-lg:hidden"}`}>
                      <FitMark fit={fit} /> <span className="text-[12.5px] text-ink-soft">{shownReasons(reasons)}</span>
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </div>
  );
}
