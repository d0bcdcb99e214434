"use client";
import { subMonths } from "date-fns";
import { useEffect, useState } from "react";
import { PickOne } from "@/components/Choice";
import type { Part } from "@/records";
import { usedSince, type UsedPart } from "@/store/used-parts";
import { listToBuy, toBuyText } from "./to-buy";

const SPANS = [
  { id: "1", label: "Last month" },
  { id: "3", label: "Last three months" },
  { id: "12", label: "Last year" },
] as const;

/** What the truck used in the last months against what is there, and the list to buy. */
export default function UsedParts({ parts }: { parts: readonly Part[] }) {
  const [months, setMonths] = useState<"1" | "3" | "12">("3");
  const [answer, setAnswer] = useState<{ readonly months: string; readonly used: readonly UsedPart[] | null } | null>(null);
  const [isCopied, setCopied] = useState(false);
  useEffect(() => {
    let isOver = false;
    const since = subMonths(new Date(), Number(months)).toISOString();
    usedSince(since).then(
      (used) => (isOver ? undefined : setAnswer({ months, used })),
      () => (isOver ? undefined : setAnswer({ months, used: null })),
    );
    return () => {
      isOver = true;
    };
  }, [months]);
  const used = answer?.months === months ? answer.used : undefined;
  const rows = used ? listToBuy(used, parts) : [];
  const text = toBuyText(rows);
  return (
    <section aria-label="Used, and to buy" className="flex flex-col gap-3 border-l-4 border-press pl-3">
      <PickOne legend="Fitted in the" options={SPANS} picked={months} onPick={(next) => setMonths(next ?? months)} />
      {used === undefined ? <p className="text-ink-soft">Reading what was fitted.</p> : null}
      {used === null ? <p className="text-out">What was fitted cannot be read on this device just now. Try again.</p> : null}
      {used && rows.length === 0 ? (
        <p className="text-ink-soft">Nothing was fitted in this time, and no line has a number to hold.</p>
      ) : null}
      {rows.length > 0 ? (
        <table className="w-full max-w-[720px] text-[14px]">
          <caption className="sr-only">Used against what is there</caption>
          <thead>
            <tr className="caption border-b border-rule text-left">
              <th className="py-1 font-normal">Part</th>
              <th className="py-1 pl-3 text-right font-normal">used</th>
              <th className="py-1 pl-3 text-right font-normal">there</th>
              <th className="py-1 pl-3 text-right font-normal">to hold</th>
              <th className="py-1 pl-3 text-right font-normal">to buy</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row.label} className="border-b border-rule-faint align-baseline">
                <td className="num py-1.5">{row.label}</td>
                <td className="num py-1.5 pl-3 text-right">{row.used}</td>
                <td className="num py-1.5 pl-3 text-right">{row.there}</td>
                <td className="num py-1.5 pl-3 text-right">{row.lowest}</td>
                <td className={`num py-1.5 pl-3 text-right ${row.buy > 0 ? "font-semibold text-close" : ""}`}>{row.buy}</td>
              </tr>
            ))}
          </tbody>
        </table>
      ) : null}
      {text ? (
        <button
          type="button"
          className="btn self-start"
          onClick={() => void navigator.clipboard.writeText(text).then(() => setCopied(true))}
        >
          {isCopied ? "Copied" : "Copy the list to buy"}
        </button>
      ) : null}
    </section>
  );
}
