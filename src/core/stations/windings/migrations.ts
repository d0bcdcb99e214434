import { isLoose, type Loose } from "../../kept";
import type { StationMigrations } from "../../station";

const PLACES_IN_3 = [
  { x: 0.25, y: 0.26 },
  { x: 0.75, y: 0.26 },
  { x: 0.5, y: 0.76 },
];
const ENDS_IN_3 = [
  [0, 1],
  [1, 2],
  [0, 2],
];
const COMPARE_IN_3 = {
  temperature: null,
  referenceOf: null,
  referenceMain: "",
  referenceStart: "",
  referenceC: "",
  hotPair: null,
  hot: null,
  ambient: null,
};

/** Three leads and their pairs become any board, with named posts and readings by pair of posts. */
function toBoard(data: Loose): Loose {
  const { leads, pairs, ...rest } = data;
  if (!Array.isArray(leads) || !Array.isArray(pairs)) return data;
  return {
    ...rest,
    posts: leads.map((name: unknown, index) => ({ name, ...PLACES_IN_3[index] })),
    hasFrame: false,
    pairs: pairs.flatMap((entry: unknown, index) =>
      entry === null ? [] : [{ a: ENDS_IN_3[index]?.[0], b: ENDS_IN_3[index]?.[1], entry }],
    ),
    photo: null,
    compare: COMPARE_IN_3,
  };
}

/** Marks as of version 7, by what a name had to say to count as one before. */
const MARKS_IN_7: readonly (readonly [mark: string, pattern: RegExp])[] = [
  ["C", /^(c|com|common)$/i],
  ["R", /^(r|run|main|m)$/i],
  ["S", /^(s|start|aux|auxiliary|herm)$/i],
  ["HI", /^(hi|high|fast)$/i],
  ["MED", /^(med|medium|mid)$/i],
  ["LO", /^(lo|low|slow)$/i],
  ["CAP", /^(cap|capacitor)$/i],
];

/** A post that a person named with a mark keeps it; the letter a post was given in its place never was one. */
function markPosts(posts: readonly unknown[]): unknown[] {
  const names = posts.map((post) => (isLoose(post) && typeof post.name === "string" ? post.name.trim() : ""));
  const isGiven = (index: number): boolean => names[index] === String.fromCharCode(65 + index);
  const markOf = (index: number): string | null => MARKS_IN_7.find(([, pattern]) => pattern.test(names[index] ?? ""))?.[0] ?? null;
  const areMarked = names.some((_, index) => !isGiven(index) && markOf(index) !== null);
  return posts.map((post, index) => (isLoose(post) ? { mark: isGiven(index) && !areMarked ? null : markOf(index), ...post } : post));
}

/** What each version of the records changed here. Never edited once released; a new step has the next version's number. */
export const windingsMigrations: StationMigrations = {
  3: toBoard,
  // A mark is said of a post beside its name.
  7: (data) => ({
    ...data,
    compare: isLoose(data.compare) ? { referenceSections: [], ...data.compare } : data.compare,
    posts: Array.isArray(data.posts) ? markPosts(data.posts) : data.posts,
  }),
  8: (data) => ({ shell: null, ...data }),
};
