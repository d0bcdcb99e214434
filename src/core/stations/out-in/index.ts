import {
  afterFitting,
  compareQuotes,
  isSwap,
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
import { connectionFor, matchMotor, readPlace, readSheet, type MatchQuestion, type MotorMatch } from "../../match";
import type { FittedFacts, FittedMotor } from "../../motor";
import { defineStation, plainAssessment, readPlain, type Stamp } from "../../station";
import { incomingFor, placeOfWork } from "./incoming-for";
import { oldMotor } from "./old-motor";
import { outInMigrations } from "./migrations";
import {
  BLANK_EXCHANGE,
  BLANK_OUT_IN,
  isNamedPiece,
  OutInRecordSchema,
  type Candidate,
  type OutInRecord,
  type PartExchange,
} from "./record";

export { incomingFor, placeOfWork, type PlaceOfWork } from "./incoming-for";
export { offerOf, type PieceOffer } from "./offer";
export {
  BLANK_EXCHANGE,
  BLANK_PIECE,
  isBlankPiece,
  isNamedPiece,
  MOST_CANDIDATES,
  type Candidate,
  type OutInRecord,
  type PartExchange,
  type Piece,
} from "./record";

/** What a work still lacks before its part is accounted for. */
export type ExchangeLack = "fate" | "why-scrapped" | "made-unusable" | "part-in" | "fitted" | "expected-day";

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
function fittedFacts(record: OutInRecord): Pick<FittedFacts, "fittedMotor" | "fittedAt" | "fittedWorks"> {
  const fittedWorks = Object.fromEntries(
    SWAP_ACTIONS.flatMap((action) => {
      const at = record.works[action]?.fittedAt;
      return at ? [[action, at]] : [];
    }),
  );
  return { fittedMotor: fittedMotor(record), fittedAt: Object.values(fittedWorks).sort()[0] ?? null, fittedWorks };
}

function stampOf(detail: OutInDetail, record: OutInRecord): Stamp {
  const { works, open } = detail;
  const begun = works.filter(({ exchange }) => isTouched(exchange));
  if (begun.some(({ incoming }) => incoming.verdict === "wrong")) return "out";
  if (begun.length === 0)
    return record.quotes.length > 0 || record.candidates.length > 0 || record.rotationBefore !== null ? "noted" : "not-done";
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
  schema: OutInRecordSchema,
  blank: BLANK_OUT_IN,
  migrations: outInMigrations,
  early: (record) => ({
    quotedPrices: quotedPrices(record.quotes, readPlain(record.standstill, "shelfPrice").value ?? 0),
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
        lacks: lacksOf(action, exchange),
        isOnOrder: exchange.isOldKept,
        isSpare: !decided.includes(action) && !isTouched(exchange),
      };
    });
    const standstillAnHour = readPlain(record.standstill, "shelfPrice").value ?? 0;
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
    };
    return plainAssessment<OutInDetail>(stampOf(detail, record), detail, {
      facts: {
        rotationBefore: record.rotationBefore,
        rotationAsked: record.rotationAsked,
        isWrongPartIn: works.some(({ exchange, incoming }) => exchange.fittedAt !== null && incoming.verdict === "wrong"),
      },
      due: works.flatMap(({ isOnOrder, exchange }) =>
        isOnOrder && exchange.expectedOn !== null ? [{ kind: "part-expected" as const, when: { on: exchange.expectedOn } }] : [],
      ),
    });
  },
});
