"use client";
import { LineField } from "@/components/LineField";
import { PickOne, YesNo } from "@/components/Choice";
import { BLANK_SHEET, MATCH_LINE_IDS, matchMotor, PLACE_FIGURES, readSheet, SHAFT_DIRECTIONS, type PlaceSheet } from "@/core/match";
import { readPrice } from "@/core/exchange";
import { BLANK_EXCHANGE, MOST_CANDIDATES } from "@/core/stations/out-in";
import { MATCH_LINE_WORDS } from "@/features/vocabulary/match-words";
import type { Part } from "@/records";
import { takePiece } from "@/store/part-counts";
import { useParts } from "@/store/parts";
import { useState } from "react";
import { MatchTable, type ShownCandidate } from "../../match/MatchTable";
import { SheetFields } from "../../match/SheetFields";
import { motorLine, orderText } from "../../match/sheet-words";
import { PlainField } from "../shared/PlainField";
import type { Props } from "./props";
import { testedWords } from "@/features/vocabulary/tested-words";

const DIRECTIONS = SHAFT_DIRECTIONS.map((id) => ({ id, label: { horizontal: "Level", up: "Up", down: "Down" }[id] }));
const PLACE: readonly { readonly field: keyof typeof PLACE_FIGURES; readonly label: string; readonly placeholder: string }[] = [
  { field: "supply", label: "Volts there, if other than the plate's", placeholder: "230" },
  { field: "circuit", label: "Circuit, relay, overload bear", placeholder: "6" },
  { field: "speedsUsed", label: "Speeds that are connected", placeholder: "1" },
  { field: "wheelBore", label: "Bore of the wheel", placeholder: "12.7 or 1/2 in" },
  { field: "roomLength", label: "Room for the body, length", placeholder: "200" },
  { field: "roomDiameter", label: "Room for the body, diameter", placeholder: "180" },
  { field: "leadLength", label: "Wire needed to its terminals", placeholder: "600" },
];
const SHELF_SHOWN = 3;
const RANK = { fits: 0, "fits-with-work": 1, "not-known": 2, "does-not-fit": 3 } as const;

/** Old motor beside those that may go in: from the shelf, and typed from a plate. */
export default function MatchPanel(props: Props) {
  const { record, assessment, house, change } = props;
  const { question, candidates } = assessment.detail;
  const parts = useParts();
  const [problem, setProblem] = useState<string | null>(null);
  const [isTextShown, setTextShown] = useState(false);

  const putIn = (part: Partial<(typeof BLANK_EXCHANGE)["in"]>) =>
    change((r) => {
      const before = r.works["replace-motor"] ?? BLANK_EXCHANGE;
      return { ...r, works: { ...r.works, "replace-motor": { ...before, isOldKept: false, in: { ...BLANK_EXCHANGE.in, ...part } } } };
    });
  const fromShelf = async (part: Part): Promise<void> => {
    const taken = await takePiece(part.id);
    if (taken !== "taken")
      return setProblem(
        taken === "none-left"
          ? "None is left of it: somebody took the last one meanwhile."
          : taken === "line-gone"
            ? "This line is gone from the Shelf."
            : "It could not be taken off the Shelf on this device. Try again.",
      );
    setProblem(null);
    const takenAt = new Date().toISOString();
    putIn({ label: part.label, source: part.place, price: String(part.price), sheet: part.sheet, shelfId: part.id, takenAt });
  };

  const spares = (parts.state === "ready" ? parts.value : [])
    .filter(({ kind, sheet, quantity, state }) => kind === "motor" && sheet !== null && quantity > 0 && state !== "for-parts")
    .map((part) => ({ part, match: matchMotor({ ...question, candidate: readSheet(part.sheet ?? BLANK_SHEET).spec }, house.figures) }))
    .sort((a, b) => RANK[a.match.overall] - RANK[b.match.overall] || a.part.price - b.part.price);
  // What cannot go in is no offer; it is counted, so that nobody looks for it.
  const offered = spares.filter(({ match }) => match.overall !== "does-not-fit");
  const refused = spares.length - offered.length;
  const { motorMinutes, retestMonths } = house.figures;
  const shown: ShownCandidate[] = [
    ...offered.slice(0, SHELF_SHOWN).map(({ part, match }): ShownCandidate => ({
      id: part.id,
      title: `${part.label}, ${part.place}`,
      caption: part.tested ? testedWords(part.tested, retestMonths) : `${part.quantity} on the Shelf`,
      match,
      price: part.price,
      fittingMinutes: motorMinutes,
      actions:
        match.overall === "does-not-fit" ? null : (
          <button type="button" className="btn" aria-label={`Put in ${part.label}`} onClick={() => void fromShelf(part)}>
            Put it in
          </button>
        ),
    })),
    ...candidates.map(({ candidate, match }): ShownCandidate => {
      const price = candidate.price.trim() === "" ? null : readPrice(candidate.price);
      const name = candidate.source.trim() || "Typed plate";
      return {
        id: candidate.id,
        title: name,
        caption: motorLine(readSheet(candidate.sheet).spec) || "nothing typed yet",
        match,
        price: price?.ok ? price.value.amount : null,
        fittingMinutes: motorMinutes,
        actions:
          match.overall === "does-not-fit" ? null : (
            <button
              type="button"
              className="btn"
              aria-label={`Put in ${name}`}
              onClick={() => putIn({ source: candidate.source, price: candidate.price, sheet: candidate.sheet })}
            >
              Put it in
            </button>
          ),
      };
    }),
  ];
  const add = () =>
    change((r) =>
      r.candidates.length >= MOST_CANDIDATES
        ? r
        : { ...r, candidates: [...r.candidates, { id: crypto.randomUUID(), source: "", price: "", sheet: BLANK_SHEET }] },
    );
  const setPlace = (apply: Partial<PlaceSheet>) => change((r) => ({ ...r, place: { ...r.place, ...apply } }));
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
      {isTextShown ? <SupplierWords text={orderText(question.old, MATCH_LINE_IDS, MATCH_LINE_WORDS)} /> : null}
      {record.candidates.map((candidate) => {
        const set = (apply: (each: typeof candidate) => typeof candidate) =>
          change((r) => ({ ...r, candidates: r.candidates.map((each) => (each.id === candidate.id ? apply(each) : each)) }));
        const name = candidate.source.trim() || "Typed plate";
        return (
          <details
            key={candidate.id}
            open={candidate.sheet === BLANK_SHEET || candidate.source === ""}
            className="border-l-4 border-rule pl-3"
          >
            <summary className="min-h-[44px] cursor-pointer py-2 text-[15px] font-semibold text-press">
              {name}: its plate and measures
            </summary>
            <div role="group" aria-label={name} className="flex flex-col gap-4 pb-3">
              <div className="grid grid-cols-2 gap-x-4">
                <LineField
                  label="From"
                  text={candidate.source}
                  placeholder="Pennock Electrical, used"
                  onText={(source) => set((each) => ({ ...each, source }))}
                />
                <LineField
                  label="Price"
                  isFigure
                  text={candidate.price}
                  placeholder="118"
                  onText={(price) => set((each) => ({ ...each, price }))}
                />
              </div>
              <SheetFields sheet={candidate.sheet} onSheet={(apply) => set((each) => ({ ...each, sheet: apply(each.sheet) }))} />
              <button
                type="button"
                className="btn btn-plain self-start"
                onClick={() => change((r) => ({ ...r, candidates: r.candidates.filter(({ id }) => id !== candidate.id) }))}
              >
                Strike {name}
              </button>
            </div>
          </details>
        );
      })}
      <section aria-labelledby="old-motor" className="flex flex-col gap-4">
        <h2 id="old-motor" className="heading-rule">
          Old motor <span className="caption ml-2 font-normal">its plate stands at its station; a rule says the rest</span>
        </h2>
        <SheetFields sheet={record.old} isMeasuredOnly onSheet={(apply) => change((r) => ({ ...r, old: apply(r.old) }))} />
      </section>
      <section aria-labelledby="place" className="flex flex-col gap-4">
        <h2 id="place" className="heading-rule">
          Its place
        </h2>
        <div className="grid grid-cols-2 gap-x-4 gap-y-2 lg:grid-cols-4">
          {PLACE.map(({ field, label, placeholder }) => (
            <PlainField
              key={field}
              label={label}
              field={PLACE_FIGURES[field]}
              text={record.place[field]}
              placeholder={placeholder}
              onText={(text) => setPlace({ [field]: text })}
            />
          ))}
        </div>
        <div className="flex flex-wrap gap-x-8 gap-y-4">
          <PickOne legend="Shaft points" options={DIRECTIONS} picked={record.place.shaft} onPick={(shaft) => setPlace({ shaft })} />
          <YesNo
            legend="The machine's air passes over it"
            value={record.place.hasAirOver}
            onValue={(hasAirOver) => setPlace({ hasAirOver })}
          />
        </div>
      </section>
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
