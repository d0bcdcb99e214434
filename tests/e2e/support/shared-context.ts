import type { Browser, BrowserContext, BrowserContextOptions } from "@playwright/test";

/** What a test may ask of its browser beyond the start state; two tests that ask the same share one. */
export type Wish = Pick<BrowserContextOptions, "baseURL" | "viewport" | "hasTouch" | "isMobile" | "timezoneId" | "serviceWorkers">;

/** What is set for a whole profile would still be there in the next test: who needs it asks for a profile of its own. */
function refuseWhatLasts(context: BrowserContext): void {
  const refuse = (): never => {
    throw new Error("This lasts as long as the profile: ask for one of its own with test.use({ ownProfile: true }).");
  };
  for (const name of ["addInitScript", "exposeFunction", "grantPermissions", "route", "setExtraHTTPHeaders", "setOffline"] as const)
    context[name] = refuse;
  for (const name of ["install", "pauseAt", "setFixedTime", "setSystemTime"] as const) context.clock[name] = refuse;
}

/**
 * The browser profiles of one worker, one for each wish. A profile keeps the scripts it has fetched and compiled from test to
 * test, which is most of what a page costs to open; what a test has kept in it is taken away before the next one.
 */
export class SharedContexts {
  readonly #kept = new Map<string, BrowserContext>();

  constructor(
    private readonly browser: Browser,
    private readonly startState: string,
  ) {}

  /** The profile of such a wish, as a first visit left it, without a page. */
  async take(wish: Wish): Promise<BrowserContext> {
    const key = JSON.stringify(wish);
    const kept = this.#kept.get(key);
    if (!kept) {
      const made = await this.browser.newContext({ ...wish, storageState: this.startState });
      // Each tab has its store looked through once, in a worker, when nobody waits: the start state was.
      await made.addInitScript(() => sessionStorage.setItem("vemmick-looked-through", ""));
      refuseWhatLasts(made);
      this.#kept.set(key, made);
      return made;
    }
    await kept.setStorageState(this.startState);
    return kept;
  }

  /** Closes the pages a test has left open: none of them may write into the next test. */
  static async leave(context: BrowserContext): Promise<void> {
    await Promise.all(context.pages().map((page) => page.close({ runBeforeUnload: false })));
  }

  async close(): Promise<void> {
    await Promise.all([...this.#kept.values()].map((context) => context.close()));
    this.#kept.clear();
  }
}
