import { usualName, type WindingsRecord } from "@/core/stations/windings";

/** A board to start from: where its posts usually sit. */
export interface BoardPattern {
  readonly id: string;
  readonly label: string;
  readonly places: readonly (readonly [x: number, y: number])[];
}

const row = (count: number, y: number): (readonly [number, number])[] =>
  Array.from({ length: count }, (_, index) => [(index + 1) / (count + 1), y] as const);
const fan = (count: number): (readonly [number, number])[] =>
  Array.from(
    { length: count },
    (_, index) =>
      [0.5 - 0.38 * Math.cos((Math.PI * (index + 0.5)) / count), 0.8 - 0.55 * Math.sin((Math.PI * (index + 0.5)) / count)] as const,
  );

export const PATTERNS: readonly BoardPattern[] = [
  { id: "leads-2", label: "Two leads", places: row(2, 0.5) },
  {
    id: "leads-3",
    label: "Three leads",
    places: [
      [0.25, 0.26],
      [0.75, 0.26],
      [0.5, 0.76],
    ],
  },
  {
    id: "pins-3",
    label: "Three pins, compressor",
    places: [
      [0.5, 0.24],
      [0.3, 0.72],
      [0.7, 0.72],
    ],
  },
  { id: "box-4", label: "4 posts", places: [...row(2, 0.28), ...row(2, 0.74)] },
  { id: "harness-5", label: "Blower harness, 5", places: fan(5) },
  { id: "harness-6", label: "Blower harness, 6", places: fan(6) },
  { id: "box-6", label: "6-post box", places: [...row(3, 0.28), ...row(3, 0.74)] },
  { id: "harness-7", label: "Blower harness, 7", places: fan(7) },
  { id: "box-8", label: "8-post box", places: [...row(4, 0.28), ...row(4, 0.74)] },
];

type Post = WindingsRecord["posts"][number];

/** How many posts a reading stands at, from the first: a smaller board would lose one. */
export const usedPosts = ({ pairs, posts, hasFrame }: WindingsRecord): number =>
  Math.max(0, ...pairs.flatMap(({ a, b }) => [a, b].filter((post) => !(hasFrame && post === posts.length)).map((post) => post + 1)));

/** The frame is numbered after the last post, so its readings move when posts come or go. */
function moveFrame(record: WindingsRecord, posts: Post[]): WindingsRecord {
  const [from, to] = [record.posts.length, posts.length];
  const moved = (post: number): number => (record.hasFrame && post === from ? to : post);
  return { ...record, posts, pairs: record.pairs.map(({ a, b, entry }) => ({ a: moved(a), b: moved(b), entry })) };
}

/** Places the posts as the pattern has them; names stay, and so does every post with a reading. */
export function layPattern(record: WindingsRecord, { places }: BoardPattern): WindingsRecord {
  const count = Math.max(places.length, usedPosts(record));
  const posts = Array.from({ length: count }, (_, index): Post => {
    const [x, y] = places[index] ?? [0.5, 0.5];
    return { name: record.posts[index]?.name ?? usualName(index), mark: record.posts[index]?.mark ?? null, x, y };
  });
  return moveFrame(record, posts);
}

/** One more post, in a free corner. */
export function addPost(record: WindingsRecord): WindingsRecord {
  const index = record.posts.length;
  const post: Post = { name: usualName(index), mark: null, x: 0.12 + 0.76 * ((index * 0.382) % 1), y: 0.5 };
  return moveFrame(record, [...record.posts, post]);
}

/** Takes the last post away; only where no reading stands at it. */
export function dropPost(record: WindingsRecord): WindingsRecord {
  return usedPosts(record) >= record.posts.length ? record : moveFrame(record, record.posts.slice(0, -1));
}

/** Takes the frame in as a post, or out again with its readings kept aside by the caller. */
export function setFrame(record: WindingsRecord, hasFrame: boolean): WindingsRecord {
  const at = record.posts.length;
  return { ...record, hasFrame, pairs: hasFrame ? record.pairs : record.pairs.filter(({ a, b }) => a !== at && b !== at) };
}
