import { RUN_FIELD_WORDS } from "@/features/vocabulary/run-words";
import type { PaperProps } from "../../station/paper";
import { PlateBars } from "./PlateBars";
import { figureWords, type Detail } from "./words";

/** Every figure before and after, side by side; the amps on the plate's scale. */
export default function ProvePaper({ assessment: { detail }, house }: PaperProps<"prove", Detail>) {
  const rows = detail.rows.filter(({ before, after }) => before !== null || after !== null);
  if (rows.length === 0) return null;
  return (
    <div className="mt-2 grid gap-x-6 gap-y-2 sm:grid-cols-2 print:grid-cols-2">
      <table className="self-start text-[0.92em]">
        <caption className="sr-only">Before and after</caption>
        <thead>
          <tr className="border-b border-current text-left">
            <th className="py-0.5"> </th>
            <th className="text-right">before</th>
            <th className="text-right">after</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.field} className="border-b border-rule-faint">
              <td className="py-0.5">{RUN_FIELD_WORDS[row.field]}</td>
              <td className="num text-right">{figureWords(row, "before") || "–"}</td>
              <td className="num text-right">{figureWords(row, "after") || "–"}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <PlateBars before={detail.before} after={detail.after} limitFraction={house.overloadPercent / 100} />
    </div>
  );
}
