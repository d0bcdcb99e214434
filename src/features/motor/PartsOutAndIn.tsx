import { PageLink } from "@/components/PageLink";
import { formatMoney } from "@/core/quantity";
import type { Summary } from "@/store/summary";
import { clockDay } from "../vocabulary/clock";
import { inSentence } from "../vocabulary/in-sentence";
import { ACTION_WORDS } from "../vocabulary/list-words";
import { FATE_WORDS } from "../vocabulary/swap-words";

/** Every part that came out of this motor and that went in, the newest first, and what it has cost. */
export function PartsOutAndIn({ visits }: { visits: readonly Summary[] }) {
  const rows = [...visits]
    .reverse()
    .flatMap(({ id, createdAt, line }) => (line?.exchanges ?? []).map((each) => ({ id, createdAt, ...each })));
  if (rows.length === 0) return null;
  const prices = rows.flatMap(({ price }) => price ?? []);
  const unpriced = rows.length - prices.length;
  return (
    <section aria-labelledby="parts" className="mt-7">
      <h2 id="parts" className="heading-rule">
        Parts out and in
      </h2>
      <div className="overflow-x-auto">
        <table className="w-full min-w-[560px] text-[13.5px]">
          <caption className="sr-only">Parts out and in, the newest first</caption>
          <thead className="sr-only">
            <tr>
              {["Day", "Work", "Out", "In", "Price"].map((title) => (
                <th key={title} scope="col">
                  {title}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ id, createdAt, work, out, fate, in: into, source, price }) => (
              <tr key={`${id} ${work}`} className="border-b border-rule-faint align-baseline">
                <td className="py-1.5 pr-3 whitespace-nowrap">
                  <PageLink href={`/traveller?id=${id}&station=out-in`} className="text-press underline">
                    {clockDay(createdAt)}
                  </PageLink>
                </td>
                <td className="py-1.5 pr-3">{ACTION_WORDS[work]}</td>
                <td className="py-1.5 pr-3">
                  <span className="num">{out || "the old part"}</span>
                  {fate ? <span className="caption">; {inSentence(FATE_WORDS[fate])}</span> : null}
                </td>
                <td className="py-1.5 pr-3">
                  <span className="num">{into || "not noted"}</span>
                  {source ? <span className="caption">; {source}</span> : null}
                </td>
                <td className="num py-1.5 text-right">{price === null ? "" : formatMoney(price)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {prices.length > 0 ? (
        <p className="caption mt-1 text-right">
          Parts so far {formatMoney(prices.reduce((sum, price) => sum + price, 0))}
          {unpriced > 0 ? `; ${unpriced} without a price` : ""}
        </p>
      ) : null}
    </section>
  );
}
