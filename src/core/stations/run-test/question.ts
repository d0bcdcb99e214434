import { type Facts, knownMotor, type KnownMotor } from "../../facts";
import { readPlain } from "../../station";
import { speedAndPoles, speedBySlipCount, stateOfBehaviour, type Measured, type RunQuantity, type RunQuestion } from "../../motor";
import { figureOf, type Figure } from "../../quantity";
import type { Failure, Result } from "../../result";
import { ok } from "../../result";
import type { RunField, RunTestRecord } from "./record";

/** Which figure of the model each field shows. */
export const QUANTITY_OF = {
  lineAmps: "lineA",
  startAmps: "startA",
  capacitorVolts: "capacitorV",
  speed: "speedRpm",
  startTime: "startTimeS",
} as const satisfies Partial<Record<RunField, RunQuantity>>;
export type ModelField = keyof typeof QUANTITY_OF;
export const MODEL_FIELDS = Object.keys(QUANTITY_OF) as ModelField[];

/** Figures of the running capacitor method are figures of the run too; what is keyed here comes first. */
const FROM_CAPACITOR: Partial<Record<ModelField, "amps" | "volts">> = { startAmps: "amps", capacitorVolts: "volts" };

export interface FieldFigure extends Figure {
  readonly isFromCapacitor: boolean;
}

/** A mark is counted to about half a turn. */
const TURN_SD = 0.5;

/** Speed from the slip count, where plate and count allow it. */
export function countedSpeed({ slipTurns, slipSeconds }: RunTestRecord, { fullLoadRpm, frequencyHz }: Facts): Figure | null {
  const turns = readPlain(slipTurns, "turns").value;
  const seconds = readPlain(slipSeconds, "turnsTime").value;
  if (turns === null || seconds === null || fullLoadRpm === null || frequencyHz === null) return null;
  const poles = speedAndPoles(fullLoadRpm, frequencyHz)?.poles;
  const rpm = poles === undefined ? null : speedBySlipCount(turns, seconds, frequencyHz, poles);
  return rpm === null ? null : { value: rpm, standardUncertainty: (60 * TURN_SD) / seconds };
}

/** Everything measured, by field. */
export function figuresOf(record: RunTestRecord, facts: Facts): Partial<Record<ModelField, FieldFigure>> {
  const isTurning = stateOfBehaviour(record.behaviour) === "running";
  return Object.fromEntries(
    MODEL_FIELDS.flatMap((field): [ModelField, FieldFigure][] => {
      const keyed = figureOf(record[field]) ?? (field === "speed" ? countedSpeed(record, facts) : null);
      if (keyed) return [[field, { ...keyed, isFromCapacitor: false }]];
      const source = FROM_CAPACITOR[field];
      const other = source && isTurning ? facts.capacitorRunning?.[source] : null;
      return other ? [[field, { ...other, isFromCapacitor: true }]] : [];
    }),
  );
}

/** Below this part of the plate's volts the meter was on the wrong posts: the model is not asked with it. */
const LEAST_SUPPLY = 0.3;

/** What the run test asks of the machine model. @errors those of knownMotor */
export function questionOf(record: RunTestRecord, facts: Facts): Result<{ motor: KnownMotor; question: RunQuestion }, Failure> {
  const motor = knownMotor(facts);
  if (!motor.ok) return motor;
  const { knowledge } = motor.value;
  // Volts keyed with the run come first; else those of the supply station.
  const supply = figureOf(record.supplyVolts) ?? facts.supplyFound;
  // What trips at once shows no figure to hold against the model.
  const isTrip = record.behaviour === "trips";
  const figures = isTrip ? {} : figuresOf(record, facts);
  const measured: Measured = Object.fromEntries(
    MODEL_FIELDS.flatMap((field) => {
      const figure = figures[field];
      return figure ? [[QUANTITY_OF[field], { value: figure.value, standardUncertainty: figure.standardUncertainty }]] : [];
    }),
  );
  const ratedUf = knowledge.runCapacitor?.capacitanceUf;
  return ok({
    motor: motor.value,
    question: {
      knowledge,
      supply: supply && (knowledge.supplyV === null || supply.value > LEAST_SUPPLY * knowledge.supplyV) ? supply : null,
      behaviour: isTrip ? null : record.behaviour,
      measured,
      capacitorScale: ratedUf && facts.capacitorFoundUf !== null ? facts.capacitorFoundUf / ratedUf : null,
    },
  });
}
