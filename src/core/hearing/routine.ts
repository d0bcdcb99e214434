/** A visit that nobody's complaint brought about. */
export const ROUTINE =
  /\b(?:(?:yearly|annual|regular|routine|seasonal|spring|autumn|planned)\b.*\b(?:check|look|service|visit|inspection)|maintenance|inspection|check[- ]?up|service visit|before the season|no complaints?|nothing wrong|works? (?:fine|well)|all well)\b/i;
