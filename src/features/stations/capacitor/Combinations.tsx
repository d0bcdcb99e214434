"use client";
import { useEffect, useState } from "react";
import {
  enumerateCombinations,
  limitsOfSection,
  type Joinable,
  type JoinTarget,
  type ParallelCombination,
  type StockPart,
  type Wanted,
} from "@/core/capacitor";
import { formatMoney, formatNumber } from "@/core/quantity";
import type { Failure } from "@/core/result";
import type { House } from "@/records";
import { toMachineSentence } from "@/features/messages/machine-sentences";
import { searchInWorker } from "@/workers/combinations";
import { JOIN_WORDS } from "./fit-words";

interface CombinationsProps {
  readonly wanted: Wanted;
  readonly stock: readonly StockPart[];
  readonly house: House;
  readonly nameOf: (id: string) => string;
  /** volts across the whole while running, at least; null: not known */
  readonly workingV: number | null;
}

const SHOWN = 6;

/** Only single parts of the wanted kind are joined: start parts never with run parts, sections of a dual each on its own. */
function toJoinables(stock: readonly StockPart[], wanted: Wanted, house: House): Joinable[] {
  return stock.flatMap(({ id, label, price, quantity }) => {
    const section = label.sections[0];
    const limits = section && limitsOfSection(section, label.kind, house.figures);
    const isUsable =
      label.sections.length === 1 &&
      label.kind === wanted.label.kind &&
      (wanted.frequencyHz === null || label.frequencyHz.length === 0 || label.frequencyHz.includes(wanted.frequencyHz));
    return limits && isUsable && label.ratedV !== null
      ? [{ id, nominalUf: limits.ratedUf, lowUf: limits.lowUf, highUf: limits.highUf, ratedV: label.ratedV, price, quantity }]
      : [];
  });
}

function toTarget(wanted: Wanted, house: House): JoinTarget | null {
  const section = wanted.label.sections[0];
  const limits = section && limitsOfSection(section, wanted.label.kind, house.figures);
  return limits && wanted.label.sections.length === 1
    ? { ratedUf: limits.ratedUf, lowUf: limits.lowUf, highUf: limits.highUf, atLeastV: wanted.atLeastV ?? 0 }
    : null;
}

type Answer = { readonly key: string; readonly list: readonly ParallelCombination[]; readonly failure: Failure | null };

/** The best ways to make the value from what is here, searched in a worker. */
function useCombinations(parts: readonly Joinable[], target: JoinTarget | null): Answer | null {
  const [answer, setAnswer] = useState<Answer | null>(null);
  const key = JSON.stringify([parts, target]);
  useEffect(() => {
    const [list, wanted] = JSON.parse(key) as [Joinable[], JoinTarget | null];
    if (wanted === null || list.length === 0) return;
    const search = searchInWorker(list, wanted, SHOWN);
    let isStale = false;
    void search.answer.then((result) => {
      if (isStale) return;
      setAnswer({ key, list: result.ok ? result.value : [], failure: result.ok ? null : result.failure });
    });
    return () => {
      isStale = true;
      search.stop();
    };
  }, [key]);
  return answer?.key === key ? answer : null;
}

/** Parts in parallel that make the value; series only on request, behind its warning. */
export function Combinations({ wanted, stock, house, nameOf, workingV }: CombinationsProps) {
  const parts = toJoinables(stock, wanted, house);
  const target = toTarget(wanted, house);
  const answer = useCombinations(parts, target);
  const [isSeriesShown, setSeriesShown] = useState(false);
  if (target === null || parts.length === 0) return null;
  return (
    <section aria-labelledby="make-it" className="mt-4">
      <h3 id="make-it" className="heading-rule">
        Make it from what is here <span className="caption font-normal">in parallel: values add, the lowest volts govern</span>
      </h3>
      {answer?.failure ? <p className="mt-1.5 text-[14px] text-out">{toMachineSentence(answer.failure)}</p> : null}
      {answer === null ? <p className="caption mt-1.5">Searching …</p> : null}
      {answer && !answer.failure && answer.list.length === 0 ? (
        <p className="mt-1.5 text-[14px]">No two to four parts of the shelf come within the limits at these volts.</p>
      ) : null}
      <ul>
        {answer?.list.map((each) => (
          <li key={each.ids.join()} className="border-b border-rule-faint py-1.5 text-[14px]">
            <div className="flex items-baseline justify-between gap-3">
              <span className="num text-[13.5px]">{each.ids.map(nameOf).map(shortName).join("  +  ")}</span>
              <span className="num text-[12.5px]">{formatMoney(each.price)}</span>
            </div>
            <p className="caption">
              {formatNumber(each.nominalUf, 2)} µF ({signed(100 * each.deviation)}) · {formatNumber(each.jointLowUf, 2)} to{" "}
              {formatNumber(each.jointHighUf, 2)} µF with all tolerances · {each.lowestV} V ·{" "}
              {each.isSureWithin ? "within the limits whatever the parts are" : "measure the sum: its tolerances reach beyond the limits"}
            </p>
          </li>
        ))}
      </ul>
      <p className="mt-2">
        <button type="button" className="btn btn-plain" aria-expanded={isSeriesShown} onClick={() => setSeriesShown(!isSeriesShown)}>
          {isSeriesShown ? "Hide series" : "Parts in series, with care"}
        </button>
      </p>
      {isSeriesShown ? <Series parts={parts} target={target} nameOf={nameOf} workingV={Math.max(workingV ?? 0, target.atLeastV)} /> : null}
    </section>
  );
}

const signed = (percent: number): string =>
  Math.abs(percent) < 0.05 ? "on the value" : `${percent < 0 ? "−" : "+"}${formatNumber(Math.abs(percent), 1)} %`;
const shortName = (label: string): string => /^[^%V]*?µF/.exec(label)?.[0] ?? label;
const SERIES_SHOWN = 5;
/** Three at a time over a long list would hold up the screen; the nearest few dozen are enough for a stopgap. */
const SERIES_STOCK = 40;

function Series({
  parts,
  target,
  nameOf,
  workingV,
}: {
  parts: readonly Joinable[];
  target: JoinTarget;
  nameOf: (id: string) => string;
  workingV: number;
}) {
  const stock = parts.slice(0, SERIES_STOCK).map(({ id, nominalUf, ratedV }) => ({ id, capacitanceUf: nominalUf, ratedV }));
  const found = enumerateCombinations(stock, {
    capacitanceUf: target.ratedUf,
    lowest: target.lowUf / target.ratedUf - 1,
    highest: target.highUf / target.ratedUf - 1,
    workingV,
  }).filter(({ kind }) => kind.includes("series"));
  return (
    <div className="border-l-4 border-out pl-3 text-[14px]">
      <p className="font-medium text-out">
        Parts in series share the volts by their values; a weak or leaking one takes more than its share and fails. A stopgap for film parts
        only, each with a bleed across it, never for start parts.
      </p>
      {found.length === 0 ? (
        <p className="mt-1.5">No series of up to three parts comes within the limits with every part inside its volts.</p>
      ) : null}
      <ul>
        {found.slice(0, SERIES_SHOWN).map(({ kind, ids, capacitanceUf, voltsV }) => (
          <li key={kind + ids.join()} className="border-b border-rule-faint py-1.5">
            <span className="num text-[13.5px]">{ids.map(nameOf).map(shortName).join("  ·  ")}</span>
            <p className="caption">
              {JOIN_WORDS[kind]} · {formatNumber(capacitanceUf, 2)} µF · of {formatNumber(workingV, 0)} V they bear{" "}
              {voltsV.map((volts) => `${formatNumber(volts, 0)} V`).join(", ")}
            </p>
          </li>
        ))}
      </ul>
    </div>
  );
}
