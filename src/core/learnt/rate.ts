import { betaQuantile } from "../numeric";

/** So much of what is likely lies within an interval that is shown. */
const WITHIN = 0.9;

/** How often something happened, with what so few cases allow. */
export interface Rate {
  readonly cases: number;
  readonly hits: number;
  /** ends of the interval [share] */
  readonly low: number;
  readonly high: number;
}

/**
 * A rate from few cases: the middle 90 % of the beta distribution that hits and misses leave of an even prior. Where nothing
 * happened, or always, the interval begins or ends there.
 * @param hits how often it happened [1]
 * @param cases out of how many [1]
 * @returns the counts and the interval of the share
 * @source Gelman et al., Bayesian Data Analysis, 2.1 (binomial with a uniform prior)
 * @example rateOf(0, 7) -> 0 to 0.312
 */
export function rateOf(hits: number, cases: number): Rate {
  const [a, b] = [hits + 1, cases - hits + 1];
  const tail = (1 - WITHIN) / 2;
  return {
    cases,
    hits,
    low: hits === 0 ? 0 : betaQuantile(tail, a, b),
    high: hits === cases ? 1 : betaQuantile(1 - tail, a, b),
  };
}

/** A table's figure counts as so many cases of the house's own. */
const TABLE_CASES = 20;

/**
 * The share a house should count with: the table's, moved by the house's own cases (beta prior of the table's mean).
 * @param tableShare share of the table [0..1]
 * @param hits how often it happened here [1]
 * @param cases out of how many [1]
 * @returns share between the table's and the house's own, the nearer to the latter the more cases there are
 * @source Gelman et al., Bayesian Data Analysis, 2.4 (conjugate beta prior)
 * @example learntShare(0.1, 0, 20) = 0.05
 */
export const learntShare = (tableShare: number, hits: number, cases: number): number =>
  (tableShare * TABLE_CASES + hits) / (TABLE_CASES + cases);
