"use client";
import { formatQuantity } from "@/core/quantity";
import { entryAt, type PairSlip } from "@/core/stations/windings";
import { QuestionFrame, SlipLine } from "../shared/SlipLine";
import type { WindingsProps } from "./props";
import { pairName, setPair, toPairEntry } from "./words";

type Props = Pick<WindingsProps, "house" | "change"> & { readonly detail: WindingsProps["assessment"]["detail"] };

/** Readings that would go with the others but for one slip of the finger: one is asked about, of several the one meant. */
export function PairSlips({ detail, house, change }: Props) {
  const { slips, names } = detail;
  const take = ({ pair, slip }: PairSlip) => change((r) => setPair(r, pair, toPairEntry(slip.text, house)));
  const keep = (each: readonly PairSlip[]) =>
    change((r) =>
      each.reduce((kept, { pair }) => {
        const entry = entryAt(kept, ...pair);
        return entry ? setPair(kept, pair, { ...entry, isSure: true }) : kept;
      }, r),
    );
  const [first] = slips;
  if (!first) return null;
  if (slips.length === 1) {
    return (
      <SlipLine
        slip={first.slip}
        quantity="resistance"
        name={pairName(names, first.pair)}
        why="the other readings"
        onTake={() => take(first)}
        onSure={() => keep(slips)}
      />
    );
  }
  return (
    <QuestionFrame
      typed={slips.map(({ slip }) => slip.typed).join()}
      text={
        <>
          <b>Not sure of one of these readings.</b> They do not go together; any one of these would mend it. Read the pairs again, or say
          which is meant.
        </>
      }
    >
      {slips.map((each) => (
        <button key={each.pair.join()} type="button" className="btn" onClick={() => take(each)}>
          {pairName(names, each.pair)}: {formatQuantity("resistance", each.slip.value)}, not {each.slip.typed.trim()}
        </button>
      ))}
      <button type="button" className="btn" onClick={() => keep(slips)}>
        All are right
      </button>
    </QuestionFrame>
  );
}
