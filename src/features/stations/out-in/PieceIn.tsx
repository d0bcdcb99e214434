"use client";
import { PickOne } from "@/components/Choice";
import { LineField } from "@/components/LineField";
import { PIECE_CONDITIONS, SWAP_TABLE, type Incoming, type PartKind } from "@/core/exchange";
import { BLANK_SHEET } from "@/core/match";
import { BLANK_GEAR, GEAR_SORTS, gearRow, isGearOn } from "@/core/startgear";
import { isNamedPiece, type Piece } from "@/core/stations/out-in";
import { toMachineSentence } from "@/features/messages/machine-sentences";
import { CONDITION_WORDS } from "@/features/vocabulary/swap-words";
import { SheetFields } from "../../match/SheetFields";
import { EntryField } from "../shared/EntryField";
import { GEAR_VIEWS } from "../start-gear/gear-views";
import { GearMeasured } from "../start-gear/GearMeasured";
import { pieceSentences } from "./incoming-words";
import type { PairProps } from "./props";
import { PutBack } from "./PutBack";
import { pieceName } from "./words";

interface PieceProps extends PairProps {
  readonly piece: Piece;
  readonly judged: Incoming | null;
  /** null: it is the only one */
  readonly title: string | null;
  readonly onPiece: (apply: (piece: Piece) => Piece) => void;
  /** null: it cannot be struck here */
  readonly onStrike: (() => void) | null;
  readonly onProblem: (sentence: string | null) => void;
}

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

const LABELS: Partial<Record<PartKind, string>> = { motor: "Motor that goes in" };

/** One piece that goes in: its label, where it is from, and what it is found to be before it is fitted. */
export function PieceIn(props: PieceProps) {
  const { work, piece, judged, title, onPiece, onStrike } = props;
  const { kind } = SWAP_TABLE[work.action];
  const set = (change: Partial<Piece>) => onPiece((each) => ({ ...each, ...change }));
  const isNamed = isNamedPiece(piece);
  return (
    <div
      role={title ? "group" : undefined}
      aria-label={title ?? undefined}
      className={`flex flex-col gap-3 ${title ? "border-l-2 border-rule pl-3" : ""}`}
    >
      {title ? (
        <div className="flex flex-wrap items-center justify-between gap-2">
          <h4 className="caption">{title}</h4>
          {onStrike ? (
            <button type="button" className="btn btn-plain" aria-label={`Strike ${title.toLowerCase()}`} onClick={onStrike}>
              Strike
            </button>
          ) : null}
        </div>
      ) : null}
      <LineField
        label={LABELS[kind] ?? "Part that goes in, as its label says"}
        isFigure
        text={piece.label}
        known={kind === "motor" ? pieceName(piece) : undefined}
        problem={labelProblem(judged)}
        onText={(label) => set({ label })}
      />
      <div className="grid grid-cols-2 gap-x-4 gap-y-2">
        <LineField label="From" text={piece.source} placeholder="supplier, truck, colleague" onText={(source) => set({ source })} />
        <LineField label="Price" isFigure text={piece.price} example="38.40" onText={(price) => set({ price })} />
        <LineField label="Number stamped on it" isFigure text={piece.stamp} onText={(stamp) => set({ stamp })} />
        <Reading {...props} set={set} kind={kind} />
      </div>
      {isNamed ? (
        <PickOne
          legend={CONDITION_WORDS[kind].asked}
          options={PIECE_CONDITIONS.map((id) => ({ id, label: CONDITION_WORDS[kind][id] }))}
          picked={piece.condition}
          onPick={(condition) => set({ condition })}
        />
      ) : null}
      {kind === "start-gear" ? <Gear {...props} /> : null}
      {kind === "motor" ? <MotorSheet {...props} set={set} /> : null}
      {isNamed && judged ? (
        <div role="status" aria-live="polite">
          {pieceSentences(judged, piece).map((sentence) => (
            <p key={sentence} className="mt-1.5 text-[15px]">
              {sentence}
            </p>
          ))}
        </div>
      ) : null}
      {piece.shelfId !== null && work.exchange.fittedAt === null ? <PutBack {...props} /> : null}
    </div>
  );
}

type SetPiece = (change: Partial<Piece>) => void;

function Reading({ piece, judged, house, kind, set }: PieceProps & { readonly kind: PartKind; readonly set: SetPiece }) {
  if (kind === "capacitor")
    return (
      <EntryField
        label="Reads before it goes in"
        quantity="capacitance"
        entry={piece.reading}
        house={house}
        slip={judged?.kind === "capacitor" ? judged.slip : null}
        slipWhy="its label"
        onEntry={(reading) => set({ reading })}
      />
    );
  if (kind === "motor")
    return (
      <EntryField
        label="Lowest to its frame"
        quantity="resistance"
        entry={piece.reading}
        house={house}
        onEntry={(reading) => set({ reading })}
      />
    );
  return null;
}

/** Start gear on its way in is measured as the one that is fitted. */
function Gear({ piece, judged, facts, house, onPiece }: PieceProps) {
  if (judged?.kind !== "start-gear") return null;
  const { sort, coilSlip } = judged;
  const measures = piece.gear ?? { ...BLANK_GEAR, sort };
  const setMeasures = (apply: (now: typeof measures) => typeof measures) =>
    onPiece((each) => ({ ...each, gear: apply(each.gear ?? { ...BLANK_GEAR, sort }) }));
  return (
    <details>
      <summary className="min-h-[44px] cursor-pointer py-2 text-[15px] font-semibold text-press">Measure it before it goes in</summary>
      <div className="flex flex-col gap-4 pb-2">
        <PickOne
          legend="Which sort it is"
          options={GEAR_SORTS.filter((id) => gearRow(id).measuredAs !== null && isGearOn(id, facts.machineKind)).map((id) => ({
            id,
            label: GEAR_VIEWS[id].name,
          }))}
          picked={sort}
          onPick={(picked) => setMeasures((now) => ({ ...now, sort: picked }))}
        />
        {sort === null || gearRow(sort).measuredAs === null ? null : (
          <GearMeasured sort={sort} measures={measures} house={house} coilSlip={coilSlip} onMeasures={setMeasures} />
        )}
      </div>
    </details>
  );
}

function MotorSheet({ piece, onPiece, set }: PieceProps & { readonly set: SetPiece }) {
  return piece.sheet === null ? (
    <button type="button" className="btn self-start" onClick={() => set({ sheet: BLANK_SHEET })}>
      Type its plate
    </button>
  ) : (
    <details>
      <summary className="min-h-[44px] cursor-pointer py-2 text-[15px] font-semibold text-press">Its plate and measures</summary>
      <SheetFields sheet={piece.sheet} onSheet={(apply) => onPiece((each) => ({ ...each, sheet: apply(each.sheet ?? BLANK_SHEET) }))} />
    </details>
  );
}
