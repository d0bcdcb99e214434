import type { InstrumentProps } from "../../station/contract";
import type { WindingsDetail } from "./words";

/** What every panel of the windings instrument is given. */
export type WindingsProps = InstrumentProps<"windings", WindingsDetail>;
