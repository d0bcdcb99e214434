"use client";
import { BLANK_SHEET, MATCH_LINE_IDS } from "@/core/match";
import { BLANK_EXCHANGE, BLANK_PIECE, MOST_CANDIDATES, type PartExchange, type Piece } from "@/core/stations/out-in";
import { MATCH_LINE_WORDS } from "@/features/vocabulary/match-words";
import { NOT_TAKEN } from "@/features/vocabulary/taken-words";
import type { Part } from "@/records";
import { putPieceBack, takePiece } from "@/store/part-counts";
import { useParts } from "@/store/parts";
import { useState } from "react";
import { MatchTable, type ShownCandidate } from "../../match/MatchTable";
import { SheetFields } from "../../match/SheetFields";
import { orderText } from "../../match/sheet-words";
import { CandidateFields } from "./CandidateFields";
import { motorsOfShelf, shownCandidate, shownMotor } from "./candidates-of";
import { onCard } from "./on-card";
import { PlaceFields } from "./PlaceFields";
import type { Props } from "./props";

const SHELF_SHOWN = 3;
/** Old motor beside those that may go in: from the shelf, and typed from a plate. */
export default function MatchPanel(props: Props) {
  const { record, assessment, house, change } = props;
  const { question, candidates } = assessment.detail;
  const parts = useParts();
  const [problem, setProblem] = useState<string | null>(null);
  const [isTextShown, setTextShown] = useState(false);

  const withMotor = (before: PartExchange, piece: Partial<Piece>): PartExchange => ({
    ...before,
    isOldKept: false,
    pieces: [{ ...BLANK_PIECE, ...piece }],
    fittedAt: null,
  });
  const present = record.works["replace-motor"] ?? BLANK_EXCHANGE;
  // A motor of the Shelf that was not fitted goes back for another one.
  const goesBack = present.fittedAt === null ? present.pieces.flatMap(({ shelfId }) => shelfId ?? []) : [];
  const card = onCard(props.weighed, "replace-motor");
  const putIn = async (piece: Partial<Piece>): Promise<void> => {
    const [back] = goesBack;
    const returned =
      back === undefined || card === null
        ? "taken"
        : await putPieceBack(
            back,
            card((each) => withMotor(each, piece)),
          );
    if (returned === "taken" || returned === "line-gone") setProblem(null);
    else return setProblem(NOT_TAKEN[returned]);
    if (back === undefined || returned === "line-gone")
      change((r) => ({ ...r, works: { ...r.works, "replace-motor": withMotor(r.works["replace-motor"] ?? BLANK_EXCHANGE, piece) } }));
  };
  const fromShelf = async (part: Part): Promise<void> => {
    if (card === null) return;
    const { label, place: source, sheet, id: shelfId } = part;
    const taken = await takePiece(
      part.id,
      card((each, takenAt) => withMotor(each, { label, source, price: part.price.toFixed(2), sheet, shelfId, takenAt })),
      goesBack,
    );
    setProblem(taken === "taken" ? null : NOT_TAKEN[taken]);
  };

  const spares = motorsOfShelf(parts.state === "ready" ? parts.value : [], question, house.figures);
  // What cannot go in is no offer; it is counted, so that nobody looks for it.
  const offered = spares.filter(({ match }) => match.overall !== "does-not-fit");
  const refused = spares.length - offered.length;
  const shown: ShownCandidate[] = [
    ...offered.slice(0, SHELF_SHOWN).map((motor) => shownMotor(motor, house.figures, () => void fromShelf(motor.part))),
    ...candidates.map((each) => {
      const { source, price, sheet } = each.candidate;
      return shownCandidate(each, house.figures, () => void putIn({ source, price, sheet }));
    }),
  ];
  const add = () =>
    change((r) =>
      r.candidates.length >= MOST_CANDIDATES
        ? r
        : { ...r, candidates: [...r.candidates, { id: crypto.randomUUID(), source: "", price: "", sheet: BLANK_SHEET }] },
    );
  return (
    <>
      <p className="max-w-[64ch] text-[15px]">
        What must be the same, what can be made to fit, what cannot. One “does not” refuses it; what is not known is asked.
      </p>
      {problem ? (
        <p role="alert" className="text-[14px] text-out">
          {problem}
        </p>
      ) : null}
      {shown.length > 0 ? <MatchTable old={question.old} candidates={shown} /> : null}
      {parts.state === "ready" ? (
        <p className="caption">
          {offered.length === 0 ? "No motor on the Shelf may go in" : `${offered.length} on the Shelf may go in`}
          {refused > 0 ? `; ${refused} there ${refused === 1 ? "does" : "do"} not fit` : ""}.
        </p>
      ) : null}
      <div className="flex flex-wrap gap-3">
        {record.candidates.length >= MOST_CANDIDATES ? null : (
          <button type="button" className="btn btn-filled" onClick={add}>
            Type a plate
          </button>
        )}
        <button type="button" className="btn" aria-expanded={isTextShown} onClick={() => setTextShown(!isTextShown)}>
          Words for the supplier
        </button>
      </div>
      {isTextShown ? <SupplierWords text={orderText(question, props.facts.printedAs ?? "", MATCH_LINE_IDS, MATCH_LINE_WORDS)} /> : null}
      {record.candidates.map((candidate) => (
        <CandidateFields
          key={candidate.id}
          candidate={candidate}
          onCandidate={(apply) =>
            change((r, at) => ({ ...r, candidates: r.candidates.map((each) => (each.id === candidate.id ? apply(each, at) : each)) }))
          }
          onStrike={() => change((r) => ({ ...r, candidates: r.candidates.filter(({ id }) => id !== candidate.id) }))}
        />
      ))}
      <section aria-labelledby="old-motor" className="flex flex-col gap-4">
        <h2 id="old-motor" className="heading-rule">
          Old motor <span className="caption ml-2 font-normal">its plate stands at its station; a rule says the rest</span>
        </h2>
        <SheetFields record={record.old} isMeasuredOnly change={(apply) => change((r, at) => ({ ...r, old: apply(r.old, at) }))} />
      </section>
      <PlaceFields record={record.place} change={(apply) => change((r, at) => ({ ...r, place: apply(r.place, at) }))} />
    </>
  );
}

function SupplierWords({ text }: { text: string }) {
  const [isCopied, setCopied] = useState(false);
  return (
    <div>
      <pre className="num border-l-4 border-rule pl-3 text-[13px] whitespace-pre-wrap">{text}</pre>
      <button type="button" className="btn mt-2" onClick={() => void navigator.clipboard.writeText(text).then(() => setCopied(true))}>
        {isCopied ? "Copied" : "Copy"}
      </button>
    </div>
  );
}
