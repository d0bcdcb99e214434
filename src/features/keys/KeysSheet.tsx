"use client";
import Sheet from "@/components/Sheet";
import { STATION_IDS } from "@/core/stations";
import { BENCH_STATIONS, STATION_LABELS } from "../stations/labels";

const EVERYWHERE = [
  ["/", "Find a card"],
  ["?", "This list"],
  ["r", "Rack"],
  ["x", "Shelf"],
  ["g", "Ledger"],
  ["h", "House rules"],
  ["Esc", "Leave the field, so that the letters work"],
  ["Enter", "Next field"],
] as const;

const ON_TRAVELLER = [
  ["n", "Do the next move"],
  ["j  k", "Next or previous station"],
] as const;

function Keys({ title, rows }: { title: string; rows: readonly (readonly [string, string])[] }) {
  return (
    <section>
      <h3 className="heading-rule">{title}</h3>
      <dl className="grid grid-cols-[64px_1fr]">
        {rows.map(([key, meaning]) => (
          <div key={key} className="contents">
            <dt className="border-b border-rule-faint py-1.5">
              <kbd className="num border border-ink px-1.5 text-[13px]">{key}</kbd>
            </dt>
            <dd className="border-b border-rule-faint py-1.5">{meaning}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}

/** All keys. They can be switched off in House rules. */
export default function KeysSheet({ onClose }: { onClose: () => void }) {
  const stations = STATION_IDS.map((id) => [STATION_LABELS[id].letter, STATION_LABELS[id].title] as const);
  const bench = [["b", "Bench"] as const, ...BENCH_STATIONS.map(({ letter, question }) => [`b ${letter}`, question] as const)];
  return (
    <Sheet title="Keys" onClose={onClose}>
      <div className="grid gap-6 sm:grid-cols-2">
        <Keys title="On a traveller" rows={[...stations, ...ON_TRAVELLER]} />
        <Keys title="Everywhere" rows={[...EVERYWHERE, ...bench]} />
      </div>
      <p className="caption mt-4">The letters can be switched off in House rules.</p>
    </Sheet>
  );
}
