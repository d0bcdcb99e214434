import { PageLink } from "@/components/PageLink";
import { BENCH_STATIONS } from "../stations/labels";

/** Questions that need no card, with the two keys that open them from anywhere. */
export function QuickCheck() {
  return (
    <section aria-labelledby="quick-check">
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
