import type { MeterShows } from "@/core/meter-line";
import { ok } from "@/core/result";
import type { MeterLink } from "../port";

/** Five figures a second, as a hand meter. */
const PERIOD_MS = 200;

interface StandInOptions {
  /** what it shows at a moment of the clock [ms]; null: it is off, and says nothing */
  readonly shows: (atMs: number) => MeterShows | null;
  readonly nowMs: () => number;
}

/** A meter that is none: it shows what a simulated motor gives, at the pace of a real one. */
export const standInMeter = ({ shows, nowMs }: StandInOptions): MeterLink => ({
  name: "Simulated meter",
  origin: "simulation",
  meter: null,
  open: ({ onSample }) => {
    const timer = setInterval(() => {
      const atMs = nowMs();
      const shown = shows(atMs);
      if (shown) onSample({ ...shown, atMs, line: "" });
    }, PERIOD_MS);
    return Promise.resolve(ok(() => clearInterval(timer)));
  },
});
