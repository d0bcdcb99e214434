"use client";
import { useState } from "react";
import { download } from "@/components/download";
import type { Part } from "@/records";
import { takePartsIn, type PartsBack } from "@/store/parts-in";
import { readShelfCsv, toShelfCsv, type ReadRow } from "./shelf-csv";

const SHOWN = 12;
const MOST_BYTES = 5_000_000;

/** The shelf as a CSV file, out and in; what comes in is shown before it is taken. */
export default function ShelfFiles({ parts }: { parts: readonly Part[] }) {
  const [rows, setRows] = useState<readonly ReadRow[] | null>(null);
  const [said, setSaid] = useState<{ readonly text: string; readonly isBad: boolean } | null>(null);
  const [back, setBack] = useState<PartsBack | null>(null);
  const undo = async (): Promise<void> => {
    const count = await back?.();
    setBack(null);
    setSaid(
      count === null || count === undefined
        ? { text: "It could not be taken back on this device. The lines are as they were taken in.", isBad: true }
        : { text: `Taken back: ${count} ${count === 1 ? "line is" : "lines are"} as before. What was changed since stays.`, isBad: false },
    );
  };
  const read = async (file: File): Promise<void> => {
    setRows(null);
    setBack(null);
    if (file.size > MOST_BYTES)
      return setSaid({ text: "This file is larger than 5 MB. A list of parts is much smaller: pick the CSV file.", isBad: true });
    const found = readShelfCsv(await file.text(), parts);
    setSaid(found.ok ? null : { text: found.problem, isBad: true });
    if (found.ok) setRows(found.rows);
  };
  const good = rows?.filter(({ part }) => part !== null) ?? [];
  const bad = rows?.filter(({ problem }) => problem !== null) ?? [];
  const changed = good.filter(({ changes }) => changes !== null).length;
  const take = async (): Promise<void> => {
    const back = await takePartsIn(good.flatMap(({ part, changes }) => (part ? [{ part, id: changes?.id ?? null }] : [])));
    const isKept = back !== null;
    setBack(() => back);
    setSaid(
      isKept
        ? { text: `${good.length - changed} new, ${changed} changed.`, isBad: false }
        : { text: "They could not be kept on this device. Nothing was taken in.", isBad: true },
    );
    if (isKept) setRows(null);
  };
  return (
    <section aria-label="CSV" className="flex flex-col gap-3 border-l-4 border-press pl-3">
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="btn"
          onClick={() => download(new Blob(["\uFEFF", toShelfCsv(parts)], { type: "text/csv" }), "shelf.csv")}
        >
          Write the Shelf as CSV
        </button>
        <label className="btn relative">
          Take a CSV in
          <input
            type="file"
            accept=".csv,text/csv"
            aria-label="Take a CSV in"
            className="absolute inset-0 opacity-0"
            onChange={(event) => {
              const file = event.target.files?.[0];
              event.target.value = "";
              if (file) void read(file);
            }}
          />
        </label>
      </div>
      {said ? (
        <p role="status" className={`text-[14px] ${said.isBad ? "text-out" : ""}`}>
          {said.text}{" "}
          {back ? (
            <button type="button" className="btn" onClick={() => void undo()}>
              Undo
            </button>
          ) : null}
        </p>
      ) : null}
      {rows ? (
        <div role="region" aria-label="Before it is taken in">
          <p className="text-[15px]">
            {good.length - changed} new, {changed} changed, {bad.length} that cannot be taken.
          </p>
          <ul className="mt-1">
            {[...bad, ...good].slice(0, SHOWN).map(({ row, part, changes, problem }) => (
              <li key={row} className="border-b border-rule-faint py-1 text-[14px]">
                <span className="caption">row {row}</span> <span className="num">{part?.label ?? ""}</span>{" "}
                {problem ? (
                  <span className="text-out">{problem}</span>
                ) : changes ? (
                  `${changes.quantity} become ${part?.quantity ?? 0}`
                ) : (
                  "new"
                )}
              </li>
            ))}
          </ul>
          {rows.length > SHOWN ? <p className="caption mt-1">{rows.length - SHOWN} more rows.</p> : null}
          <div className="mt-2 flex flex-wrap gap-2">
            {good.length > 0 ? (
              <button type="button" className="btn btn-filled" onClick={() => void take()}>
                Take {good.length} in
              </button>
            ) : null}
            <button type="button" className="btn" onClick={() => setRows(null)}>
              Leave it
            </button>
          </div>
        </div>
      ) : null}
    </section>
  );
}
