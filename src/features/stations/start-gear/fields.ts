import { GEAR_SORTS, isGearOn } from "@/core/startgear";
import { startGearRecord } from "@/core/stations/start-gear";
import { byId } from "@/core/kept";
import { rowsOf } from "@/features/form/rows";
import { GEAR_VIEWS } from "@/features/gear/gear-views";
import type { InstrumentProps } from "../../station/contract";
import type { Detail } from "./words";

/** Beside what is measured of any start gear (`features/gear`). */
export const ROWS = rowsOf<InstrumentProps<"start-gear", Detail>>()(startGearRecord, {
  sort: {
    label: "What brings the start winding in",
    words: byId(GEAR_SORTS, (id) => GEAR_VIEWS[id].name),
    offers: ({ record, facts }) => GEAR_SORTS.filter((id) => id === record.sort || isGearOn(id, facts.machineKind)),
  },
  note: { label: "Note", rows: 1 },
});
