"use client";
import { formatQuantity } from "@/core/quantity";
import { entryAt, type PairSlip } from "@/core/stations/windings";
import { QuestionFrame, SlipLine } from "@/features/form/SlipLine";
import type { WindingsProps } from "./props";
import { pairName, toPairEntry } from "./words";
import { setPair } from "@/core/stations/windings";

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
  if (!first) return <StandsAsRead detail={detail} change={change} />;
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

/** A figure that alone speaks of a fault is measured again before it accuses a winding: one press says that it stands. */
function StandsAsRead({ detail, change }: Omit<Props, "house">) {
  const { board, misfits, names } = detail;
  const isAlone = board?.state === "contradiction" && board.answers.length > 0 && misfits.length <= MOST_ASKED;
  if (!isAlone) return null;
  return (
    <QuestionFrame
      typed={misfits.map((pair) => pair.join("-")).join()}
      text={
        <>
          <b>One figure stands against all others.</b> Measure that pair again; where it reads the same, say so and it counts.
        </>
      }
    >
      {misfits.map((pair) => (
        <button
          key={pair.join()}
          type="button"
          className="btn"
          onClick={() =>
            change((r) => {
              const entry = entryAt(r, ...pair);
              return entry ? setPair(r, pair, { ...entry, isSure: true }) : r;
            })
          }
        >
          {pairName(names, pair)} reads so again
        </button>
      ))}
    </QuestionFrame>
  );
}
/** More pairs than these are no question to a person. */
const MOST_ASKED = 3;
