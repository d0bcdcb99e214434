import type { WindingGroup } from "./groups";

/** Ohms of one winding as measured, at rest. */
export interface WindingKnowledge {
  readonly ohm: number;
  readonly standardOhm: number;
  readonly temperatureC: number;
}

/** The leads, what lies between them, and whether heat may have opened it. */
export interface WindingFacts {
  /** ohms of the main and of the start winding, test leads taken off */
  readonly mainWinding: WindingKnowledge | null;
  readonly startWinding: WindingKnowledge | null;
  /** posts or leads as the technician names them */
  readonly leadNames: readonly string[];
  /** what each of them is, as far as it is settled: ids of roles */
  readonly leadRoles: readonly (readonly string[] | null)[];
  /** windings that no path joins */
  readonly windingGroups: readonly WindingGroup[];
  /** felt at the shell: it is cool, so nothing in it is open for heat */
  readonly isShellCool: boolean;
  /** it was waited for once, on this card or the one before */
  readonly hasWaited: boolean;
}

export const NO_WINDING_FACTS: WindingFacts = {
  mainWinding: null,
  startWinding: null,
  leadNames: ["1", "2", "3"],
  leadRoles: [null, null, null],
  windingGroups: ["all"],
  isShellCool: false,
  hasWaited: false,
};
