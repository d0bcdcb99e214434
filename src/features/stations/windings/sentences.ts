import { notOursSentence, STILL_SERVES } from "@/features/vocabulary/not-ours-words";
import { LEAD_PAIRS, type SumCheck, type ThreeLeadAnswer, type WindingRole } from "@/core/winding";
import { formatNumber, formatPercent, formatProbability, formatQuantity } from "@/core/quantity";
import { clockDay } from "@/features/vocabulary/clock";
import { boardSentences, ELEMENT_WORDS } from "./board-sentences";
import { pairName as nameOfPair, postName, type WindingsDetail } from "./words";

export type { WindingsDetail } from "./words";

const ROLE_WORDS: Record<WindingRole, string> = { common: "Common", run: "Run", start: "Start" };
const leadName = postName;
const pairName = (names: readonly string[], pair: 0 | 1 | 2): string => nameOfPair(names, LEAD_PAIRS[pair]);

const ohm = (value: number): string => formatQuantity("resistance", value, 0.5);

function sumSentence(sum: SumCheck): string {
  const by = formatNumber(Math.abs(sum.mismatchOhm), 2);
  if (sum.decision === "holds")
    return `Largest ${ohm(sum.largestOhm)} against ${ohm(sum.sumOfOthersOhm)} for the other two: they add up within what the meter can see.`;
  return `Largest ${ohm(sum.largestOhm)} against ${ohm(sum.sumOfOthersOhm)} for the other two: ${by} Ω apart, ${formatNumber(Math.abs(sum.mismatchOhm) / sum.standardUncertaintyOhm, 1)} times what the meter explains. Measure all three again, tips pressed on bare metal.`;
}

/** Below this an order is no better than a guess, and is not told. */
const WORTH_NAMING = 0.6;
const WORTH_SAYING_EQUAL = 0.2;

type Answer = ThreeLeadAnswer;
type Words = {
  readonly [Kind in Answer["kind"]]: (answer: Extract<Answer, { kind: Kind }>, names: readonly string[], isHotShell: boolean) => string[];
};

/** Every pattern of three readings, in words. */
const ANSWERS: Words = {
  "need-more": ({ next }, names) => [`Next: ${pairName(names, next)}.`],
  named: (answer, names) => {
    const at = (role: WindingRole): string => leadName(names, answer.roles.indexOf(role));
    return [
      `Common is ${at("common")}, run is ${at("run")} (${ohm(answer.runOhm)}), start is ${at("start")} (${ohm(answer.startOhm)}).`,
      sumSentence(answer.sum),
      ...answer.conflicts.map(
        (lead) =>
          `The maker's mark at ${leadName(names, lead)} says otherwise: it measures as ${ROLE_WORDS[answer.roles[lead]].toLowerCase()}. The mark is wrong, or two readings are swapped.`,
      ),
    ];
  },
  "order-unclear": ({ common, run, chance, equalChance, sum }, names) => {
    const start = [0, 1, 2].find((lead) => lead !== common && lead !== run) ?? 0;
    return [
      chance >= WORTH_NAMING
        ? `Common is ${leadName(names, common)}. Run is probably ${leadName(names, run)} (${formatProbability(chance)}), start ${leadName(names, start)}: the two differ by less than the meter can see.`
        : `Common is ${leadName(names, common)}. Cannot tell run from start: the two differ by less than the meter can see.`,
      ...(equalChance >= WORTH_SAYING_EQUAL
        ? ["Reversible motors have equal windings on purpose; then the capacitor's place decides the direction."]
        : []),
      "A low-ohm meter, or each of the two read once more with the test leads nulled, settles it; so does the maker's mark.",
      sumSentence(sum),
    ];
  },
  "common-unclear": ({ candidates, sum }, names) => [
    `Cannot tell which is common: ${leadName(names, candidates[0])} or ${leadName(names, candidates[1])}. The two largest readings are alike within what the meter can see.`,
    "A low-ohm meter, the smallest pair read once more with the test leads nulled, or the capacitor's lead settles it.",
    sumSentence(sum),
  ],
  "digit-unclear": ({ pair, candidates, sum }, names) => [
    `Cannot tell yet which is common: ${leadName(names, candidates[0])} by these figures; with one digit of ${pairName(names, pair)} read or keyed otherwise it would be ${leadName(names, candidates[1])}, and the sum would hold as well.`,
    `Read ${pairName(names, pair)} once more, test leads nulled. If it reads the same, say below that it stands.`,
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
        "Either a winding is open at that lead, or it is common and its protector is open. Where the maker marked the leads, say so under Board, and the answer is one.",
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

type Doubt = WindingsDetail["doubts"][number];
type DoubtWords = { readonly [Code in Doubt["code"]]: (doubt: Extract<Doubt, { code: Code }>, names: readonly string[]) => string };

/** What probably happened to a reading, and what to key instead. */
const DOUBTS: DoubtWords = {
  "thousand-times": ({ pair, ohm: value }, names) =>
    `${nameOfPair(names, pair)}: ${formatQuantity("resistance", value)} among windings of a few ohms. Probably a k too many: key it without, or measure again on the lowest range.`,
  "capacitor-or-coil": ({ pair, ohm: value }, names) =>
    `${nameOfPair(names, pair)}: ${formatQuantity("resistance", value)} is no motor winding. A capacitor still connected makes the figure climb; a relay coil reads so and stays. Disconnect what hangs on these posts and measure again.`,
  "below-leads": ({ pair, ohm: value, leadOhm }, names) =>
    `${nameOfPair(names, pair)}: ${formatQuantity("resistance", value, 0.05)} is less than the test leads alone (${formatQuantity("resistance", leadOhm, 0.05)}). Measure the leads together again, or this pair.`,
  "same-figure": ({ pair, other, text }, names) =>
    `${nameOfPair(names, pair)} carries the same figure as ${nameOfPair(names, other)}, ${text}, and does not fit: perhaps it was keyed on the wrong pair. Empty the one that was not measured.`,
};

const doubtSentence = (doubt: Doubt, names: readonly string[]): string =>
  (DOUBTS[doubt.code] as (doubt: Doubt, names: readonly string[]) => string)(doubt, names);

const WITH_WORDS = { earlier: "the earlier visit", maker: "the maker's figure", sister: "a sister motor" } as const;

/** One comparison in words: what it was against, how far it is off, and what that may mean. */
export function comparisonSentence(found: WindingsDetail["comparisons"][number], names: readonly string[]): string {
  const part = found.what === "pair" ? "" : ELEMENT_WORDS[found.what];
  const what =
    part === "" ? nameOfPair(names, found.pair) : `${part.charAt(0).toUpperCase()}${part.slice(1)}, ${nameOfPair(names, found.pair)}`;
  const against = `${WITH_WORDS[found.with]}${found.at ? ` of ${clockDay(found.at)}` : ""}`;
  const figure = `${what}: ${formatPercent(Math.abs(found.deviation), 1)} ${found.deviation < 0 ? "lower" : "higher"} than ${against}${found.areTemperaturesKnown ? ", both at 20 °C" : "; temperatures not known, so up to 4 % means nothing"}`;
  const meaning = {
    none: "alike within what meter and temperature explain. Small shorts hide from an ohmmeter; running amps show them.",
    hint: "lower than meter and temperature explain: shorted turns are possible. Measure again, and compare running amps.",
    strong: "far lower than meter and temperature explain: shorted turns. The motor is not worth trusting.",
    higher: "higher: a warmer winding than keyed, a corroded joint, or test leads not nulled.",
  }[found.shortedTurns];
  return `${figure}: ${meaning}`;
}

/** The winding's temperature after a run, in words. */
export function hotRunSentence({ pair, windingC, riseK, limitC }: NonNullable<WindingsDetail["hotRun"]>, names: readonly string[]): string {
  const rise = riseK === null ? "" : `, ${formatNumber(riseK, 0)} K above the air`;
  const limit =
    limitC === null
      ? "Key the insulation class at the plate to hold it against a limit."
      : windingC > limitC
        ? `Above ${limitC} °C, the limit of its insulation class: find out why before it runs again.`
        : `Below ${limitC} °C, the limit of its insulation class.`;
  return `${nameOfPair(names, pair)} says ${formatNumber(windingC, 0)} °C${rise}. ${limit}`;
}

/** A start winding that has lost turns, against the run winding. */
const lowStartSentence = ({ startOhm, mainOhm, sound }: NonNullable<WindingsDetail["lowStart"]>): string =>
  `Start winding ${ohm(startOhm)} against ${ohm(mainOhm)} of the run winding: a split-phase motor has two to six times as many in its start winding. ${sound < SURELY_SHORTED ? "Turns of it are shorted: burnt, most often by a start switch that stayed in. Look at the switch too." : "Turns of it may be shorted: read both once more with the test leads nulled, and look at the start switch."}`;
const SURELY_SHORTED = 0.3;

/** Two coils apart that may be what is left of a motor of two speeds. */
const cutChainSentences = ({ lowerOhm, higherOhm }: NonNullable<WindingsDetail["cutChain"]>): string[] => [
  `Two coils with nothing between them, ${ohm(lowerOhm)} and ${ohm(higherOhm)}: run and start winding brought out apart, or a motor of two speeds whose run winding is open. Both read the same, so no lead is named.`,
  `Look at plate, lead colours or the selector: if two of the leads are speeds, the run winding is open. Seen running by itself, it is whole.`,
];

/** What was taken off every reading for the test leads, and whose figure it is: ohms told elsewhere are without it. */
export const leadsSentence = ({ testLeadOhm, isNulled }: Pick<WindingsDetail, "testLeadOhm" | "isNulled">): string =>
  testLeadOhm === 0
    ? "Nothing is taken off the readings for the test leads."
    : `${formatNumber(testLeadOhm, 2)} Ω is taken off every reading for the test leads, ${isNulled ? "as measured" : "as the house takes them until they are measured"}.`;

/** What the readings mean, most important first; then what would make them better. */
export function windingSentences(detail: WindingsDetail, isHotShell: boolean): string[] {
  const { three, names, doubts, comparisons, hotRun } = detail;
  const said = detail.areThreeAlike
    ? [notOursSentence({ sort: "three-phase", by: "ohms" }), STILL_SERVES]
    : three
      ? (ANSWERS[three.kind] as (a: Answer, names: readonly string[], isHot: boolean) => string[])(three, names, isHotShell)
      : detail.cutChain
        ? cutChainSentences(detail.cutChain)
        : boardSentences(detail);
  const suspicious = comparisons.filter(({ shortedTurns }) => shortedTurns === "strong" || shortedTurns === "hint");
  return [
    ...said,
    ...(detail.lowStart ? [lowStartSentence(detail.lowStart)] : []),
    ...doubts.map((doubt) => doubtSentence(doubt, names)),
    ...suspicious.slice(0, 2).map((found) => comparisonSentence(found, names)),
    ...(hotRun ? [hotRunSentence(hotRun, names)] : []),
    ...(detail.nullBelowOhm !== null
      ? [
          `Readings under ${formatQuantity("resistance", detail.nullBelowOhm)}: hold the test leads together, key what they show, and it is subtracted. Until then ${formatNumber(detail.testLeadOhm, 2)} Ω is assumed.`,
        ]
      : []),
  ];
}
