interface RuleBase {
  readonly label: string;
  /** where the default comes from */
  readonly source: string;
}

/** A figure with its bounds, in the unit it is keyed in. */
export interface NumberRule extends RuleBase {
  readonly kind: "number";
  readonly unit: string;
  readonly fallback: number;
  readonly min: number;
  readonly max: number;
}

export interface YesNoRule extends RuleBase {
  readonly kind: "yes-no";
  readonly fallback: boolean;
}

/** One of a few ways. Ids of options are persisted: do not change one without a migration. */
export interface ChoiceRule extends RuleBase {
  readonly kind: "choice";
  readonly options: readonly { readonly id: string; readonly label: string }[];
  readonly fallback: string;
}

/** One thing a house may set its own way: its kind, its default, and where the default comes from. */
export type HouseRule = NumberRule | YesNoRule | ChoiceRule;
export type RuleValue = number | boolean | string;
export type RuleGroup = Readonly<Record<string, HouseRule>>;

/** What a rule of some kind is set to. */
export type ValueOf<Rule extends HouseRule> = Rule extends NumberRule
  ? number
  : Rule extends YesNoRule
    ? boolean
    : Rule extends ChoiceRule
      ? Rule["options"][number]["id"]
      : never;
