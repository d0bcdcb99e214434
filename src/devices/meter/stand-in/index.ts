import type { MeterLink, MeterSample } from "../port";

interface StandInOptions {
  /** shown one after the other, then the last one for ever */
  readonly samples: readonly Omit<MeterSample, "at">[];
  /** between two samples [ms] */
  readonly periodMs: number;
  readonly now: () => Date;
  /** the line goes down after so many samples; absent: it holds */
  readonly lostAfter?: number;
}

/** A meter that is none: it shows what it was given, at the pace of a real one. */
export function standInMeter({ samples, periodMs, now, lostAfter = Infinity }: StandInOptions): MeterLink {
  return {
    name: "Simulated meter",
    open: async ({ onSample, onLost }) => {
      let shown = 0;
      const timer = setInterval(() => {
        const sample = samples[Math.min(shown, samples.length - 1)];
        if (shown >= lostAfter || sample === undefined) {
          clearInterval(timer);
          onLost();
          return;
        }
        shown += 1;
        onSample({ ...sample, at: now().toISOString() });
      }, periodMs);
      return () => clearInterval(timer);
    },
  };
}
