"use client";
import { entryAt } from "@/core/stations/windings";
import { SlipLine } from "../shared/SlipLine";
import type { WindingsProps } from "./props";
import { pairName, setPair, toPairEntry } from "./words";

type Props = Pick<WindingsProps, "record" | "house" | "change"> & { readonly detail: WindingsProps["assessment"]["detail"] };

/** Readings that would go with the others but for one slip of the finger. */
export function PairSlips({ record, detail, house, change }: Props) {
  return detail.slips.map(({ pair, slip }) => {
    const entry = entryAt(record, ...pair);
    return (
      <SlipLine
        key={pair.join()}
        slip={slip}
        quantity="resistance"
        name={pairName(detail.names, pair)}
        why="the other readings"
        onTake={(text) => change((r) => setPair(r, pair, toPairEntry(text, house)))}
        onSure={() => entry && change((r) => setPair(r, pair, { ...entry, isSure: true }))}
      />
    );
  });
}
