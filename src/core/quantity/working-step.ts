/** One line of a sum as a person would write it. */
export interface WorkingStep {
  readonly what: string;
  readonly formula: string;
  readonly numbers: string;
  readonly result: string;
  readonly source: string;
}
