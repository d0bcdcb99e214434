import { PageLink } from "@/components/PageLink";
import { BENCH_STATIONS, STATION_LABELS } from "../stations/labels";

/** Questions that need no card, with the two keys that open them from anywhere. */
export function QuickCheck() {
  return (
    <section aria-labelledby="quick-check" className="max-lg:hidden">
      <h2 id="quick-check" className="heading-rule">
        Quick check <span className="caption font-normal">no card needed</span>
      </h2>
      <ul>
        {BENCH_STATIONS.map(({ id, letter, question }) => (
          <li key={id} className="border-b border-rule-faint">
            <PageLink href={`/bench?station=${id}`} className="flex min-h-[44px] items-center justify-between gap-3 hover:bg-press-wash">
              <span className="font-semibold">{question}</span>
              <kbd className="num border border-ink px-1.5 text-[13px] max-lg:hidden">b {letter}</kbd>
            </PageLink>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The same in one row on a phone, above everything: a capacitor in the hand does not wait for a card. */
export function QuickRow() {
  return (
    <nav aria-label="Quick check" className="-mx-4 mb-3 flex gap-2 overflow-x-auto px-4 pb-1 [scrollbar-width:none] lg:hidden">
      {BENCH_STATIONS.map(({ id }) => (
        <PageLink
          key={id}
          href={`/bench?station=${id}`}
          className="flex min-h-[44px] shrink-0 items-center border border-press px-3 font-semibold text-press"
        >
          {STATION_LABELS[id].title}
        </PageLink>
      ))}
    </nav>
  );
}
