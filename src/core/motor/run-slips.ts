import type { PlateFacts } from "./facts";
import { speedAndPoles } from "./speed";
import { byBands, findSlip, type Entry, type Slip, type SlipJudge } from "../quantity";
import { supplyLimits } from "./plate-supply";
import { RUN_FIELD_IDS, type RunField, type RunEntries } from "./run-entries";

/* What motors show, sound or faulty, as parts of what label or plate says; beyond it a slip of the finger is likelier. Trade judgement. */

const AMPS_MOST = 20;
const SUPPLY_MOST = 2.2;
/** The field's own speed, with what a tachometer is off. */
const SPEED_MOST = 1.03;
/** From idling without its load to a locked rotor. */
const AMPS_SEEN = { low: 0.15, high: 9 } as const;
const AMPS_WANTED = { low: 0.3, high: 1.6 } as const;
/** Of a motor that stands and hums. */
const LOCKED_WANTED = { low: 1.5, high: 8 } as const;
const SUPPLY_SEEN = { low: 0.35, high: 1.5 } as const;
const CAPACITOR_VOLTS_SEEN = { low: 0.3, high: 3 } as const;
const CAPACITOR_VOLTS_WANTED = { low: 0.9, high: 2.1 } as const;
/** A motor that creeps turns slowly; none turns faster than its field. */
const SPEED_SEEN = { low: 0.15, high: 1.02 } as const;
const SPEED_WANTED = { low: 0.85, high: 1.003 } as const;

const times = ({ low, high }: { low: number; high: number }, by: number): { low: number; high: number } => ({
  low: low * by,
  high: high * by,
});

const ampsJudge = (plateA: number, isHeld: boolean): SlipJudge =>
  byBands(times(AMPS_SEEN, plateA), times(isHeld ? LOCKED_WANTED : AMPS_WANTED, plateA), ["point", "prefix"], AMPS_MOST * plateA);

/**
 * Volts of a supply against the plate's; nothing at all is a finding, not a slip.
 * @param facts what is known of the motor
 * @param part how far a supply may lie off the plate, as part of its volts
 * @returns the bands; null: the plate names no volts
 */
export function supplyJudge(facts: Pick<PlateFacts, "supplyV" | "supplyBand">, part: number): SlipJudge | null {
  const limits = supplyLimits(facts, part);
  if (limits === null || facts.supplyV === null) return null;
  const judge = byBands(
    times(SUPPLY_SEEN, facts.supplyV),
    { low: limits.lowV, high: limits.highV },
    ["point", "prefix"],
    SUPPLY_MOST * facts.supplyV,
  );
  // What a meter picks up from the next cable, or none.
  return { ...judge, isPlausible: (volts) => volts < 0.04 * (facts.supplyV ?? 0) || judge.isPlausible(volts) };
}

/**
 * Where figures of a run come from, for those that a plate says something of.
 * @param field which figure of the run
 * @param entry what was keyed; null: nothing
 * @param facts what is known of the motor
 * @param part how far a supply may lie off the plate, as part of its volts
 * @param isHeld whether it stands and hums: its amps are those of a locked rotor
 * @returns the slip; null: the figure goes with the plate
 */
export function slipOfRun(field: RunField, entry: Entry | null, facts: PlateFacts, part: number, isHeld = false): Slip | null {
  const judge = runJudge(field, facts, part, isHeld);
  return judge === null ? null : findSlip(entry, entry?.reading?.quantity ?? "plain", judge);
}

function runJudge(field: RunField, facts: PlateFacts, part: number, isHeld: boolean): SlipJudge | null {
  const { fullLoadA, fullLoadRpm, frequencyHz, supplyV } = facts;
  switch (field) {
    case "supplyVolts":
      return supplyJudge(facts, part);
    case "lineAmps":
      return fullLoadA === null ? null : ampsJudge(fullLoadA, isHeld);
    case "speed": {
      const sync = fullLoadRpm === null || frequencyHz === null ? null : (speedAndPoles(fullLoadRpm, frequencyHz)?.syncRpm ?? null);
      return sync === null
        ? null
        : byBands(times(SPEED_SEEN, sync), times(SPEED_WANTED, sync), ["point", "prefix", "exchanged"], SPEED_MOST * sync);
    }
    case "capacitorVolts":
      return supplyV === null
        ? null
        : byBands(times(CAPACITOR_VOLTS_SEEN, supplyV), times(CAPACITOR_VOLTS_WANTED, supplyV), ["point", "prefix"]);
    case "startAmps":
    case "startTime":
    case "shell":
    case "coastDown":
      return null;
  }
}

/** Figures of a run that look like a slip, by field. */
export type RunSlips = Readonly<Partial<Record<RunField, Slip>>>;

/**
 * Figures of a run that look like a slip of the finger, by field.
 * @param figures the figures, each with its uncertainty
 * @param facts what is known of the motor
 * @param part how far a supply may lie off the plate, as part of its volts
 * @param isHeld the motor stands and hums: its amps are those of a locked rotor
 * @returns slips by field; none: every figure goes with the plate
 */
export function slipsOfRun(figures: RunEntries, facts: PlateFacts, part: number, isHeld = false): RunSlips {
  return Object.fromEntries(
    RUN_FIELD_IDS.flatMap((field) => {
      const slip = slipOfRun(field, figures[field], facts, part, isHeld);
      return slip ? [[field, slip]] : [];
    }),
  );
}

/**
 * The figures without those that look like a slip: they count for nothing until somebody says what they are.
 * @param figures the figures, each with its uncertainty
 * @param slips figures that look like a slip, by field
 * @returns the figures, with null for those that do not count
 */
export function withoutSlips<Figures extends RunEntries>(figures: Figures, slips: RunSlips): Figures {
  return { ...figures, ...Object.fromEntries(Object.keys(slips).map((field) => [field, null])) };
}
