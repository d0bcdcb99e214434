"use client";
import { PickOne } from "@/components/Choice";
import { isSwap, MOST_QUOTES, QUOTED, QUOTED_TABLE, type Quote, type Quoted } from "@/core/exchange";
import { BLANK_EXCHANGE, BLANK_PIECE, type OutInRecord } from "@/core/stations/out-in";
import { formatMoney } from "@/core/quantity";
import { QUOTED_WORDS } from "@/features/vocabulary/swap-words";
import { useState } from "react";
import { Fields } from "@/features/form/Fields";
import type { ChangeRecord } from "../../station/contract";
import { QUOTE_ROWS, ROWS } from "./fields";
import type { Props } from "./props";
import { comparisonSentence, quoteLine } from "./words";

/** A quote that is taken says where the piece comes from and what it costs, where nobody has keyed it yet. */
function filledBy(record: OutInRecord, quote: Quote): OutInRecord {
  const [action] = quote.of === "whole-unit" ? (["replace-motor"] as const) : QUOTED_TABLE[quote.of].actions.filter(isSwap);
  if (action === undefined) return record;
  const exchange = record.works[action] ?? BLANK_EXCHANGE;
  const [first = BLANK_PIECE, ...rest] = exchange.pieces;
  const piece = { ...first, source: first.source.trim() || quote.supplier.trim(), price: first.price.trim() || quote.price.trim() };
  return { ...record, works: { ...record.works, [action]: { ...exchange, pieces: [piece, ...rest] } } };
}

const OPTIONS = QUOTED.map((id) => ({ id, label: QUOTED_WORDS[id] }));

/** What was quoted on this job: Decide and what it hinges on count with it, before the prices of the house. */
export function QuotesPanel({ record, assessment, house, change }: Props) {
  const { quotes, comparisons } = assessment.detail;
  const [of, setOf] = useState<Quoted>("motor");
  const set = (id: string, apply: ChangeRecord<Quote>) =>
    change((r, at) => ({ ...r, quotes: r.quotes.map((quote) => (quote.id === id ? apply(quote, at) : quote)) }));
  const add = () =>
    change((r) =>
      r.quotes.length >= MOST_QUOTES
        ? r
        : {
            ...r,
            quotes: [
              ...r.quotes,
              { id: crypto.randomUUID(), of, supplier: "", price: "", postage: "", minutes: "", days: "", isTaken: false },
            ],
          },
    );
  return (
    <>
      <p className="max-w-[64ch] text-[14px] text-ink-soft">
        A price known on the job stands before the house&apos;s own. The way there and back counts at{" "}
        {formatMoney(house.figures.hourlyRate)} an hour, a day of waiting at what the machine costs while it stands.
      </p>
      <div className="max-w-64">
        <Fields of={ROWS} show={["standstill"]} given={{ record, change }} />
      </div>
      <ul className="flex flex-col gap-5">
        {quotes.map((read) => {
          const { quote, failures } = read;
          const name = `${QUOTED_WORDS[quote.of]}${quote.supplier.trim() ? `, ${quote.supplier.trim()}` : ""}`;
          return (
            <li key={quote.id} aria-label={name} className="border-l-4 border-rule pl-3">
              <div className="grid grid-cols-2 gap-x-4 gap-y-1 lg:grid-cols-[2fr_1.4fr_1fr_1fr_1fr]">
                <Fields of={QUOTE_ROWS} given={{ record: quote, failures, change: (apply) => set(quote.id, apply) }} />
              </div>
              <div className="mt-1.5 flex flex-wrap items-center gap-x-4 gap-y-2">
                <p className="num min-w-0 flex-1 basis-64 text-[13.5px]">{quoteLine(read) ?? "No price yet."}</p>
                <button
                  type="button"
                  className="btn"
                  aria-pressed={quote.isTaken}
                  aria-label={`${quote.isTaken ? "Not taken" : "Take"} ${name}`}
                  onClick={() =>
                    change((r) => ({
                      ...(quote.isTaken ? r : filledBy(r, quote)),
                      quotes: r.quotes.map((each) =>
                        each.of === quote.of ? { ...each, isTaken: each.id === quote.id ? !each.isTaken : false } : each,
                      ),
                    }))
                  }
                >
                  {quote.isTaken ? "Taken" : "Take it"}
                </button>
                <button
                  type="button"
                  className="btn btn-plain"
                  aria-label={`Strike ${name}`}
                  onClick={() => change((r) => ({ ...r, quotes: r.quotes.filter(({ id }) => id !== quote.id) }))}
                >
                  Strike
                </button>
              </div>
            </li>
          );
        })}
      </ul>
      {comparisons.map(({ of: part, comparison }) => (
        <p key={part} role="status" className="border-l-4 border-press pl-3 text-[16px]">
          {QUOTED_WORDS[part]}: {comparisonSentence(comparison)}
        </p>
      ))}
      <div className="flex flex-col gap-3">
        <PickOne legend="Another price, of" options={OPTIONS} picked={of} onPick={(picked) => setOf(picked ?? of)} />
        {record.quotes.length >= MOST_QUOTES ? (
          <p className="text-[14px]">{MOST_QUOTES} prices are the most a card takes. Strike one first.</p>
        ) : (
          <button type="button" className="btn btn-filled self-start" onClick={add}>
            Add a price
          </button>
        )}
      </div>
    </>
  );
}
