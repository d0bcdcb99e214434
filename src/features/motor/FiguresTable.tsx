import { PageLink } from "@/components/PageLink";
import type { Summary } from "@/store/summary";
import { clockDay } from "../vocabulary/clock";
import { FOLLOWED_WORDS } from "../vocabulary/followed-words";
import type { Strip } from "./strips";

/** The same figures as numbers: a visit a row, before and after with an arrow. */
export function FiguresTable({ strips, visits }: { strips: readonly Strip[]; visits: readonly Summary[] }) {
  return (
    <div className="mt-2 overflow-x-auto">
      <table className="w-full text-[13.5px]">
        <caption className="sr-only">Figures of every visit</caption>
        <thead>
          <tr className="border-b-2 border-ink text-left align-bottom">
            <th scope="col" className="py-1.5 pr-3 font-semibold">
              Visit
            </th>
            {strips.map(({ of }) => (
              <th key={of} scope="col" className="py-1.5 pl-3 text-right font-semibold">
                {FOLLOWED_WORDS[of].name}
                <span className="caption block font-normal">{FOLLOWED_WORDS[of].unit}</span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {visits.map(({ id, createdAt }) => (
            <tr key={id} className="border-b border-rule-faint">
              <th scope="row" className="py-1.5 pr-3 text-left font-normal">
                <PageLink href={`/traveller?id=${id}`} className="text-press underline">
                  {clockDay(createdAt)}
                </PageLink>
              </th>
              {strips.map(({ of, points }) => (
                <td key={of} className="num py-1.5 pl-3 text-right">
                  {points
                    .filter(({ card }) => card === id)
                    .map((point, index) => (
                      <span key={point.when} className={point.isOut ? "font-semibold text-out" : ""}>
                        {index > 0 ? " → " : ""}
                        {FOLLOWED_WORDS[of].figure(point.value)}
                        {point.isOut ? " out" : ""}
                      </span>
                    ))}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
