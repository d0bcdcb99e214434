import type { Complaint } from "../trade";

/** What was said leaves open which of several is meant: asked with one tap. */
export interface AskRow {
  readonly id: "trips-when" | "which-noise";
  readonly say: readonly string[];
  readonly options: readonly Complaint[];
  /** heard beside it, these leave nothing to ask */
  readonly settledBy: readonly Complaint[];
}
export const ASKS: readonly AskRow[] = [
  { id: "trips-when", say: ["TRIPS"], options: ["trips-at-once", "trips-at-start", "trips-running"], settledBy: ["cuts-out-and-returns"] },
  {
    id: "which-noise",
    say: ["noise|noises|noisy|loud", "sound|sounds bad|funny|odd|strange|terrible|wrong"],
    options: ["noisy-hum", "squeals", "rumbles", "vibrates"],
    settledBy: ["hums-no-start"],
  },
];

/** What a complaint already says, so that the vaguer one beside it goes. */
export const SAYS_MORE: Partial<Record<Complaint, readonly Complaint[]>> = {
  "hums-no-start": ["does-not-run", "dead"],
  dead: ["does-not-run"],
  "starts-with-push": ["does-not-run", "dead"],
  "starts-slow": ["slow-or-weak", "does-not-run", "hums-no-start"],
  "cuts-out-and-returns": ["does-not-run", "dead"],
  "noisy-hum": ["hums-no-start"],
  "trips-at-once": ["trips-running", "trips-at-start"],
  "trips-at-start": ["trips-running"],
  "slow-or-weak": [],
};

/** Words that carry no complaint: what is left besides them was not understood. */
export const PLAIN_WORDS: ReadonlySet<string> = new Set(
  (
    "a an the it its it's this that these there he she they i you we my our your is are was were be been being has have had do does did will would can could " +
    "and or but then than so too very just only also again still now when while if as at on in of to from for with by up out into over after before because since " +
    "motor motors fan fans blower blowers pump pumps compressor machine unit engine wheel washer dryer drum cabinet heater ventilator extractor mixer agitator " +
    "customer says said reports reported tells told owner tenant someone please here good fine ok okay well much more most bit little noise noises sound sounds " +
    "spin spins spinning rotates turns turning turn switch switched touch housing casing blade blades air badly completely itself minute minutes hour hours time old " +
    "get gets got goes going go make makes made run runs running start starts started work works working thing things all any some breaker fuse " +
    "quiet gone months weeks years days somebody someone used every always"
  ).split(" "),
);
