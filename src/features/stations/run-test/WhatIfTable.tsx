import { formatNumber, formatQuantity, type Quantity } from "@/core/quantity";
import type { WhatIfCase } from "@/core/motor";
import type { ShownCase } from "./what-if-cases";
import { caseWords } from "./what-if-words";

const figure = (quantity: Quantity, value: number | null | undefined): string =>
  value == null ? "—" : formatQuantity(quantity, Number(value.toPrecision(3)));
const plain = (value: number | null | undefined, decimals: number, unit: string): string =>
  value == null ? "—" : `${formatNumber(value, decimals)}\u00a0${unit}`;

/** From about twice the amps to those of a rotor that stands. */
export const bandWords = ({ low, high }: { low: number; high: number }): string =>
  `${formatNumber(low, 1)} to ${formatNumber(high, 1)}\u00a0A`;

const ROWS: readonly { readonly name: string; readonly of: (shown: WhatIfCase) => string }[] = [
  {
    name: "Starts by itself",
    of: ({ byLuck, startsAlone, keepsRunning }) => (byLuck ? "may or may not" : startsAlone ? "yes" : keepsRunning ? "only pushed" : "no"),
  },
  { name: "Time to start, about", of: (shown) => (shown.byLuck ? "—" : plain(shown.startTimeS, 1, "s")) },
  { name: "Torque at standstill", of: (shown) => plain(shown.standstill.shaftTorqueNm, 2, "N m") },
  { name: "Most torque", of: (shown) => plain(shown.breakdownNm, 2, "N m") },
  { name: "Amps at standstill", of: (shown) => figure("current", shown.standstill.lineA) },
  { name: "Speed", of: (shown) => (shown.byLuck ? "none, part or full" : plain(shown.operating?.speedRpm, 0, "rpm")) },
  {
    name: "Line amps",
    of: ({ byLuck, operating }) => (byLuck ? bandWords(byLuck) : figure("current", operating?.lineA)),
  },
  { name: "Start-winding amps", of: (shown) => figure("current", shown.operating?.startA) },
  { name: "Capacitor volts", of: (shown) => plain(shown.operating?.capacitorV, 0, "V") },
  { name: "Power taken", of: (shown) => plain(shown.operating?.inputW, 0, "W") },
  { name: "Heat in the motor", of: (shown) => plain(shown.heatW, 0, "W") },
];

/** Speeds at which the curves are read out, as parts of the synchronous one. */
const READ_AT = [0, 0.2, 0.4, 0.6, 0.7, 0.8, 0.85, 0.9, 0.95, 1] as const;

/** The same figures as the curves, to read. */
export function WhatIfTable({ cases }: { cases: readonly ShownCase[] }) {
  const curve = cases[0]?.shown.curve ?? [];
  const places = READ_AT.map((part) => Math.round(part * (curve.length - 1)));
  return (
    <div className="flex flex-col gap-5">
      <Table
        caption="What each comes to"
        first=""
        cases={cases}
        rows={ROWS.map(({ name, of }) => ({ name, cells: cases.map(({ shown }) => of(shown)) }))}
      />
      <Table
        caption="Torque (N m) and line amps by speed"
        first="rpm"
        cases={cases}
        rows={places.map((place) => ({
          name: formatNumber(curve[place]?.speedRpm ?? 0, 0),
          cells: cases.map(({ shown }) => {
            const at = shown.curve[place];
            return at ? `${formatNumber(at.shaftTorqueNm, 2)} · ${formatNumber(at.lineA, 1)} A` : "—";
          }),
        }))}
      />
    </div>
  );
}

interface TableProps {
  readonly caption: string;
  readonly first: string;
  readonly cases: readonly ShownCase[];
  readonly rows: readonly { readonly name: string; readonly cells: readonly string[] }[];
}

function Table({ caption, first, cases, rows }: TableProps) {
  return (
    <div className="overflow-x-auto">
      <table className="w-full border-collapse text-[14px]">
        <caption className="caption mb-1 text-left">{caption}</caption>
        <thead>
          <tr className="border-b-2 border-ink text-left align-bottom">
            <th scope="col" className="py-1.5 pr-3">
              {first || <span className="sr-only">Figure</span>}
            </th>
            {cases.map((each) => (
              <th key={each.id} scope="col" className="py-1.5 pl-3 text-right font-semibold">
                {caseWords(each)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ name, cells }) => (
            <tr key={name} className="border-b border-rule-faint">
              <th scope="row" className="py-1.5 pr-3 text-left font-normal">
                {name}
              </th>
              {cells.map((cell, index) => (
                <td key={cases[index]?.id} className="num py-1.5 pl-3 text-right whitespace-nowrap">
                  {cell}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
