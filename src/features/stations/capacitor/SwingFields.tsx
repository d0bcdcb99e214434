"use client";
import { readPlain } from "@/core/station";
import { FigureField } from "@/components/FigureField";
import type { SwingBehaviour } from "@/core/capacitor";
import { formatNumber } from "@/core/quantity";
import { problemOf } from "@/features/messages/failure-sentences";
import type { InstrumentProps } from "../../station/contract";
import { Fields } from "@/features/form/Fields";
import { ROWS } from "./fields";
import { SwingCurves } from "./SwingCurves";
import { sectionName, type CapacitorDetail } from "./sentences";
import { withAt } from "./words";

type Props = InstrumentProps<"capacitor", CapacitorDetail>;
type SwingSection = Props["record"]["swing"]["sections"][number];
const BLANK: SwingSection = { behaviour: null, climbS: "" };

/** For a meter without capacitance: the behaviour is picked from drawn curves, the climb may be timed. */
export function SwingFields(props: Props) {
  const { record, assessment, change } = props;
  const { detail } = assessment;
  const names =
    detail.state === "label" && detail.sections.length > 1 ? detail.sections.map((_, index) => sectionName(detail, index)) : [""];
  const set = (index: number, section: Partial<SwingSection>) =>
    change((r) => {
      const next = { ...(r.swing.sections[index] ?? BLANK), ...section };
      return { ...r, swing: { ...r.swing, sections: withAt(r.swing.sections, index, next, BLANK) } };
    });
  return (
    <>
      {names.map((name, index) => {
        const section = record.swing.sections[index] ?? BLANK;
        const expectedS = detail.state === "label" ? detail.sections[index]?.swing?.expectedS : null;
        return (
          <div key={index} className="flex flex-col gap-2">
            <SwingCurves
              legend={`Ohms, once the probes touch${name ? `, C to ${name}` : ""}`}
              picked={section.behaviour}
              onPick={(behaviour: SwingBehaviour | null) => set(index, { behaviour })}
            />
            {section.behaviour === "takes-charge" ? (
              <FigureField
                label="Climb to OL took (optional)"
                unit="s"
                text={section.climbS}
                onText={(climbS) => set(index, { climbS })}
                problem={problemOf(readPlain(section.climbS, "swingClimb").failure)}
              />
            ) : null}
            {section.behaviour === "takes-charge" && expectedS ? (
              <p className="caption">
                A part of the rated value should take about {formatNumber(expectedS, expectedS < 10 ? 1 : 0)} s on this range.
              </p>
            ) : null}
          </div>
        );
      })}
      <Fields of={ROWS} show={["swing.rangeEnd"]} given={props} />
    </>
  );
}
