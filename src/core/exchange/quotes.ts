import * as v from "valibot";
import type { KnownPrice, QuotedPrices } from "../decision";
import { field, recordOf } from "../fields";
import type { Failure } from "../result";
import { readPlain } from "../station";
import type { ActionId } from "../trade";
import { priceOf, readPrice } from "./price";

/** What a price was asked for. Persisted: do not change without a migration. */
export const QUOTED = ["run-capacitor", "start-capacitor", "start-gear", "bearings", "motor", "whole-unit", "makeshift"] as const;
export type Quoted = (typeof QUOTED)[number];

interface QuotedSpec {
  /** works that are priced by it */
  readonly actions: readonly ActionId[];
  /** pieces one visit takes */
  readonly pieces: number;
}

/** Works a price stands for. */
export const QUOTED_TABLE: Readonly<Record<Quoted, QuotedSpec>> = {
  "run-capacitor": { actions: ["replace-run-capacitor"], pieces: 1 },
  "start-capacitor": { actions: ["replace-start-capacitor"], pieces: 1 },
  "start-gear": { actions: ["service-start-switch", "replace-start-relay"], pieces: 1 },
  bearings: { actions: ["replace-bearings"], pieces: 2 },
  motor: { actions: ["replace-motor"], pieces: 1 },
  "whole-unit": { actions: [], pieces: 1 },
  makeshift: { actions: [], pieces: 1 },
};

/** One price on the job, as keyed. Field names are persisted. */
export const quoteRecord = recordOf({
  id: field.own(v.pipe(v.string(), v.regex(/^[A-Za-z0-9-]{1,64}$/, "letters, digits and dashes")), "-"),
  of: field.always(QUOTED, "motor"),
  supplier: field.printed(),
  price: field.printed(),
  postage: field.printed(),
  /** there and back */
  minutes: field.printed(),
  days: field.printed(),
  isTaken: field.flag(),
});
export const QuoteSchema = quoteRecord.schema;
export type Quote = typeof quoteRecord.blank;
export const MOST_QUOTES = 16;

export type QuoteField = "price" | "postage" | "minutes" | "days";

/** A price as it is understood. */
export interface ReadQuote {
  readonly quote: Quote;
  readonly failures: Readonly<Partial<Record<QuoteField, Failure>>>;
  /** null: no price yet that can be read */
  readonly terms: QuoteTerms | null;
}

/** What taking it costs, piece by piece. */
export interface QuoteTerms {
  /** part and postage */
  readonly partCost: number;
  /** there and back */
  readonly minutes: number;
  readonly wayCost: number;
  readonly days: number;
  readonly waitCost: number;
  readonly total: number;
}

const HOURS_A_DAY = 24;

/**
 * Reads a quote and adds up what taking it costs: part, postage, the way there and back at the house's hour, and the days the
 * machine stands.
 * @param quote as keyed
 * @param hourlyRate of the house [money an hour]
 * @param standstillAnHour what an hour of standstill costs [money an hour]
 * @returns its terms, or what of it cannot be read
 */
export function readQuote(quote: Quote, hourlyRate: number, standstillAnHour: number): ReadQuote {
  const failures: Partial<Record<QuoteField, Failure>> = {};
  const priceAt = (field: "price" | "postage"): number | null => {
    if (quote[field].trim() === "") return field === "postage" ? 0 : null;
    const read = readPrice(quote[field]);
    if (!read.ok) {
      failures[field] = read.failure;
      return null;
    }
    return field === "price" ? priceOf(read.value, QUOTED_TABLE[quote.of].pieces) : read.value.amount;
  };
  const plainAt = (field: "minutes" | "days", reads: "fetchMinutes" | "waitDays"): number | null => {
    const { value, failure } = readPlain(quote[field], reads);
    if (failure) failures[field] = failure;
    return failure ? null : (value ?? 0);
  };
  const [price, postage] = [priceAt("price"), priceAt("postage")];
  const [minutes, days] = [plainAt("minutes", "fetchMinutes"), plainAt("days", "waitDays")];
  if (price === null || postage === null || minutes === null || days === null) return { quote, failures, terms: null };
  const wayCost = (minutes * hourlyRate) / 60;
  const waitCost = days * HOURS_A_DAY * standstillAnHour;
  const partCost = price + postage;
  return { quote, failures, terms: { partCost, minutes, wayCost, days, waitCost, total: partCost + wayCost + waitCost } };
}

/** Two quotes of one part on one line. */
export interface QuoteComparison {
  readonly cheaper: ReadQuote;
  readonly other: ReadQuote;
  readonly lessBy: number;
  /** price of a day of standstill from which the quicker one is the cheaper; null: the quicker one is cheaper anyway, or neither is quicker */
  readonly breakEvenADay: number | null;
  readonly quicker: ReadQuote | null;
}

/**
 * The two best quotes of one part, against each other.
 * @param quotes of one part, as read
 * @returns null while fewer than two have a price
 * @example 11 in three days against 60 now: the second is the cheaper from (60 − 11) / 3 = 16.3 a day
 */
export function compareQuotes(quotes: readonly ReadQuote[]): QuoteComparison | null {
  const priced = quotes.filter(({ terms }) => terms !== null).sort((a, b) => (a.terms?.total ?? 0) - (b.terms?.total ?? 0));
  const [cheaper, other] = priced;
  if (!cheaper?.terms || !other?.terms) return null;
  const [first, second] = [cheaper.terms, other.terms];
  const quicker = first.days === second.days ? null : first.days < second.days ? cheaper : other;
  const slower = quicker === cheaper ? other : cheaper;
  const dearness =
    quicker?.terms && slower.terms ? quicker.terms.partCost + quicker.terms.wayCost - slower.terms.partCost - slower.terms.wayCost : 0;
  const apart = Math.abs(first.days - second.days);
  return {
    cheaper,
    other,
    lessBy: second.total - first.total,
    breakEvenADay: quicker !== null && dearness > 0 ? dearness / apart : null,
    quicker,
  };
}

/**
 * The quote a part is priced by: the one that was taken, else the cheapest.
 * @param quotes every quote of the card, as read
 * @param of which part
 * @returns null: none of it has a price
 */
export function quoteInForce(quotes: readonly ReadQuote[], of: Quoted): ReadQuote | null {
  const own = quotes.filter((each) => each.quote.of === of && each.terms !== null);
  return own.find(({ quote }) => quote.isTaken) ?? own.sort((a, b) => (a.terms?.total ?? 0) - (b.terms?.total ?? 0))[0] ?? null;
}

/**
 * Prices known on the job, by the work they stand for: the one that was taken alone, else all of them.
 * @param quotes every quote of the card, as keyed
 * @param standstillAnHour what an hour of standstill costs [money an hour]
 * @returns of each work its prices
 */
export function quotedPrices(quotes: readonly Quote[], standstillAnHour: number): QuotedPrices {
  const read = quotes.map((quote) => readQuote(quote, 0, standstillAnHour));
  const rows = QUOTED.flatMap((of) => {
    const own = read.filter(({ quote, terms }) => quote.of === of && terms !== null);
    const taken = own.filter(({ quote }) => quote.isTaken);
    const prices = (taken.length > 0 ? taken : own).flatMap(({ terms }): KnownPrice[] =>
      terms ? [{ partCost: terms.partCost, minutes: terms.minutes, waitCost: terms.waitCost }] : [],
    );
    // A whole unit comes with its motor: it is a price of another motor too.
    const names = of === "whole-unit" ? ([of, "replace-motor"] as const) : of === "makeshift" ? [of] : QUOTED_TABLE[of].actions;
    return prices.length === 0 ? [] : names.map((name) => [name, prices] as const);
  });
  const all: Partial<Record<keyof QuotedPrices, readonly KnownPrice[]>> = {};
  for (const [name, prices] of rows) all[name] = [...(all[name] ?? []), ...prices];
  return all;
}
