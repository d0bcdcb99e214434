/** Pages of the Mock bench: what is kept there is kept apart, and never met by anything else. */
const MOCK_PAGES = "/mock-bench";
const MOCK_DATABASE = "vemmick-mock";

/** Whether this page is one of the Mock bench. */
export const isMockHere = (): boolean =>
  typeof location !== "undefined" && (location.pathname === MOCK_PAGES || location.pathname.startsWith(`${MOCK_PAGES}/`));

/** The database of this page. */
export const databaseName = (): string => (isMockHere() ? MOCK_DATABASE : "vemmick");
