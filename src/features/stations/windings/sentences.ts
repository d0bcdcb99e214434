import { LEAD_PAIRS, type LeadIndex, type PairIndex, type SumCheck, type WindingRole } from "@/core/winding";
import { formatNumber, formatQuantity } from "@/core/quantity";
import type { STATIONS } from "@/core/stations";

export type WindingsDetail = ReturnType<(typeof STATIONS)["windings"]["assess"]>["detail"];

export const ROLE_WORDS: Record<WindingRole, string> = { common: "Common", run: "Run", start: "Start" };

const ohm = (value: number): string => formatQuantity("resistance", value, 0.5);

/** A pair by the names of its leads. */
export function pairName(names: readonly string[], pair: PairIndex): string {
  const [a, b] = LEAD_PAIRS[pair];
  return `${leadName(names, a)} to ${leadName(names, b)}`;
}

/** A lead's name, or its place while it has none. */
export function leadName(names: readonly string[], lead: LeadIndex): string {
  return names[lead]?.trim() || `lead ${lead + 1}`;
}

function sumSentence(sum: SumCheck): string {
  const by = formatNumber(Math.abs(sum.mismatchOhm), 2);
  if (sum.decision === "holds")
    return `Largest ${ohm(sum.largestOhm)} against ${ohm(sum.sumOfOthersOhm)} for the other two: they add up within what the meter can see.`;
  return `Largest ${ohm(sum.largestOhm)} against ${ohm(sum.sumOfOthersOhm)} for the other two: ${by} Ω apart, ${formatNumber(Math.abs(sum.mismatchOhm) / sum.standardUncertaintyOhm, 1)} times what the meter explains. Measure all three again, tips pressed on bare metal.`;
}

type Answer = WindingsDetail["answer"];
type Words = {
  readonly [Kind in Answer["kind"]]: (answer: Extract<Answer, { kind: Kind }>, names: readonly string[], isHotShell: boolean) => string[];
};

/** Every pattern of three readings, in words. */
const ANSWERS: Words = {
  "need-more": ({ next }, names) => [`Next: ${pairName(names, next)}.`],
  named: (answer, names) => {
    const at = (role: WindingRole): string => leadName(names, answer.roles.indexOf(role) as LeadIndex);
    return [
      `Common is ${at("common")}, run is ${at("run")} (${ohm(answer.runOhm)}), start is ${at("start")} (${ohm(answer.startOhm)}).`,
      sumSentence(answer.sum),
      ...answer.conflicts.map(
        (lead) =>
          `The lead marked “${names[lead] ?? ""}” measures as ${ROLE_WORDS[answer.roles[lead]].toLowerCase()}: the mark is wrong, or two readings are swapped.`,
      ),
    ];
  },
  "equal-windings": ({ common, sum }, names) => [
    `Common is ${leadName(names, common)}. Cannot tell run from start: both windings read the same.`,
    "Reversible motors have equal windings on purpose; then the capacitor's place decides the direction.",
    sumSentence(sum),
  ],
  "common-unclear": ({ candidates, sum }, names) => [
    `Cannot tell which is common: ${leadName(names, candidates[0])} or ${leadName(names, candidates[1])}. The two largest readings are alike within what the meter can see.`,
    "A meter with milliohm resolution, or the capacitor's lead, settles it.",
    sumSentence(sum),
  ],
  "sum-off": ({ sum }) => [
    "The three readings do not belong together: one is mis-keyed, taken on a wrong post, or the leads were not nulled. Three readings cannot say which one.",
    sumSentence(sum),
  ],
  "impossible-open": ({ pair }, names) => [
    `${pairName(names, pair)} cannot be open: both other pairs read, so the two leads are joined through the third. Measure that pair again; scrape the metal bright.`,
  ],
  "lead-open": ({ lead, reads, ohm: value, role }, names, isHotShell) => {
    const name = leadName(names, lead);
    const joined = `Only ${pairName(names, reads)} reads (${ohm(value)}); ${name} has no path to either.`;
    const wait = isHotShell
      ? "The shell may be hot: wait until it is cool to the hand, an hour or more, and measure again before condemning anything."
      : "If the motor is hot, an internal protector may be open: wait until it is cool, then measure again.";
    const meanings: Record<WindingRole | "unknown", string[]> = {
      common: ["Common is open, often an internal protector; both windings read through each other and are whole.", wait],
      start: ["The start winding is open. It hums and will not start by itself; a winding is not repaired in the field."],
      run: ["The run winding is open. A winding is not repaired in the field."],
      unknown: [
        "Either a winding is open at that lead, or it is common and its protector is open. Mark the leads C, R, S if the board says so, and the answer is one.",
        wait,
      ],
    };
    return [joined, ...meanings[role ?? "unknown"]];
  },
  "all-open": () => [
    "No pair reads. Wrong posts, tips on varnish, a plug between, or a protector and a winding both open. Prove the meter on its own leads and measure again.",
  ],
  shorted: ({ pair, ohm: value, othersOhm }, names) => [
    `${pairName(names, pair)} reads ${ohm(value)} and the other two the same, ${ohm(othersOhm)}: where a winding should be there is a short, or the two leads are one point.`,
    "Small shorts hide from an ohmmeter; this one does not. Null the test leads and measure that pair once more before condemning.",
  ],
  "all-near-zero": () => [
    "All three near zero: the tips touch, a switch is measured, or a large motor needs a milliohm meter. Null the test leads and measure again.",
  ],
};

/** What the readings mean, most important first; then what would make them better. */
export function windingSentences(detail: WindingsDetail, isHotShell: boolean): string[] {
  const { answer, leadNames } = detail;
  const said = (ANSWERS[answer.kind] as (a: Answer, names: readonly string[], isHot: boolean) => string[])(answer, leadNames, isHotShell);
  return detail.isNullWanted
    ? [
        ...said,
        `Readings under 2 Ω: hold the test leads together, key what they show, and it is subtracted. Until then ${formatNumber(detail.testLeadOhm, 2)} Ω is assumed.`,
      ]
    : said;
}
