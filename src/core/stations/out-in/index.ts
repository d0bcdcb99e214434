import { plainAt } from "../../fields";
import {
  afterFitting,
  compareQuotes,
  isSwap,
  paidFor,
  QUOTED,
  quotedPrices,
  readQuote,
  SWAP_ACTIONS,
  SWAP_TABLE,
  type AfterFitting,
  type IncomingWork,
  type QuoteComparison,
  type Quoted,
  type ReadQuote,
  type SwapAction,
} from "../../exchange";
import { isWorkOn } from "../../relevance";
import { doneIn, isWork, MENDS, mendsOf, type JobFacts } from "../../job";
import { connectionFor, matchMotor, readPlace, readSheet, type MatchQuestion, type MotorMatch } from "../../match";
import type { QuotedPrices } from "../../decision";
import type { Facts } from "../../facts";
import type { FittedMotor } from "../../motor";
import { defineStation, plainAssessment, type Stamp } from "../../station";
import type { ActionId } from "../../trade";
import { incomingFor, placeOfWork } from "./incoming-for";
import { oldMotor } from "./old-motor";
import { outInMigrations } from "./migrations";
import {
  BLANK_EXCHANGE,
  DONE_IDS,
  isNamedPiece,
  outInRecord,
  type Candidate,
  type DoneId,
  type OutInRecord,
  type PartExchange,
} from "./record";

export { placeOfWork, type PlaceOfWork } from "./incoming-for";
export { offerOf, type PieceOffer } from "./offer";
export {
  BLANK_EXCHANGE,
  BLANK_PIECE,
  candidateIn,
  exchangeRecord,
  isBlankPiece,
  isNamedPiece,
  MOST_CANDIDATES,
  outInRecord,
  partOut,
  pieceIn,
  type Candidate,
  type DoneId,
  type OutInRecord,
  type PartExchange,
  type Piece,
} from "./record";

/** What a work still lacks before its part is accounted for. */
export type ExchangeLack = "fate" | "why-scrapped" | "made-unusable" | "part-in" | "part-missing" | "fitted" | "expected-day";

/** One part out and one in, as it stands. */
export interface WorkState {
  readonly action: SwapAction;
  readonly exchange: PartExchange;
  readonly incoming: IncomingWork;
  readonly lacks: readonly ExchangeLack[];
  /** the old one is still in, and the new one on order */
  readonly isOnOrder: boolean;
  /** added here and not decided on: it can be struck while nothing of it is keyed */
  readonly isSpare: boolean;
}

/** A work that needs no part. */
export interface MendState {
  readonly work: DoneId;
  /** when it was done, ISO 8601; null: it was not */
  readonly at: string | null;
  /** it carries out what was decided */
  readonly isDecided: boolean;
}

/** A motor that may go in, held against the old one. */
export interface CandidateState {
  readonly candidate: Candidate;
  readonly match: MotorMatch;
  readonly failures: ReturnType<typeof readSheet>["failures"];
}

export interface OutInDetail {
  /** works that were decided and in which a part is exchanged, and those that were keyed here */
  readonly works: readonly WorkState[];
  readonly question: Omit<MatchQuestion, "candidate">;
  readonly oldFailures: ReturnType<typeof readSheet>["failures"];
  readonly candidates: readonly CandidateState[];
  readonly quotes: readonly ReadQuote[];
  readonly comparisons: readonly { readonly of: Quoted; readonly comparison: QuoteComparison }[];
  readonly standstillAnHour: number;
  readonly after: readonly AfterFitting[];
  /** the motor that goes in asks for another capacitor, and none is among the works yet */
  readonly lacksCapacitor: boolean;
  /** lines that nobody ticked yet, once a part is in */
  readonly open: readonly AfterFitting[];
  /** works that need no part, as they stand: those of what was decided, and those that were done */
  readonly mends: readonly MendState[];
}

const isTouched = (exchange: PartExchange): boolean => JSON.stringify(exchange) !== JSON.stringify(BLANK_EXCHANGE);

function lacksOf(action: SwapAction, { out, pieces, fittedAt, isOldKept, expectedOn }: PartExchange): ExchangeLack[] {
  if (isOldKept) return expectedOn === null ? ["expected-day"] : [];
  const { kind, isOftenMended } = SWAP_TABLE[action];
  const isMotor = kind === "motor";
  const isNamed = pieces.some(isNamedPiece);
  if (isOftenMended && !isNamed && out.fate === null) return [];
  return [
    ...(out.fate === null ? (["fate"] as const) : []),
    ...(out.fate === "scrap" && out.why.trim() === "" ? (["why-scrapped"] as const) : []),
    ...(isMotor && (out.fate === "scrap" || out.fate === "keep-for-parts") && out.unusableAt === null ? (["made-unusable"] as const) : []),
    ...(isNamed ? (fittedAt === null ? (["fitted"] as const) : []) : (["part-in"] as const)),
  ];
}

/** A bearing of the pair that was decided on, and nothing goes in for it. */
const missingOf = ({ pieces, isOldKept }: PartExchange, { together }: IncomingWork): ExchangeLack[] =>
  !isOldKept && pieces.some(isNamedPiece) && together?.kind === "bearings" && together.missing.length > 0 ? ["part-missing"] : [];

/** The new motor's plate, once it is in: the connection of this place where its volts are noted, else all it has. */
function fittedMotor({ works, place }: OutInRecord): FittedMotor | null {
  const exchange = works["replace-motor"];
  const sheet = exchange?.pieces[0]?.sheet;
  if (!sheet || exchange.fittedAt === null) return null;
  const { spec } = readSheet(sheet);
  const { supplyV } = readPlace(place);
  const chosen = supplyV === null ? null : connectionFor({ old: spec, place: readPlace(place), candidate: spec });
  return {
    connections: chosen === null ? spec.connections : [chosen],
    frequencyHz: spec.hertz[0] ?? null,
    powerW: spec.powerW,
    fullLoadRpm: spec.rpm,
  };
}

/** What went in, told to every station: what is measured after it is after the repair, and by the new plate. */
function fittedFacts(record: OutInRecord): Pick<Facts, "fittedMotor" | "fittedAt" | "worksDone"> {
  const done = doneIn(record);
  return { fittedMotor: fittedMotor(record), fittedAt: done[0]?.at ?? null, worksDone: done };
}

/** What was keyed for what goes in stands before what was quoted: it is what is paid. */
function keyedPrices({ works }: OutInRecord): QuotedPrices {
  const rows = SWAP_ACTIONS.flatMap((action) => {
    const exchange = works[action];
    const paid = exchange ? paidFor(action, exchange.pieces) : null;
    return paid === null ? [] : [[action, [{ partCost: paid, minutes: 0, waitCost: 0 }]] as const];
  });
  return Object.fromEntries(rows);
}

/** Decisions that are noted as done by themselves: no part has to go in for them. */
const isDoneBare = (action: ActionId): boolean => isWork(action) && (!isSwap(action) || SWAP_TABLE[action].isOftenMended);

/** Works without parts: those that carry out a decision first, then every other one; a decision that none stands for is noted itself. */
function mendsFor(record: OutInRecord, facts: Facts): readonly MendState[] {
  const decided = [facts.action, facts.also];
  const isShown = (work: DoneId): boolean => record.done[work] !== undefined || isWorkOn(work, facts);
  const own = decided.flatMap((action): DoneId[] => (action === null || !isDoneBare(action) ? [] : [...mendsOf(action), action as DoneId]));
  return [...new Set([...own, ...DONE_IDS.filter((id) => record.done[id] !== undefined), ...MENDS])].filter(isShown).map((work) => ({
    work,
    at: record.done[work] ?? null,
    isDecided: own.includes(work),
  }));
}

/** What of the parts bears on how the card ends. */
function partsFacts({ works }: OutInDetail): Pick<JobFacts, "openParts" | "isOnOrder" | "expectedOn" | "isMadeUnusable"> {
  const ordered = works.find(({ isOnOrder }) => isOnOrder);
  return {
    openParts: works.filter(({ exchange, lacks, isOnOrder }) => !isOnOrder && isTouched(exchange) && lacks.length > 0).length,
    isOnOrder: ordered !== undefined,
    expectedOn: ordered?.exchange.expectedOn ?? null,
    isMadeUnusable: works.some(({ action, exchange }) => action === "replace-motor" && exchange.out.unusableAt !== null),
  };
}

function stampOf(detail: OutInDetail, record: OutInRecord): Stamp {
  const { works, open } = detail;
  const begun = works.filter(({ exchange }) => isTouched(exchange));
  const isMended = Object.keys(record.done).length > 0;
  if (begun.some(({ incoming }) => incoming.verdict === "wrong")) return "out";
  if (begun.length === 0)
    return isMended || record.quotes.length > 0 || record.candidates.length > 0 || record.rotationBefore !== null ? "noted" : "not-done";
  if (open.length > 0 || works.some(({ lacks }) => lacks.length > 0)) return "open";
  if (works.some(({ isOnOrder }) => isOnOrder)) return "open";
  if (begun.some(({ incoming }) => incoming.verdict === "too-close")) return "too-close";
  return begun.every(({ incoming }) => incoming.verdict === "right") ? "holds" : "noted";
}

/**
 * The part that comes out with its fate, the part that goes in with its own label and reading, what was quoted for it, which
 * motor fits, and what is seen to once it is in.
 */
export const outInStation = defineStation({
  definition: {
    id: "out-in",
    power: "either",
    minutes: 5,
    tests: [],
    cautions: [],
    methods: [
      { id: "parts", power: "either", tests: [], cautions: ["swap-dead", "stored-charge", "gas-off", "local-codes"] },
      { id: "match", power: "either", tests: [], cautions: [] },
      { id: "quotes", power: "either", tests: [], cautions: [] },
    ],
  },
  ...outInRecord,
  migrations: outInMigrations,
  early: (record) => ({
    quotedPrices: { ...quotedPrices(record.quotes, plainAt(outInRecord, record, "standstill").value ?? 0), ...keyedPrices(record) },
    ...fittedFacts(record),
  }),
  assess(record, { facts, house }) {
    const question = oldMotor(record, facts);
    const place = placeOfWork(record, question, facts, house);
    const decided = [facts.action, facts.also].filter((each): each is SwapAction => each !== null && isSwap(each));
    const actions = SWAP_ACTIONS.filter((action) => decided.includes(action) || record.works[action] !== undefined);
    const works = actions.map((action): WorkState => {
      const exchange = record.works[action] ?? BLANK_EXCHANGE;
      return {
        action,
        exchange,
        incoming: incomingFor(action, exchange.pieces, place),
        lacks: [...lacksOf(action, exchange), ...missingOf(exchange, incomingFor(action, exchange.pieces, place))],
        isOnOrder: exchange.isOldKept,
        isSpare: !decided.includes(action) && !isTouched(exchange),
      };
    });
    const standstillAnHour = plainAt(outInRecord, record, "standstill").value ?? 0;
    const quotes = record.quotes.map((quote) => readQuote(quote, house.hourlyRate, standstillAnHour));
    const motor = works.find(({ action }) => action === "replace-motor");
    const [fitting] = motor?.incoming.pieces ?? [];
    const match = fitting?.kind === "motor" ? fitting.match : null;
    const after = afterFitting({
      works: works.filter(({ isOnOrder }) => !isOnOrder).map(({ action }) => action),
      machineKind: facts.machineKind,
      drive: facts.drive,
      burnsGas: facts.burnsGas,
      spareLeads: match?.works.find(({ what }) => what === "cap-leads")?.count ?? 0,
      isAdapted: (match?.works.length ?? 0) > 0,
    });
    const isIn = works.some(({ exchange }) => exchange.fittedAt !== null);
    const detail: OutInDetail = {
      works,
      question,
      oldFailures: readSheet(record.old).failures,
      candidates: record.candidates.map((candidate) => {
        const { spec, failures } = readSheet(candidate.sheet);
        return { candidate, failures, match: matchMotor({ ...question, candidate: spec }, house) };
      }),
      quotes,
      comparisons: QUOTED.flatMap((of) => {
        const comparison = compareQuotes(quotes.filter(({ quote }) => quote.of === of));
        return comparison ? [{ of, comparison }] : [];
      }),
      standstillAnHour,
      after: works.length === 0 ? [] : after,
      lacksCapacitor: (match?.works.some(({ what }) => what === "other-capacitor") ?? false) && !actions.includes("replace-run-capacitor"),
      open: isIn ? after.filter((id) => record.seenTo[id] === undefined) : [],
      mends: mendsFor(record, facts),
    };
    return plainAssessment<OutInDetail>(stampOf(detail, record), detail, {
      facts: {
        rotationBefore: record.rotationBefore,
        rotationAsked: record.rotationAsked,
        ...partsFacts(detail),
        isWrongPartIn: works.some(({ exchange, incoming }) => exchange.fittedAt !== null && incoming.verdict === "wrong"),
      },
      due: works.flatMap(({ isOnOrder, exchange }) =>
        isOnOrder && exchange.expectedOn !== null ? [{ kind: "part-expected" as const, when: { on: exchange.expectedOn } }] : [],
      ),
    });
  },
});
