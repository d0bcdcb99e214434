"use client";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import { formatNumber } from "@/core/quantity";
import { entryAt, pairsOf, type PostPair } from "@/core/stations/windings";
import { MeterField } from "@/features/form/MeterField";
import { entryProblem, PAIR_EXTRAS } from "@/features/form/reading";
import { Verdict } from "../shared/Verdict";
import { PairSlips } from "./PairSlips";
import type { WindingsProps } from "./props";
import { windingSentences } from "./sentences";
import { fittedOhm, isDoubted, pairName, toPairEntry } from "./words";
import { samePair, setPair } from "@/core/stations/windings";

/** All pairs as a table: the same readings as on the sketch, each against what the fit expects. */
export function PairsTable({ record, assessment, house, facts, change }: WindingsProps) {
  const { detail } = assessment;
  const residualOf = (pair: PostPair) => detail.board?.residuals.find(({ a, b }) => samePair([a, b], pair));
  const isMarked = (pair: PostPair): boolean => isDoubted(detail, pair);
  return (
    <FieldFlow className="beside-pad">
      <div className="min-w-0">
        <PairSlips detail={detail} house={house} change={change} />
        <Verdict assessment={assessment} sentences={windingSentences(detail, facts.machineKind === "hermetic-compressor")} />
        <table className="mt-4 w-full text-[14px]">
          <thead>
            <tr className="border-b-[1.5px] border-ink text-left">
              <th className="py-1 font-semibold">Pair</th>
              <th className="py-1 font-semibold">Meter shows</th>
              <th className="py-1 text-right font-semibold">Fit</th>
              <th className="py-1 text-right font-semibold">Off by</th>
            </tr>
          </thead>
          <tbody>
            {pairsOf(record).map((pair) => {
              const entry = entryAt(record, ...pair);
              const residual = residualOf(pair);
              return (
                <tr key={pair.join()} className={`border-b border-rule-faint align-bottom ${isMarked(pair) ? "text-out" : ""}`}>
                  <td className="py-1 pr-3">
                    {pairName(detail.names, pair)}
                    {isMarked(pair) ? (
                      <span className="caption block text-out">does not belong</span>
                    ) : samePair(detail.next, pair) ? (
                      <span className="caption block text-press">next</span>
                    ) : null}
                  </td>
                  <td className="w-[40%] py-1">
                    <MeterField
                      takes={{
                        quantity: "resistance",
                        entry,
                        isDoubtful: isMarked(pair),
                        put: (next) => change((r) => setPair(r, pair, next)),
                      }}
                      label={pairName(detail.names, pair)}
                      isLabelHidden
                      text={entry?.text ?? ""}
                      unit={entry?.reading?.quantity === "capacitance" ? "" : "Ω"}
                      problem={entryProblem(entry, "resistance")}
                      onText={(text) => change((r) => setPair(r, pair, toPairEntry(text, house)))}
                    />
                  </td>
                  <td className="num py-1 pb-2 text-right">{residual ? fittedOhm(residual.expectedOhm) : ""}</td>
                  <td className="num py-1 pb-2 text-right">{residual ? `${formatNumber(residual.score, 1)} u` : ""}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      <div className="lg:sticky lg:top-4 lg:self-start">
        <KeyPad extras={PAIR_EXTRAS} />
      </div>
    </FieldFlow>
  );
}
