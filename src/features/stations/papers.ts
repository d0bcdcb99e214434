import { lazy, type ComponentType } from "react";
import type { StationId } from "@/core/stations";
import type { Paper } from "../station/paper";

/** A station's own parts are those of its id: the table keeps them together. */
const paper = (load: () => Promise<{ readonly default: ComponentType<never> }>): Paper =>
  lazy(load as () => Promise<{ readonly default: Paper }>);

/** What stations put on paper beside their sentences; most have nothing. */
export const PAPERS: Partial<Record<StationId, Paper>> = {
  windings: paper(() => import("./windings/Paper")),
  "take-apart": paper(() => import("./take-apart/Paper")),
  "run-test": paper(() => import("./run-test/Paper")),
  prove: paper(() => import("./prove/Paper")),
};
