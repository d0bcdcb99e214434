import type { Assessment } from "@/core/station";
import { STAMP_WORDS } from "../vocabulary/stamp-words";
import type { StationView } from "./contract";

/** The word on a stamp: the station's own where it has one. */
export const stampWordOf = ({ brief }: Pick<StationView, "brief">, own: Assessment): string =>
  (own.stamp === "skipped" ? null : brief?.(own)) ?? STAMP_WORDS[own.stamp];
