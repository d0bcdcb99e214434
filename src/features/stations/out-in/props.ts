import type { PartExchange, WorkState } from "@/core/stations/out-in";
import type { InstrumentProps } from "../../station/contract";
import type { Detail } from "./words";

export type Props = InstrumentProps<"out-in", Detail>;

/** The same for one work. */
export interface PairProps extends Props {
  readonly work: WorkState;
  readonly onWork: (apply: (exchange: PartExchange, at: string) => PartExchange) => void;
}
