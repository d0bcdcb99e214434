import { beginHold, holdNext, type HeldFigure } from "@/core/hold";
import type { Quantity } from "@/core/quantity";
import type { Miss, ReferenceCase } from "./case-file";

type Sample = readonly [atMs: number, digits: string, unit: string];
interface Expected {
  readonly value: number | null;
  readonly over_limit?: boolean;
  readonly between_ms: readonly [number, number];
  readonly within_abs?: number;
}

/** Every figure that is taken by itself from a meter's samples, in order. */
export function takenOf(quantity: Quantity, samples: readonly Sample[]): HeldFigure[] {
  let hold = beginHold(quantity);
  return samples.flatMap(([atMs, digits, unit]) => {
    const held = holdNext(hold, { atMs, display: `${digits} ${unit}` });
    hold = held.hold;
    return held.figure ?? [];
  });
}

const isAsExpected = ({ value, within_abs: within = 0, between_ms: [from, to] }: Expected, got: HeldFigure): boolean =>
  got.atMs >= from &&
  got.atMs <= to &&
  (value === null || got.value === null ? value === got.value : Math.abs(got.value - value) <= within);

/** What is taken from a trace: each figure listed, in order and in its time, and nothing else. */
export function checkTrace({ inputs, outputs }: ReferenceCase): Miss[] {
  const expected = outputs.taken as readonly Expected[];
  const got = takenOf(inputs.quantity as Quantity, inputs.samples as readonly Sample[]);
  const isRight = got.length === expected.length && expected.every((each, index) => isAsExpected(each, got[index] as HeldFigure));
  return isRight ? [] : [{ field: "taken", expected, got }];
}
