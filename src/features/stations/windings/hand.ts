import type { PostPair } from "@/core/stations/windings";

/** What the person at the sketch has in hand. */
export interface Hand {
  /** post tapped first, waiting for the second */
  readonly waiting: number | null;
  /** pair chosen by a person; null: the advice leads */
  readonly selected: PostPair | null;
  /** pair that is being keyed: it stays, though the advice may move on with each digit */
  readonly held: PostPair | null;
  /** counts how often the field of the pair was asked for, so that it takes the focus */
  readonly asks: number;
}

export const EMPTY_HAND: Hand = { waiting: null, selected: null, held: null, asks: 0 };

/** A pair is chosen, or (null) the advice leads again; its field takes the focus. */
export const choosePair = ({ asks }: Hand, selected: PostPair | null): Hand => ({ waiting: null, selected, held: null, asks: asks + 1 });

/** A post is tapped: the first waits, the second makes the pair, the same again lets go. */
export function tapPost(hand: Hand, post: number): Hand {
  const { waiting } = hand;
  if (waiting === null) return { ...hand, waiting: post };
  if (waiting === post) return { ...hand, waiting: null };
  return choosePair(hand, [Math.min(waiting, post), Math.max(waiting, post)]);
}
