"use client";
import { useState } from "react";
import { HOUSE_RULES } from "@/core/house";
import type { Offer } from "@/core/learnt";
import { withRule, type RuleChange } from "@/records";
import { updateHouse } from "@/store/write-house";
import { valueWords } from "../vocabulary/rule-words";
import { beforeTaken, offerWhy } from "./words";

const GROUPS = [
  ["returns", "How often a work comes back"],
  ["minutes", "Minutes a job takes"],
  ["prior", "How often each part is at fault"],
] as const;

interface OffersProps {
  readonly offers: readonly Offer[];
  readonly isDemo: boolean;
  readonly changes: readonly RuleChange[];
}

/** Rules the house's own cards would set otherwise: each shown with what it would become, taken by a press, and undone by one. */
export function Offers({ offers, isDemo, changes }: OffersProps) {
  const [isRefused, setRefused] = useState(false);
  const set = async (rule: Offer["rule"], value: number | undefined): Promise<void> => {
    setRefused(!(await updateHouse((house, at) => withRule(house, rule, value, at))));
  };
  return (
    <section aria-labelledby="offers" className="flex min-w-0 flex-col gap-4">
      <h2 id="offers" className="heading-rule">
        What would change in House rules
      </h2>
      <p className="text-[14px] text-ink-soft">
        The table&apos;s figure counts as twenty cases (of minutes: five jobs), and the house&apos;s own move it. Nothing changes until it
        is taken; it can be taken back here or in House rules.
      </p>
      {isDemo ? (
        <p className="border-l-4 border-close pl-3 text-[14px]">These are of the demo: do not take them over into real work.</p>
      ) : null}
      {isRefused ? (
        <p role="alert" className="text-[14px] text-out">
          It could not be kept on this device. Try again.
        </p>
      ) : null}
      {offers.length === 0 ? <p className="text-[14px]">Nothing: too few cases yet, or they say what the rules say.</p> : null}
      {GROUPS.map(([kind, title]) => {
        const rows = offers.filter((offer) => offer.kind === kind);
        return rows.length === 0 ? null : (
          <div key={kind}>
            <h3 className="text-[14px] font-semibold">{title}</h3>
            <ul>
              {rows.map((offer) => (
                <OfferRow
                  key={offer.rule}
                  offer={offer}
                  before={beforeTaken(offer, changes)}
                  onSet={(value) => void set(offer.rule, value)}
                />
              ))}
            </ul>
          </div>
        );
      })}
    </section>
  );
}

interface OfferRowProps {
  readonly offer: Offer;
  /** what stood before it was taken; null: the default */
  readonly before: number | null;
  readonly onSet: (value: number | undefined) => void;
}

function OfferRow({ offer, before, onSet }: OfferRowProps) {
  const { rule, now, to, isTaken } = offer;
  const spec = HOUSE_RULES[rule];
  const figure = (value: number): string => `${valueWords(spec, value)} ${spec.unit}`;
  const name = spec.label.replace(/:.*/, "");
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-rule-faint py-1.5 text-[14px]" aria-label={name}>
      <div className="min-w-0 flex-1 basis-52">
        {name}: <span className="num">{isTaken ? `${figure(to)}, as learnt` : `${valueWords(spec, now)} → ${figure(to)}`}</span>
        <span className="caption block">{offerWhy(offer)}</span>
      </div>
      {isTaken ? (
        <button type="button" className="btn btn-plain" onClick={() => onSet(before ?? undefined)}>
          Back to {figure(before ?? spec.fallback)}
        </button>
      ) : (
        <button type="button" className="btn" aria-label={`Take ${name}`} onClick={() => onSet(to)}>
          Take
        </button>
      )}
    </li>
  );
}
