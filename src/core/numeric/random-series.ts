/**
 * A repeatable series of numbers in 0..1, so that the same question gets the same answer. Source: Park & Miller (1988), minimal standard.
 * @param seed any whole number; the same seed gives the same series
 * @returns a function that gives the next number
 */
export function seriesFrom(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 48271) % 2147483647;
    return state / 2147483647;
  };
}

/**
 * Normal deviates from even ones. @source Box & Muller, A note on the generation of random normal deviates (1958)
 * @param next even numbers in 0..1
 * @returns a function that gives the next deviate, mean 0, standard deviation 1
 */
export function normalFrom(next: () => number): () => number {
  return () => Math.sqrt(-2 * Math.log(Math.max(next(), 1e-12))) * Math.cos(2 * Math.PI * next());
}
