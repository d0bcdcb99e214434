import { cutChainOf, findingsOfCutChain, type CutChain } from "./cut-chain";
import { defineStation, plainAssessment, type Stamp, type StationContext } from "../../station";
import { type Facts, knownMotor } from "../../facts";
export type { BoardQuestion } from "../../winding";
import type { Finding } from "../../diagnosis";
import {
  type BoardQuestion,
  identifyThreeLeads,
  LEAD_PAIRS,
  otherCommonOf,
  roleOfMark,
  type BoardReading,
  type BoardUnderstanding,
  type PairReading,
  type ThreeLeadAnswer,
  type ThreeLeadInput,
} from "../../winding";
import { capacitorsBetween } from "./capacitors-between";
import { isTriangle, mayBeEqual, testLeadsOf, toBoardReading, toQuestion, type TestLeads } from "./board";
import { coldTemperatureC, comparisonsOf, hotRunOf, type Comparison, type HotRun } from "./compare";
import { doubtsOf, type ReadingDoubt } from "./doubts";
import { elementsOf, elementsOfThree, groupsOf, windingFacts, withCapacitors, type BoardElement } from "./elements";
import { findingsOfBoard, findingsOfThree, stampOfBoard, stampOfThree } from "./findings";
import { areThreeAlike, usualOhms, type UsualOhms } from "../../motor";
import { slipsOf, type PairSlip } from "./slips";
import { findingsOfLowStart, isDoubted, lowStartWinding, stampOfLowStart, withoutDoubted, type StartWinding } from "./start-winding";
import { entryAt, pairsOf, windingsRecord, type PostPair, type WindingsRecord } from "./record";
import { windingsMigrations } from "./migrations";
import { workingOfBoard, workingOfHotRun, workingOfThree } from "./working";

export {
  BLANK_WINDINGS,
  entryAt,
  FEWEST_POSTS,
  isNamedPost,
  MOST_POSTS,
  pairsOf,
  usualName,
  windingsRecord,
  type PostPair,
  type WindingsRecord,
} from "./record";
export { pairQuantity, samePair, setPair } from "./pairs";
export type { BoardElement } from "./elements";
export type { Comparison, HotRun } from "./compare";
export type { ReadingDoubt } from "./doubts";
export type { PairSlip } from "./slips";
export type { StartWinding } from "./start-winding";

export interface WindingsDetail {
  readonly names: readonly string[];
  readonly hasFrame: boolean;
  readonly measured: number;
  readonly pairs: number;
  /** three leads, named at once; null on other boards */
  readonly three: ThreeLeadAnswer | null;
  /** any other board; null while nothing was read, or while it is being worked out */
  readonly board: BoardUnderstanding | null;
  readonly isWorking: boolean;
  /** an open lead may be a protector that opened on heat: then the shell says more */
  readonly asksShell: boolean;
  /** roles settled so far, by post */
  readonly roles: readonly (readonly string[] | null)[];
  /** every post has its role, and nothing else fits: only then is a connection drawn */
  readonly isSettled: boolean;
  readonly elements: readonly BoardElement[];
  readonly next: PostPair | null;
  /** pairs that do not belong with the others */
  readonly misfits: readonly PostPair[];
  readonly doubts: readonly ReadingDoubt[];
  /** readings that would go with the others but for one slip of the finger */
  readonly slips: readonly PairSlip[];
  readonly comparisons: readonly Comparison[];
  /** three pairs alike: three phases; what is named here is of one phase */
  readonly areThreeAlike: boolean;
  /** the start winding has lost turns, or may have; null: it is as it may be against the run winding */
  readonly lowStart: StartWinding | null;
  /** two coils apart, which a motor of two speeds with an open run winding reads too; null: surely not */
  readonly cutChain: CutChain | null;
  readonly hotRun: HotRun | null;
  /** below this test leads decide the answer [Ω]: the lowest reading is, and they were not measured; null: all is well */
  readonly nullBelowOhm: number | null;
  readonly testLeadOhm: number;
  readonly isNulled: boolean;
}

/** Ohms the plate lets one expect; null where it does not say enough. */
function expectedOhms(facts: Facts): UsualOhms | null {
  const motor = knownMotor(facts);
  return motor.ok ? usualOhms(motor.value.knowledge) : null;
}

function threeOf(record: WindingsRecord, leads: TestLeads, { house, facts }: Pick<StationContext, "house" | "facts">): ThreeLeadAnswer {
  const pairs = LEAD_PAIRS.map(([a, b]): PairReading | null => {
    const entry = entryAt(record, a, b);
    const reading = entry ? toBoardReading(a, b, entry) : null;
    return reading === null ? null : reading.kind === "ohms" ? reading : { kind: "open" };
  }) as [PairReading | null, PairReading | null, PairReading | null];
  const mark = (lead: number) => roleOfMark(record.posts[lead]?.mark ?? null);
  const input: ThreeLeadInput = {
    pairs,
    marks: [mark(0), mark(1), mark(2)],
    leadOhm: leads.ohm,
    leadStandardOhm: leads.standardOhm,
    nearZeroOhm: house.nearZeroOhm,
    coverageFactor: house.coverageFactor,
    mayBeEqual: mayBeEqual(facts),
  };
  const answer = identifyThreeLeads(input);
  const doubt = otherCommonOf(
    input,
    answer,
    LEAD_PAIRS.map(([a, b]) => entryAt(record, a, b)),
  );
  return doubt && answer.kind === "named" ? { kind: "digit-unclear", ...doubt, sum: answer.sum } : answer;
}

const ROLE_IDS = { common: "C", run: "R", start: "S" } as const;

function rolesOfThree(answer: ThreeLeadAnswer): (readonly string[] | null)[] {
  const only = (lead: number, role: string) => [0, 1, 2].map((each) => (each === lead ? [role] : null));
  if (answer.kind === "named") return answer.roles.map((role) => [ROLE_IDS[role]]);
  if (answer.kind === "order-unclear") return only(answer.common, "C");
  if (answer.kind === "lead-open" && answer.role) return only(answer.lead, ROLE_IDS[answer.role]);
  return [null, null, null];
}

/** Posts between which the capacitance range found a capacitor are its posts, whatever else is open; so are those of a switch. */
function confirmedRoles(roles: readonly (readonly string[] | null)[], elements: readonly BoardElement[]): (readonly string[] | null)[] {
  const confirmed = elements.flatMap(({ capacitanceUf, posts }) => (capacitanceUf === null ? [] : posts));
  // A switch that stands alone is one where no protector does.
  const switched = elements.flatMap(({ cls, from, posts }) => (cls === "switch" && from === "SW1" ? posts : []));
  return roles.map((role, post) =>
    confirmed.includes(post) ? ["capacitor"] : switched.includes(post) && role?.length === 1 ? ["SW"] : role,
  );
}

/** A winding is hotter inside than its mean by resistance; 10 K by IEC 60034-1, table 8. */
const HOT_SPOT_K = 10;

const isTooHot = ({ windingC, limitC }: HotRun): boolean => limitC !== null && windingC + HOT_SPOT_K > limitC;

/** Temperature by resistance is the same test as the hand on the shell, and the better one. */
function findingOfHotRun(hotRun: HotRun | null): Finding[] {
  if (hotRun?.limitC == null) return [];
  return [{ test: "temperature", weights: { [isTooHot(hotRun) ? "hot" : "usual"]: 1 } }];
}

/** The worse of naming and comparison: a winding that lost ohms is not sound because its leads were named. */
function stampOf(named: Stamp, comparisons: readonly Comparison[], doubts: readonly ReadingDoubt[], hotRun: HotRun | null): Stamp {
  if (named === "out" || named === "not-done" || named === "contradicts") return named;
  if (comparisons.some(({ shortedTurns }) => shortedTurns === "strong")) return "out";
  if (hotRun && isTooHot(hotRun)) return "out";
  if (doubts.length > 0 || comparisons.some(({ shortedTurns }) => shortedTurns === "hint")) return "too-close";
  return named;
}

interface Understood {
  /** three leads, named at once; null on other boards */
  readonly three: ThreeLeadAnswer | null;
  readonly question: BoardQuestion | null;
  readonly board: BoardUnderstanding | null;
  readonly elements: readonly BoardElement[];
  readonly readable: readonly BoardReading[];
}

/** Names the windings of a record, of this visit or an earlier one. */
function understandRecord(record: WindingsRecord, context: StationContext): Understood {
  const { house, facts } = context;
  const three = isTriangle(record) ? threeOf(record, testLeadsOf(record, house), context) : null;
  const question = toQuestion(record, house, facts);
  const board = question && context.study("board", question);
  const readable = record.pairs.flatMap(({ a, b, entry }) => toBoardReading(a, b, entry) ?? []);
  const best = board?.answers[0];
  const isNamed = board?.state === "settled" || board?.state === "likely";
  const elements = withCapacitors(three ? elementsOfThree(three) : best && isNamed ? elementsOf(best) : [], readable);
  return { three, question, board, elements, readable };
}

/** Any terminal board: which post is what, what is wrong if the pattern is not sound, and what to probe next. */
export const windingsStation = defineStation({
  definition: {
    id: "windings",
    power: "dead",
    reads: ["windings"],
    minutes: 5,
    tests: ["winding-ohms"],
    cautions: ["motor-at-rest", "pressurised-terminals"],
    methods: [
      { id: "sketch", power: "dead", tests: ["winding-ohms"], cautions: ["motor-at-rest", "mark-wires", "pressurised-terminals"] },
      { id: "pairs", power: "dead", tests: [], cautions: ["motor-at-rest", "pressurised-terminals"] },
      { id: "compare", power: "dead", tests: [], cautions: ["motor-at-rest", "hot-surfaces"] },
      { id: "connection", power: "either", tests: [], cautions: ["local-codes"] },
    ],
  },
  ...windingsRecord,
  migrations: windingsMigrations,
  early: (record) => ({ boardCapacitors: capacitorsBetween(record) }),
  lasts: ({ posts, hasFrame, photo }) => ({ posts, hasFrame, photo }),
  assess(record, context) {
    const { house, facts, earlier } = context;
    const leads = testLeadsOf(record, house);
    const names = record.posts.map(({ name }) => name);
    const { three, board, question, elements, readable } = understandRecord(record, context);
    const misfits: PostPair[] =
      three?.kind === "impossible-open" ? [LEAD_PAIRS[three.pair]] : (board?.misfits ?? []).map(({ a, b }) => [a, b] as const);
    const doubts = doubtsOf(record, leads, three?.kind === "sum-off" ? [...LEAD_PAIRS] : misfits);
    const slipsFound = slipsOf(record, leads, three, board, house);
    const areAlike = !facts.isOursSaid && areThreeAlike(readable.flatMap((each) => (each.kind === "ohms" ? [each] : [])));
    // Three alike are no slip of two that should add up.
    const isForeign = areAlike || facts.notOurs !== null;
    const slips = isForeign ? [] : slipsFound;
    const isUnsure = slips.length > 0;
    const comparisons = comparisonsOf({ record, leads, elements }, earlier, house, (then) => understandRecord(then, context).elements);
    const lowStart = lowStartWinding(elements, facts.motorType);
    const cutChain = board === null ? null : cutChainOf(elements, expectedOhms(facts), facts);
    // What may be the half of another motor is given no names.
    const roles = cutChain ? names.map(() => null) : (board?.settledRoles ?? names.map(() => null));
    const hotRun = hotRunOf(record, leads, facts.hotSpotC);
    const lowest = Math.min(...readable.flatMap((reading) => (reading.kind === "ohms" ? [reading.ohm] : [])));
    const firstPair = pairsOf(record)[0] ?? null;
    const detail: WindingsDetail = {
      names,
      hasFrame: record.hasFrame,
      measured: readable.length,
      pairs: pairsOf(record).length,
      three,
      board,
      isWorking: question !== null && board === null,
      asksShell: three?.kind === "lead-open" || record.shell !== null,
      roles: withoutDoubted(confirmedRoles(three ? rolesOfThree(three) : roles, elements), lowStart),
      isSettled: (three ? three.kind === "named" : board?.state === "settled" && cutChain === null) && !isDoubted(lowStart),
      elements,
      next: three
        ? three.kind === "need-more"
          ? LEAD_PAIRS[three.next]
          : null
        : board?.next
          ? [board.next.a, board.next.b]
          : readable.length === 0
            ? firstPair
            : null,
      misfits,
      doubts,
      slips,
      comparisons,
      areThreeAlike: areAlike,
      lowStart,
      cutChain,
      hotRun,
      nullBelowOhm: !leads.isNulled && lowest < house.lowOhmCaution ? house.lowOhmCaution : null,
      testLeadOhm: leads.ohm,
      isNulled: leads.isNulled,
    };
    const named = three ? stampOfThree(three) : board ? stampOfBoard(board) : "not-done";
    const shorted = comparisons[0]?.shortedTurns === "strong";
    const findings =
      isUnsure || isForeign
        ? []
        : lowStart
          ? findingsOfLowStart(lowStart)
          : cutChain
            ? findingsOfCutChain(cutChain)
            : three
              ? findingsOfThree(three, expectedOhms(facts), record.shell)
              : board
                ? findingsOfBoard(board)
                : [];
    const asNamed = cutChain ? "too-close" : lowStart ? (stampOfLowStart(lowStart) ?? named) : named;
    return plainAssessment(
      isForeign && detail.measured > 0 ? "noted" : isUnsure ? "unsure" : stampOf(asNamed, comparisons, doubts, hotRun),
      detail,
      {
        facts: {
          leadNames: names,
          leadRoles: detail.roles,
          isShellCool: record.shell === "cool",
          ...(areAlike ? { notOurs: { sort: "three-phase" as const, by: "ohms" as const } } : {}),
          ...(elements.length > 0 ? { windingGroups: groupsOf(elements) } : {}),
          // What has lost turns is not what the plate was made with.
          ...windingFacts(
            cutChain ? [] : lowStart ? elements.filter(({ cls }) => cls !== "aux") : elements,
            leads.standardOhm,
            coldTemperatureC(record),
          ),
        },
        // A winding that lost ohms speaks louder than that its leads could be named.
        findings: [
          ...(shorted && named !== "out" && !isUnsure ? [{ test: "winding-ohms", weights: { shorted: 1 } } as const] : findings),
          ...findingOfHotRun(hotRun),
        ],
        working: [
          ...(three ? workingOfThree(three, context, leads.ohm) : board ? workingOfBoard(board, names) : []),
          ...workingOfHotRun(hotRun),
        ],
      },
    );
  },
});
