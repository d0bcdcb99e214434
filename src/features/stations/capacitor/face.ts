import { GONE_WORDS } from "@/features/vocabulary/gone-words";
import type { StationFace } from "../../station/contract";
import type { CapacitorDetail } from "./sentences";

/** What the screen at work shows of it; its statements come with cards and paper. */
export const capacitorFace: StationFace<CapacitorDetail> = {
  methods: {
    meter: "By meter",
    running: "Running",
    swing: "Ohmmeter swing",
    discharge: "Discharge",
    "start-parts": "Starts and kits",
  },
  brief: ({ detail }) =>
    detail.state === "none-fitted"
      ? "None fitted"
      : detail.state === "gone"
        ? GONE_WORDS[detail.gone]
        : detail.state === "label" && detail.mismatches.length > 0
          ? "Wrong part"
          : null,
};
