"use client";
import type { SizeCandidate } from "@/core/bearing";
import { misfitWords } from "./panel-words";
import { sizeWords } from "./words";

interface CandidateTableProps {
  readonly candidates: readonly SizeCandidate[];
  readonly onTake: (number: string) => void;
}

/** Nearest sizes with what is off at each figure. */
export function CandidateTable({ candidates, onTake }: CandidateTableProps) {
  if (candidates.length === 0) return null;
  return (
    <div className="overflow-x-auto">
      <table className="w-full text-[14px]">
        <caption className="caption mb-1 text-left">Nearest sizes; off at bore / outside / width, in mm</caption>
        <thead className="sr-only">
          <tr>
            <th>Number</th>
            <th>Size</th>
            <th>Off by</th>
            <th>Take it</th>
          </tr>
        </thead>
        <tbody>
          {candidates.map((candidate) => (
            <tr key={candidate.size.number} className={`border-b border-rule-faint ${candidate.isWithin ? "font-semibold" : ""}`}>
              <td className="num py-1.5 pr-3">{candidate.size.number}</td>
              <td className="num py-1.5 pr-3">
                {sizeWords(candidate.size, candidate.isClosed ? (candidate.size.closedWidthMm ?? null) : null)}
              </td>
              <td className="num py-1.5 pr-3">{misfitWords(candidate)}</td>
              <td className="py-1.5 text-right">
                <button type="button" className="btn btn-plain" onClick={() => onTake(candidate.size.number)}>
                  It is this one
                </button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
