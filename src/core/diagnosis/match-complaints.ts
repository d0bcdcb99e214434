import type { Complaint } from "./vocabulary";

/* Words people use for each complaint; more specific rows first. Matched on whole phrases, any order in the text. */
const PHRASES: readonly (readonly [Complaint, RegExp])[] = [
  [
    "starts-with-push",
    /\b(with|needs|after|give[ns]?) (it )?(a )?(push|spin|flick|nudge|shove)\b|\bpush(ed|ing)? (to )?start|\bstarts (if|when) (i )?(push|spin)/,
  ],
  ["hums-no-start", /\bhum(s|ming|med)?\b(?!.*\bloud)|\bbuzz(es|ing)?\b.*\b(not|n't|no) (start|turn|run|move)|\bstalls?\b/],
  ["noisy-hum", /\b(loud|noisy) (hum|buzz)|\bhum(s|ming)?\b.*\bloud/],
  ["trips-at-once", /\btrips?\b.*\b(at once|instantly|straight ?away|immediately|every time|always)\b|\bblows? (the )?fuse\b/],
  ["trips-at-start", /\btrips?\b.*\b(at|on) start|\btrips?\b.*\bwhen (it )?starts?/],
  ["trips-running", /\btrips?\b(?!.*\b(at once|instantly|straight|immediately|every|always|start))/],
  ["cuts-out-and-returns", /\bcuts? out\b|\bstops (after|and comes back)|\bcomes back\b/],
  ["starts-slow", /\bslow(ly)? (to )?start|\bstarts? (very )?slow(ly)?\b|\btakes (long|ages|a while) to start/],
  ["slow-or-weak", /\bweak\b|\bslow\b(?!.*start)|\blow (flow|air|speed)\b|\b(little|no) air ?flow\b/],
  ["runs-hot", /\bhot\b|\boverheat(s|ing)?\b/],
  ["burning-smell", /\bburn(ing|t)?\b|\bsmell(s|ed)?\b|\bsmok(e|es|ing)\b/],
  ["squeals", /\bsqueal(s|ing)?\b|\bscreech(es|ing)?\b|\bwhin(e|es|ing)\b/],
  ["rumbles", /\brumbl(e|es|ing)\b|\bgrind(s|ing)?\b|\brattl(e|es|ing)\b/],
  ["vibrates", /\bvibrat(es?|ing|ion)\b|\bshak(es?|ing)\b/],
  ["runs-backwards", /\bbackwards?\b|\bwrong (way|direction)\b|\breverse\b/],
  ["high-current", /\b(high|double|too much) (current|amps)\b|\bdraws? (too )?(much|high|double)/],
  ["dead", /\bdead\b|\bnothing happens\b|\bdoes nothing\b|\bno (sign of )?(life|power)\b/],
  ["intermittent", /\bintermittent(ly)?\b|\bsometimes\b|\bnow and then\b|\boff and on\b|\bon and off\b/],
];

/**
 * Complaints recognised in free text; the text itself is kept beside them, so nothing said is lost.
 * @example matchComplaints("hums, starts with a push") -> ["starts-with-push", "hums-no-start"]
 */
export function matchComplaints(text: string): Complaint[] {
  const said = text.toLowerCase();
  return PHRASES.filter(([, pattern]) => pattern.test(said)).map(([complaint]) => complaint);
}
