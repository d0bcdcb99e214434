/* A lazily loaded part may take seconds on a machine that checks the sources beside the tests. */
if (typeof document !== "undefined") {
  // Only where there is a page: the tests of the core need not load it.
  // eslint-disable-next-line @typescript-eslint/no-require-imports
  require("@testing-library/dom").configure({ asyncUtilTimeout: 10_000 });
  // A page that is not drawn has nothing to scroll.
  Element.prototype.scrollIntoView ??= () => undefined;
}
