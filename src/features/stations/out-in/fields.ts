import { quoteRecord, type Incoming, type PartKind, type Quote, type QuoteField, type ReadQuote } from "@/core/exchange";
import { dayWords } from "@/features/vocabulary/clock";
import { CONDITION_WORDS, FATE_WORDS, KEPT_PART_WORDS, QUOTED_WORDS } from "@/features/vocabulary/swap-words";
import { toMachineSentence } from "@/features/messages/machine-sentences";
import {
  candidateIn,
  exchangeRecord,
  isNamedPiece,
  outInRecord,
  partOut,
  pieceIn,
  type Candidate,
  type OutInRecord,
  type PartExchange,
  type Piece,
} from "@/core/stations/out-in";
import { rowsOf, type Form } from "@/features/form/rows";
import { ROTATION_WORDS } from "@/features/vocabulary/match-words";
import type { KnownOut } from "./out-of-card";
import { pieceName } from "./words";
import { timedRowsOf } from "@/features/form/timed-rows";

/** What is wrong with its label as it was typed. */
function labelProblem(judged: Incoming | null): string | null {
  const failure =
    judged?.kind === "capacitor"
      ? judged.failure
      : judged?.kind === "bearing"
        ? (judged.stamps.find((stamp) => stamp.failure !== null)?.failure ?? null)
        : null;
  return failure ? toMachineSentence(failure) : null;
}

interface PieceForm extends Form<Piece> {
  readonly kind: PartKind;
  readonly judged: Incoming | null;
}

/** A piece that goes in. */
export const PIECE_ROWS = rowsOf<PieceForm>()(pieceIn, {
  label: {
    label: ({ kind }) => (kind === "motor" ? "Motor that goes in" : "Part that goes in, as its label says"),
    isFigure: true,
    known: ({ kind, record }) => (kind === "motor" ? pieceName(record) : undefined),
    problem: ({ judged }) => labelProblem(judged),
  },
  source: { label: "From", placeholder: "supplier, truck, colleague" },
  price: { label: "Price", isFigure: true, example: "38.40" },
  stamp: { label: "Number stamped on it", isFigure: true },
  condition: {
    label: ({ kind }) => CONDITION_WORDS[kind].asked,
    words: ({ kind }) => CONDITION_WORDS[kind],
    when: ({ record }) => isNamedPiece(record),
  },
});

/** A motor that may go in, typed from its plate. */
export const CANDIDATE_ROWS = rowsOf<Form<Candidate>>()(candidateIn, {
  source: { label: "From", example: "Pennock Electrical, used" },
  price: { label: "Price", isFigure: true, example: "118" },
});

interface OutForm extends Form<PartExchange["out"]> {
  readonly isMotor: boolean;
  /** what the card knows of it */
  readonly known: KnownOut;
}
const isParted = ({ fate }: PartExchange["out"]): boolean => fate === "scrap" || fate === "keep-for-parts";

/** The part that comes out. */
export const OUT_ROWS = timedRowsOf<OutForm>()(partOut, {
  label: {
    label: "Part that comes out",
    isFigure: true,
    placeholder: ({ known }) => (known.label ? undefined : "as its label says"),
    known: ({ known }) => known.label,
  },
  reading: {
    label: "It read",
    isFigure: true,
    placeholder: ({ known }) => (known.reading ? undefined : "as its station found"),
    known: ({ known }) => known.reading,
  },
  fate: {
    label: "What becomes of it",
    words: FATE_WORDS,
    // What the card knows of it goes along, so that it is kept as it was on this day.
    with: (fate, _at, { record, known }) =>
      fate === null
        ? {}
        : {
            label: record.label || known.label,
            reading: record.reading || known.reading,
            why: record.why || (fate === "scrap" ? known.why : ""),
          },
  },
  why: { label: "Why", rows: 1, when: ({ record }) => isParted(record) },
  unusableAt: { label: "Cord or leads cut: nobody fits it again", when: ({ record, isMotor }) => isMotor && isParted(record) },
  kept: { label: "Kept of it for parts", words: KEPT_PART_WORDS, when: ({ record, isMotor }) => isMotor && isParted(record) },
});

/** The whole of an exchange, while the new part is not here. */
export const EXCHANGE_ROWS = timedRowsOf<Form<PartExchange>>()(exchangeRecord, {
  isOldKept: { label: "Keep the old one until the new one is here", when: ({ record }) => record.fittedAt === null },
  expectedOn: {
    label: "New one expected on",
    beside: ({ record }) => (record.expectedOn ? dayWords(record.expectedOn) : "No day yet: pick one, or it is forgotten."),
  },
});

const QUOTE_FIGURES = {
  price: { label: "Price", example: "38.40 for the pair" },
  postage: { label: "Postage", example: "6.50" },
  minutes: { label: "There and back", example: "40", unit: "min" },
  days: { label: "Here in", example: "0 if it is here", unit: "days" },
} as const;
interface QuoteForm extends Form<Quote> {
  readonly failures: ReadQuote["failures"];
}
const quoted = <Id extends QuoteField>(id: Id) => ({
  ...QUOTE_FIGURES[id],
  isFigure: true as const,
  problem: ({ failures }: QuoteForm) => (failures[id] ? toMachineSentence(failures[id]) : null),
});

/** One price on the job. */
export const QUOTE_ROWS = rowsOf<QuoteForm>()(quoteRecord, {
  supplier: { label: ({ record }) => `${QUOTED_WORDS[record.of]}, from`, example: "Pennock Electrical" },
  price: quoted("price"),
  postage: quoted("postage"),
  minutes: quoted("minutes"),
  days: quoted("days"),
});

export const ROWS = rowsOf<Form<OutInRecord>>()(outInRecord, {
  standstill: { label: "Standing still costs, an hour", example: "0.70" },
  rotationBefore: { label: "As found", words: ROTATION_WORDS },
  rotationAsked: { label: "Asked for, where that is the other way", words: ROTATION_WORDS },
  note: { label: "Note", rows: 1 },
});
