import { isLoose, type Loose } from "../../kept";
import type { StationMigrations } from "../../station";

const NO_FIGURES = {
  supplyVolts: null,
  lineAmps: null,
  startAmps: null,
  capacitorVolts: null,
  speed: null,
  startTime: null,
  shell: null,
};

const onlyAmps = (lineAmps: unknown): Loose => ({ ...NO_FIGURES, lineAmps: lineAmps ?? null });
const withCoastDown = (figures: unknown): Loose => ({ coastDown: null, ...(isLoose(figures) ? figures : {}) });

/** What each version of the records changed here. Never edited once released; a new step has the next version's number. */
export const proveMigrations: StationMigrations = {
  // Every figure of the run before and after, where there were amps alone.
  4: ({ before, after, ...rest }) => ({
    afterBehaviour: null,
    afterNoises: [],
    ...rest,
    before: onlyAmps(before),
    after: onlyAmps(after),
  }),
  5: ({ before, after, ...rest }) => ({ afterHotPlace: null, ...rest, before: withCoastDown(before), after: withCoastDown(after) }),
  // Which way it turns, and what shows at the machine that it is right.
  12: (data: Loose) => ({ afterRotation: null, lines: {}, isOfBefore: true, ...data }),
  // How it was made to turn the other way.
  13: (data: Loose) => ({ reversedBy: null, ...data }),
  // On its machine, or without its load.
  16: (data: Loose) => ({ isUnloaded: null, ...data }),
};
