import type { Stamp as StampId } from "@/core/station";
import { Stamp } from "@/components/Stamp";
import type { Entry } from "@/core/quantity";
import type { Cell, CellEnd } from "@/core/stations/insulation";
import type { House } from "@/records";
import { EntryField } from "@/features/form/EntryField";
import { cellName, cellWord, type Detail, endWord } from "./words";

interface LatticeProps {
  readonly detail: Detail;
  readonly house: House;
  readonly onEntry: (a: CellEnd, b: CellEnd, entry: Entry | null) => void;
}

function toneOf({ verdict, trend }: Cell): StampId {
  if (!verdict) return "not-done";
  if (verdict.decision === "out") return "out";
  return verdict.decision === "holds" && trend !== "collapsing" ? "holds" : "too-close";
}

const TREND_LINES: Record<Cell["trend"], string> = {
  rising: "M1 11L13 3",
  steady: "M1 7H13",
  falling: "M1 4L13 9",
  collapsing: "M1 1L13 13",
  unknown: "",
};

/** Windings down, windings and frame across: each cell its reading, its stamp, and the way it went since the last visit. */
export function Lattice({ detail, house, onEntry }: LatticeProps) {
  // Parts beside the windings have a row, and only the frame across.
  const columns: readonly CellEnd[] = [...detail.groups.filter((group) => detail.cells.some(({ b }) => b === group)), "frame"];
  return (
    <div className="overflow-x-auto">
      <table className="w-full border-collapse text-[14px]" aria-label="Lattice">
        <thead>
          <tr>
            <td />
            {columns.map((column) => (
              <th key={column} scope="col" className="border-b-[1.5px] border-ink px-2 py-1 text-left font-semibold">
                {endWord(column)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {detail.groups.map((row) => (
            <tr key={row}>
              <th scope="row" className="border-r-[1.5px] border-ink py-2 pr-3 text-left align-top font-semibold">
                {endWord(row)}
              </th>
              {columns.map((column) => {
                const cell = detail.cells.find(({ a, b }) => a === row && b === column);
                return (
                  <td key={column} className="min-w-[130px] border-b border-rule px-2 py-2 align-top">
                    {cell ? <CellField cell={cell} house={house} onEntry={onEntry} /> : <span className="text-ink-soft">·</span>}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function CellField({ cell, house, onEntry }: { cell: Cell; house: House; onEntry: LatticeProps["onEntry"] }) {
  const line = TREND_LINES[cell.trend];
  return (
    <>
      <EntryField
        label={cellName(cell)}
        quantity="insulation"
        entry={cell.entry}
        house={house}
        onEntry={(entry) => onEntry(cell.a, cell.b, entry)}
      />
      {cell.verdict ? (
        <p className="mt-1.5 flex items-center gap-2">
          <Stamp tone={toneOf(cell)}>{cellWord(cell)}</Stamp>
          {line ? (
            <svg viewBox="0 0 14 14" className="h-3.5 w-3.5" role="img" aria-label={cell.trend}>
              <path d={line} stroke="var(--ink)" strokeWidth="2" fill="none" />
            </svg>
          ) : null}
        </p>
      ) : null}
    </>
  );
}
