import type { InstrumentProps } from "../../station/contract";
import type { Detail } from "./words";

export type Props = InstrumentProps<"out-in", Detail>;
