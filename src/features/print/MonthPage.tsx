"use client";
import { useState } from "react";
import { formatMoney } from "@/core/quantity";
import { useVisitsBetween } from "@/store/summaries";
import type { Summary } from "@/store/summary";
import { CannotRead, Reading } from "../shell/Screen";
import { clockDay } from "../vocabulary/clock";
import { monthOf } from "./month";
import { PrintBar } from "./PrintBar";

const priceOf = ({ line }: Summary): number => (line?.exchanges ?? []).reduce((sum, { price }) => sum + (price ?? 0), 0);

/** Every visit of a month on paper: where, which machine, what was done, and what the parts came to. */
export default function MonthPage({ month: asked }: { month: string | null }) {
  const [now] = useState(() => new Date());
  const month = monthOf(asked, now);
  const visits = useVisitsBetween(month.from, month.to);
  if (visits.state === "failed") return <CannotRead failure={visits.failure} />;
  if (visits.state !== "ready") return <Reading />;
  const isDemoOnly = visits.value.every(({ isDemo }) => isDemo);
  const rows = isDemoOnly ? visits.value : visits.value.filter(({ isDemo }) => !isDemo);
  const total = rows.reduce((sum, row) => sum + priceOf(row), 0);
  const sites = new Set(rows.map(({ site }) => site)).size;
  return (
    <div className="min-h-dvh bg-sheet print:bg-white print:text-black">
      <PrintBar pdf={{ name: `Visits_${month.id}.pdf`, title: `Visits of ${month.name}` }}>
        <a className="btn" href={`/print?view=month&month=${month.before}`}>
          Month before
        </a>
        <a className="btn" href={`/print?view=month&month=${month.after}`}>
          Month after
        </a>
        <a className="btn" href="/ledger">
          Ledger
        </a>
      </PrintBar>
      <main className="mx-auto max-w-[180mm] px-4 py-6 text-[13px] max-lg:pb-40 print:max-w-none print:p-0 print:text-[9.5pt]">
        <header className="border-b-2 border-current pb-2">
          <h1 className="text-[22px] font-bold">Visits of {month.name}</h1>
          <p>
            {rows.length} {rows.length === 1 ? "visit" : "visits"} at {sites} {sites === 1 ? "site" : "sites"}
            {rows.length > 0 && isDemoOnly ? " · demo data" : ""}
          </p>
        </header>
        {rows.length === 0 ? (
          <p className="mt-3">No visit in this month.</p>
        ) : (
          <div className="overflow-x-auto">
            <table className="mt-2 w-full min-w-[560px]">
              <caption className="sr-only">Visits of {month.name}, in their order</caption>
              <thead>
                <tr className="border-b border-current text-left align-bottom">
                  <th className="py-1 pr-3">Day</th>
                  <th className="py-1 pr-3">Site and machine</th>
                  <th className="py-1 pr-3">What it did</th>
                  <th className="py-1 pr-3">How it stands</th>
                  <th className="py-1 pr-3">By</th>
                  <th className="py-1 text-right">Parts</th>
                </tr>
              </thead>
              <tbody>
                {rows.map((row) => (
                  <tr key={row.id} className="break-inside-avoid border-b border-rule-faint align-top">
                    <td className="num py-1 pr-3 whitespace-nowrap">{clockDay(row.createdAt)}</td>
                    <td className="py-1 pr-3 break-words">
                      {row.site || "no site"}, {row.machine || "machine not named"}
                    </td>
                    <td className="py-1 pr-3 break-words">{row.line?.complaint ?? ""}</td>
                    <td className="py-1 pr-3 break-words">{row.line?.stands ?? ""}</td>
                    <td className="py-1 pr-3">{row.technician}</td>
                    <td className="num py-1 text-right">{priceOf(row) === 0 ? "" : formatMoney(priceOf(row))}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        )}
        {total > 0 ? <p className="mt-2 text-right font-semibold">Parts of the month {formatMoney(total)}</p> : null}
      </main>
    </div>
  );
}
