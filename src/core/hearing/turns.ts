import type { Complaint } from "../trade";

/** What becomes of something that was said: it is so now, it is not so, it has been so, or somebody supposes it. */
export type SaidTurn = "now" | "denied" | "over" | "guessed";

/** Words that turn what stands beside them. */
export interface TurnRow {
  readonly turn: Exclude<SaidTurn, "now">;
  /** before what is turned, or behind it */
  readonly where: "before" | "behind";
  readonly say: readonly string[];
  /** not of these: stopped dead */
  readonly notOf?: readonly Complaint[];
}

export const TURNS: readonly TurnRow[] = [
  { turn: "denied", where: "before", say: ["no|not|never|without|nor|neither|hardly|any _2", "free of _1", "NOT _2", "no more _1"] },
  {
    turn: "denied",
    where: "behind",
    say: [
      "is|are|was|were not [the|a|an|any] [real] issue|problem|complaint|trouble|fault|thing|matter|it",
      "isn't|aren't|wasn't|weren't [the|a|an|any] [real] issue|problem|complaint|trouble|fault|thing|matter|it",
    ],
  },
  {
    turn: "over",
    where: "before",
    say: ["used to [be|have|make|get] _2", "no longer _2", "had been _1", "once upon _3"],
  },
  { turn: "over", where: "before", say: ["stopped|quit|ceased [making] [a|the|any] _1"], notOf: ["dead", "does-not-run"] },
  {
    turn: "over",
    where: "behind",
    say: [
      "_2 [is|are|has|have|was] [all] gone|vanished|disappeared|cured|fixed|solved|over [now|since|again]",
      "_2 went away",
      "_2 [has|have|had] stopped since|after|when|once",
      "_5 , gone|quiet|silent|cured|fixed now|since|again|today",
      "_5 , [is|but|it|it's] [is] gone|quiet|silent|fine|ok|cured|fixed|better now|since|today",
      "_3 until|till|before OTHERS|someone|somebody|we|i|they|he",
      "_3 until|till|before [the] last|new _2",
    ],
  },
  {
    turn: "guessed",
    where: "before",
    say: [
      "OTHERS said|says|say|thinks|thought|think|reckons|reckoned|suspected|suspects|blamed|blames|diagnosed|told|claims|claimed|guessed|guesses _6",
    ],
  },
];

/** Words that set a limit to a denial and so leave the complaint: never squeals until it is warm. */
export const LIMITS: readonly string[] = [
  "_3 until|till|unless|except|before",
  "_3 other than",
  "_3 but only|when|if|once",
  "_3 as long as",
];
