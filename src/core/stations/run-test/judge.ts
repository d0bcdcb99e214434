import type { MachineKind } from "../../trade";
import type { Facts } from "../../facts";
import { figureOf } from "../../quantity";
import { supplyLimits, stateOfBehaviour, type Range, type RunUnderstanding } from "../../motor";
import type { HouseFigures } from "../../house";
import { figuresOf, MODEL_FIELDS, QUANTITY_OF, type ModelField } from "./question";
import type { RunTestRecord } from "./record";

/** Where a figure stands against what a sound motor of this plate would show. */
export type Position = "inside" | "below" | "above";

/** One figure of the run, with what it is held against. */
export interface RunRow {
  readonly field: ModelField | "supplyVolts" | "shell" | "coastDown";
  readonly value: number | null;
  readonly standardUncertainty: number;
  readonly isFromCapacitor: boolean;
  /** what the plate says of it; null: nothing */
  readonly plate: number | null;
  /** what a sound motor would show; null: the model cannot say */
  readonly expected: Range | null;
  readonly position: Position | null;
}

/** Volts a meter picks up where no current flows. */
const NOTHING: Record<ModelField, number> = { lineAmps: 0.03, startAmps: 0.05, capacitorVolts: 6, speed: 30, startTime: 0.2 };

/** Machines whose wheel carries on by itself. */
const COASTS: readonly MachineKind[] = ["fan", "blower"];

/** Against a range, with twice the meter's own uncertainty to spare. */
function positionOf(value: number, standardUncertainty: number, range: Range, floor: number): Position {
  const margin = Math.max(2 * standardUncertainty, floor);
  if (value < range.low - margin) return "below";
  return value > range.high + margin ? "above" : "inside";
}

function plateOf(field: ModelField, { fullLoadA, fullLoadRpm }: Facts): number | null {
  if (field === "lineAmps") return fullLoadA;
  return field === "speed" ? fullLoadRpm : null;
}

/** Volts the plate and the house allow, as a range on the bars. */
function rangeOf(facts: Facts, middle: number, part: number): Range | null {
  const limits = supplyLimits(facts, part);
  return limits && { low: limits.lowV, middle, high: limits.highV };
}

/** Every figure of the run with what it is held against, in the order they are taken. */
export function rowsOf(record: RunTestRecord, facts: Facts, house: HouseFigures, understanding: RunUnderstanding | null): RunRow[] {
  const figures = figuresOf(record, facts);
  // What a motor that stands should draw is not what a sound one should: the figures of a hum have no place in its ranges.
  const isTurning = stateOfBehaviour(record.behaviour) === "running";
  const modelRows = MODEL_FIELDS.map((field): RunRow => {
    const figure = figures[field];
    const expected = (isTurning ? understanding?.sound.running : understanding?.sound.held)?.[QUANTITY_OF[field]] ?? null;
    return {
      field,
      value: figure?.value ?? null,
      standardUncertainty: figure?.standardUncertainty ?? 0,
      isFromCapacitor: figure?.isFromCapacitor ?? false,
      plate: isTurning ? plateOf(field, facts) : null,
      expected,
      position: figure && expected && isTurning ? positionOf(figure.value, figure.standardUncertainty, expected, NOTHING[field]) : null,
    };
  });
  const supply = figureOf(record.supplyVolts);
  const part = house.supplyPercent / 100;
  const supplyRange = facts.supplyV === null ? null : rangeOf(facts, facts.supplyV, part);
  const shell = figureOf(record.shell);
  const supplyRow: RunRow = {
    field: "supplyVolts",
    value: supply?.value ?? null,
    standardUncertainty: supply?.standardUncertainty ?? 0,
    isFromCapacitor: false,
    plate: facts.supplyV,
    expected: supplyRange,
    position: supply && supplyRange ? positionOf(supply.value, supply.standardUncertainty, supplyRange, 0) : null,
  };
  const mostC = facts.hotSpotC === null ? null : facts.hotSpotC - house.shellBelowWindingK;
  const shellRow: RunRow = {
    field: "shell",
    value: shell?.value ?? null,
    standardUncertainty: shell?.standardUncertainty ?? 0,
    isFromCapacitor: false,
    plate: mostC,
    expected: null,
    position: shell && mostC !== null ? (shell.value > mostC ? "above" : "inside") : null,
  };
  const coast = figureOf(record.coastDown);
  const coastRow: RunRow = {
    field: "coastDown",
    value: coast?.value ?? null,
    standardUncertainty: coast?.standardUncertainty ?? 0,
    isFromCapacitor: false,
    plate: null,
    expected: null,
    // What a pump or compressor pushes against stops it at once, however free its bearings.
    position: coast && COASTS.includes(facts.machineKind) ? (coast.value < house.shortCoastS ? "below" : "inside") : null,
  };
  return [supplyRow, ...modelRows, shellRow, coastRow];
}
