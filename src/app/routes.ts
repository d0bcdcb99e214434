/** Every address of the program: all of them must be there offline after the first visit. A test holds the list against the pages. */
export const PAGES = [
  "/",
  "/traveller",
  "/bench",
  "/shelf",
  "/ledger",
  "/motor",
  "/learnt",
  "/team",
  "/house-rules",
  "/print",
  "/mock-bench",
  "/mock-bench/card",
  "/mock-bench/debrief",
] as const;
/** Shown for an address that is none of these, where there is no server to say so. */
export const NO_SUCH_PAGE = "/no-such-page";
export const ROUTES = [...PAGES, NO_SUCH_PAGE, "/schema"];
