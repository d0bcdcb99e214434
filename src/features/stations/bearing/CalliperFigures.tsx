"use client";
import { FigureField } from "@/components/FigureField";
import { DIMENSIONS, splitDimensions, type Dimension, type SlipFound } from "@/core/bearing";
import { formatNumber } from "@/core/quantity";
import { toMachineSentence } from "@/features/messages/machine-sentences";
import { withEnd, type PanelProps } from "./props";
import { DIMENSION_WORDS } from "./words";

/** Bore, outside, width; three in one line are parted. */
export function CalliperFigures({ record, assessment, change, end }: PanelProps) {
  const own = record.ends[end];
  const { lengthFailures } = assessment.detail.ends[end];
  const set = (dimension: Dimension, text: string): void => {
    const three = splitDimensions(text);
    const [bore, outside, width] = three ?? ["", "", ""];
    change((r) => withEnd(r, end, three ? { bore, outside, width } : { [dimension]: text }));
  };
  return (
    <div className="grid grid-cols-3 items-start gap-x-5 gap-y-3">
      {DIMENSIONS.map((dimension) => {
        const failure = lengthFailures[dimension];
        return (
          <FigureField
            key={dimension}
            label={DIMENSION_WORDS[dimension]}
            text={own[dimension]}
            unit={record.unit === "mm" ? "mm" : "in"}
            problem={failure ? toMachineSentence(failure) : null}
            onText={(text) => set(dimension, text)}
          />
        );
      })}
    </div>
  );
}

/** A slip of unit, point or order that was recognised: one press puts it right, in all figures it concerns. */
export function TakeSlip({ change, end, slip }: PanelProps & { slip: SlipFound }) {
  const text = (dimension: Dimension): string => (slip.meantMm[dimension] === null ? "" : `${formatNumber(slip.meantMm[dimension], 3)} mm`);
  return (
    <p>
      <button
        type="button"
        className="btn btn-filled"
        onClick={() => change((r) => withEnd(r, end, { bore: text("bore"), outside: text("outside"), width: text("width") }))}
      >
        Yes, it is {slip.best.size.number}: put the figures right
      </button>
    </p>
  );
}
