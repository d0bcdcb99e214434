/** A positive quantity that is not known exactly: middle, and standard deviation of its natural log. */
export interface Spread {
  readonly middle: number;
  readonly logSd: number;
}
