import type { Drive, MachineKind } from "../trade";

/** Words for a machine, and for how it is driven. */
export interface MachineRow {
  readonly of: MachineKind;
  readonly say: readonly string[];
}

/* A compressor alone may be sealed or belted: nothing is taken from it. */
export const MACHINE_NOUNS: readonly MachineRow[] = [
  { of: "fan", say: ["fan|fans|ventilator|extractor|propeller"] },
  { of: "blower", say: ["blower|blowers|inducer|furnace", "air handler"] },
  { of: "pump", say: ["pump|pumps|circulator|sump"] },
  {
    of: "belt-compressor",
    say: ["belt driven|drive|drives compressor", "compressor with [a] belt", "belt compressor", "air compressor with [a] belt"],
  },
  { of: "hermetic-compressor", say: ["hermetic|sealed|fridge|freezer|refrigerator|refrigeration|chiller compressor"] },
  { of: "drum", say: ["drum|washer|dryer|drier|tumbler", "washing machine", "tumble dryer|drier"] },
  { of: "agitator", say: ["agitator|mixer|stirrer|paddle"] },
];
/** Machines that the motor stands in, or that another part has for a name. */
export const PLAIN_MACHINES: readonly string[] = ["compressor|compressors"];

export const DRIVE_NOUNS: readonly { readonly of: Drive; readonly say: readonly string[] }[] = [
  { of: "belt", say: ["belt driven", "belt drive", "driven by [a] belt", "with a belt", "v belt"] },
  { of: "direct", say: ["direct drive", "direct|directly driven|coupled", "on the motor shaft"] },
];
