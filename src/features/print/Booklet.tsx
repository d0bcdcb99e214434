"use client";
import { STATION_IDS } from "@/core/stations";
import type { House } from "@/records";
import { HowTopic } from "../how/HowTopic";
import { HOWS } from "../stations/hows";
import { STATION_LABELS } from "../stations/labels";
import { PrintBar } from "./PrintBar";

const BOOKLET = { name: "How-it-is-done.pdf", title: "How it is done" };

/** How everything is done, in working order, on paper; the limits are this house's. */
export function Booklet({ house }: { house: House }) {
  return (
    <div className="min-h-dvh bg-sheet print:bg-white print:text-black">
      <PrintBar pdf={BOOKLET}>
        <a className="btn" href="/house-rules">
          House rules
        </a>
      </PrintBar>
      <main className="mx-auto max-w-[180mm] px-4 py-6 print:max-w-none print:p-0">
        <header className="border-b-2 border-current pb-2">
          <h1 className="text-[24px] font-bold">How it is done</h1>
          <p className="text-[14px]">
            Limits and habits of this house. Local codes, the maker&apos;s instructions, lock-out rules and licensed practice come first.
          </p>
        </header>
        {STATION_IDS.map((id) => (
          <section key={id} aria-label={STATION_LABELS[id].title}>
            <h2 className="mt-6 text-[20px] font-bold">{STATION_LABELS[id].title}</h2>
            {Object.entries(HOWS[id].topics).map(([topic, how]) => {
              const done = how(house.figures);
              return (
                <article key={topic} className="break-inside-avoid border-b border-rule py-4">
                  <h3 className="mb-2 text-[16px] font-bold">{done.title}</h3>
                  <HowTopic how={done} />
                </article>
              );
            })}
          </section>
        ))}
      </main>
    </div>
  );
}
