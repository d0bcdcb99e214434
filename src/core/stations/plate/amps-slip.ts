import { middleOf, type PlateInHand } from "../../motor";
import { byBands, findSlip, type Slip } from "../../quantity";
import type { MotorType } from "../../trade";

interface PlateAmps {
  readonly motorType: MotorType;
  readonly amps: string;
  readonly areAmpsSure: boolean;
}

/** Efficiency times power factor of motors from the smallest shaded-pole one to the largest of this trade. */
const LEAST_USE = 0.1;
const MOST_USE = 0.8;
/** Of an ordinary one. */
const USUAL_USE = 0.2;

/** Volts times amps of a shaded-pole motor: none is made larger than about a quarter of a horsepower [VA]. Trade judgement. */
const SHADED_POLE_VA = { least: 3, usual: [8, 500], most: 1000 } as const;

/** Volts times amps that the rest of the plate asks for: so wide that only a slip lies beyond them, and what is usual; null: nothing does. */
function voltAmpsOf({ motorType }: PlateAmps, { powerW }: PlateInHand) {
  if (powerW !== null)
    return {
      least: powerW / MOST_USE / 2,
      usual: [powerW / MOST_USE, powerW / USUAL_USE],
      most: (2 * powerW) / LEAST_USE,
    } as const;
  return motorType === "shaded-pole" ? SHADED_POLE_VA : null;
}

/** Plate amps ten times off what power, or the type, and volts ask for. */
export function slipOfAmps(record: PlateAmps, inHand: PlateInHand): Slip | null {
  const [asked, { volts, connections }] = [voltAmpsOf(record, inHand), inHand];
  if (volts === null || asked === null || connections.length > 1) return null;
  const amps = (voltAmps: number): number => voltAmps / middleOf(volts);
  const [low, high] = asked.usual;
  return findSlip(
    { text: record.amps, reading: null, isSure: record.areAmpsSure },
    "current",
    byBands({ low: amps(asked.least), high: amps(asked.most) }, { low: amps(low), high: amps(high) }, ["point", "prefix"]),
  );
}
