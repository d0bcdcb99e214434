"use client";
import { PickOne } from "@/components/Choice";
import { SWAP_TABLE, type Incoming, type PartKind } from "@/core/exchange";
import { BLANK_SHEET } from "@/core/match";
import { BLANK_GEAR, GEAR_SORTS, gearRow, isGearOn } from "@/core/startgear";
import { isNamedPiece, type Piece } from "@/core/stations/out-in";
import { SheetFields } from "../../match/SheetFields";
import { EntryField } from "@/features/form/EntryField";
import { GEAR_VIEWS } from "@/features/gear/gear-views";
import { GearMeasured } from "@/features/gear/GearMeasured";
import type { GearForm } from "@/features/gear/gear-rows";
import { PIECE_ROWS } from "./fields";
import { pieceSentences } from "./incoming-words";
import type { ChangeRecord } from "../../station/contract";
import type { PairProps } from "./props";
import { PutBack } from "./PutBack";
import { Fields } from "@/features/form/Fields";
import { LabelFromPhoto } from "@/features/from-photo/LabelFromPhoto";
import { StampFromPhoto } from "@/features/from-photo/StampFromPhoto";

interface PieceProps extends PairProps {
  readonly piece: Piece;
  readonly judged: Incoming | null;
  /** null: it is the only one */
  readonly title: string | null;
  readonly onPiece: (apply: ChangeRecord<Piece>) => void;
  /** null: it cannot be struck here */
  readonly onStrike: (() => void) | null;
  readonly onProblem: (sentence: string | null) => void;
}

/** One piece that goes in: its label, where it is from, and what it is found to be before it is fitted. */
export function PieceIn(props: PieceProps) {
  const { work, piece, judged, title, onPiece, onStrike } = props;
  const { kind } = SWAP_TABLE[work.action];
  const set = (change: Partial<Piece>) => onPiece((each) => ({ ...each, ...change }));
  const isNamed = isNamedPiece(piece);
  const form = { record: piece, house: props.house, kind, judged, change: onPiece };
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
      <Fields of={PIECE_ROWS} show={["label"]} given={form} />
      {kind === "capacitor" ? <LabelFromPhoto label={piece.label} onLabel={(label) => set({ label })} /> : null}
      {kind === "bearing" ? <StampFromPhoto stamped={piece.label} onStamped={(label) => set({ label })} /> : null}
      <div className="grid grid-cols-2 gap-x-4 gap-y-2">
        <Fields of={PIECE_ROWS} show={["source", "price", "stamp"]} given={form} />
        <Reading {...props} set={set} kind={kind} />
      </div>
      <Fields of={PIECE_ROWS} show={["condition"]} given={form} />
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
  const setMeasures: GearForm["change"] = (apply) =>
    onPiece((each, at) => ({ ...each, gear: apply(each.gear ?? { ...BLANK_GEAR, sort }, at) }));
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
          <GearMeasured sort={sort} record={measures} house={house} coilSlip={coilSlip} change={setMeasures} />
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
      <SheetFields
        record={piece.sheet}
        change={(apply) => onPiece((each, at) => ({ ...each, sheet: apply(each.sheet ?? BLANK_SHEET, at) }))}
      />
    </details>
  );
}
