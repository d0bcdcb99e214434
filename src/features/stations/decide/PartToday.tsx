"use client";
import { CUSTOM_WORDS, MEASURE_WORDS } from "@/features/vocabulary/decision-words";
import { customOptions } from "@/core/decision";
import { formatMoney, formatNumber, formatProbability } from "@/core/quantity";
import type { InstrumentProps } from "../../station/contract";
import { type Detail } from "./words";
import { Fields } from "@/features/form/Fields";
import { ROWS } from "./fields";

type Props = InstrumentProps<"decide", Detail>;

/** The part that is not here, the motor that has no spares, and how long all of it is still wanted. */
export function PartToday(props: Props) {
  const { record } = props;
  const isLeft = record.action === "keep-until";
  return (
    <section aria-labelledby="today" className="flex flex-col gap-4">
      <h2 id="today" className="heading-rule">
        Today, and after
      </h2>
      <div className="flex flex-wrap items-end gap-x-8 gap-y-4">
        <Fields of={ROWS} show={["partHere", "isCustom"]} given={props} />
        <div className="basis-56">
          <Fields of={ROWS} show={["machineYears"]} given={props} />
        </div>
      </div>
      {record.partHere === false ? <Meanwhile {...props} /> : null}
      {isLeft ? <Recheck {...props} /> : null}
      {record.isCustom ? <NoSpares {...props} /> : null}
    </section>
  );
}

/** Measures until the part is here, each with what it is not. */
function Meanwhile(props: Props) {
  const { record } = props;
  return (
    <>
      <Fields of={ROWS} show={["measure"]} given={props} />
      {record.measure ? (
        <p className="border-l-4 border-close pl-3 text-[14px]">Temporary. {MEASURE_WORDS[record.measure].honest}</p>
      ) : null}
      {record.measure ? <Recheck {...props} /> : null}
    </>
  );
}

const Recheck = (props: Props) => <Fields of={ROWS} show={["recheckOn"]} given={props} />;

/** Ways on for a motor without spares, by expected cost. */
function NoSpares({ house, weighed }: Props) {
  return (
    <table className="w-full text-[14px]">
      <caption className="caption mb-1 text-left">
        Without spares: the ways on, at what was quoted for this job, else at the prices of House rules
      </caption>
      <thead>
        <tr className="caption border-b border-rule text-left">
          <th className="py-1 font-normal">Way</th>
          <th className="py-1 text-right font-normal">now</th>
          <th className="py-1 pl-3 text-right font-normal">cures</th>
          <th className="py-1 pl-3 text-right font-normal">in all, likely</th>
        </tr>
      </thead>
      <tbody>
        {customOptions(weighed.hypotheses, house.figures, weighed.decisionQuestion?.prices).map(
          ({ way, cost, cureProbability, expectedCost }, index) => (
            <tr key={way} className={`border-b border-rule-faint ${index === 0 ? "font-semibold" : ""}`}>
              <td className="py-1.5">{CUSTOM_WORDS[way]}</td>
              <td className="num py-1.5 text-right">{formatMoney(cost)}</td>
              <td className="num py-1.5 pl-3 text-right">{formatProbability(cureProbability)}</td>
              <td className="num py-1.5 pl-3 text-right">{formatNumber(expectedCost, 0)}</td>
            </tr>
          ),
        )}
      </tbody>
    </table>
  );
}
