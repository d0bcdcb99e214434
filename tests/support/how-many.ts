/** All cases of a random set are walked by `npm run soak`; the tests walk a share of them, always the same ones. */
const IS_WHOLE = process.env.VEMMICK_WHOLE === "1";

/** How many of so many random cases are walked now: a tenth in the tests (or another share), and never fewer than `least`. */
export const howMany = (all: number, least = 1, share = 10): number =>
  IS_WHOLE ? all : Math.min(all, Math.max(least, Math.ceil(all / share)));
