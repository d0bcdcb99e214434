import type { Facts } from "../../facts";
import { figureOf } from "../../quantity";
import type { WindingsRecord } from "./record";

/**
 * Microfarads read between two posts, with the names of the posts.
 * @param record the station's record
 * @returns a row for each pair that was read on the capacitance range
 */
export const capacitorsBetween = ({ posts, pairs }: WindingsRecord): Facts["boardCapacitors"] =>
  pairs.flatMap(({ a, b, entry }) => {
    const name = (post: number): string => posts[post]?.name.trim() || `lead ${post + 1}`;
    const isRead = entry.reading?.quantity === "capacitance" && figureOf(entry) !== null;
    return isRead && a < posts.length && b < posts.length ? [{ posts: [name(a), name(b)] as const, entry }] : [];
  });
