/** What a visit is for. Persisted: do not change without a migration. */
export const PURPOSES = ["fault", "yearly-check", "spare"] as const;
export type Purpose = (typeof PURPOSES)[number];

/** Words by which a purpose is heard, the most particular first. Trade usage. */
const HEARD: readonly (readonly [Purpose, RegExp])[] = [
  ["spare", /\b(?:as|for) (?:a )?spares?\b|\btested spare\b|\b(?:test|testing|check|checking) (?:a|the|this) spare\b/i],
  ["spare", /\b(?:motor|pump|blower|it)\b.{0,24}\bon (?:the|my|our) bench\b|\bbefore it goes (?:on|in)(?:to)? (?:the )?(?:shelf|stock)\b/i],
  ["spare", /\bsecond[- ]?hand (?:motor|pump|blower)\b|\bused (?:motor|pump|blower)\b.{0,24}\b(?:good|fit|test)/i],
  [
    "yearly-check",
    /\b(?:(?:yearly|annual|regular|routine|seasonal|spring|autumn|planned)\b.{0,40}\b(?:check|look|service|visit|inspection|test)|maintenance|inspection|check[- ]?up|service visit|before the season)\b/i,
  ],
];

/**
 * What a visit is for, by the first sentence.
 * @param said in the customer's or the technician's own words
 * @returns the purpose that was heard; null: nothing says that it is no fault
 * @example hearPurpose("yearly check of the blower") -> "yearly-check"
 */
export const hearPurpose = (said: string): Purpose | null => HEARD.find(([, words]) => words.test(said))?.[0] ?? null;

interface PurposeSpec {
  /** a motor without complaint is expected */
  readonly asksComplaint: boolean;
  /** it runs without the load of a machine */
  readonly isUnloaded: boolean;
}

/** What each purpose asks for. */
export const PURPOSE_TABLE: Readonly<Record<Purpose, PurposeSpec>> = {
  fault: { asksComplaint: true, isUnloaded: false },
  "yearly-check": { asksComplaint: false, isUnloaded: false },
  spare: { asksComplaint: false, isUnloaded: true },
};
