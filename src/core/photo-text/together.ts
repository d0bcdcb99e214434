import {
  endsOf,
  middleOf,
  readPlateField,
  speedAndPoles,
  synchronousRpm,
  usualEfficiency,
  type PlateFieldId,
  type PlateValue,
} from "../motor";

/** Texts of the fields of one plate; a field that is absent is not known. */
export type PlateTexts = Partial<Record<PlateFieldId, string>>;

/** Power factor of single-phase motors at full load, middle and deviation of its log. @source Veinott & Martin, ch. 2 */
const POWER_FACTOR = { middle: 0.75, logSd: 0.25 } as const;
/** No plate is impossible: beyond this it is a plate nobody has seen, and counts no further [nats]. */
const MOST_AGAINST = 6;
/** Slip at full load, middle and deviation of its log. */
const SLIP = { middle: 0.05, logSd: 0.6 } as const;
/** Kilowatts stand on plates for 50 Hz, horsepower on those for 60, with few exceptions [nats]. */
const OTHER_UNIT = 1.2;
/** Mains that go with hertz: others are exported, or read wrongly [nats]. */
const VOLTS_OF_HERTZ: Readonly<Record<number, readonly number[]>> = {
  50: [100, 110, 220, 230, 240, 250, 380, 400, 415],
  60: [100, 110, 115, 120, 127, 200, 208, 220, 230, 240, 265, 277, 460, 480],
};
const OTHER_VOLTS = 1.5;

const valuesOf = (field: PlateFieldId, text: string | undefined): readonly PlateValue[] => {
  const read = text === undefined ? null : readPlateField(field, text);
  return read?.ok ? read.value : [];
};
const square = (value: number, middle: number, sd: number): number => ((value - middle) / sd) ** 2 / 2;

/**
 * How far the fields of a plate are from one another's: amps from power and volts, speed from hertz, amps of two connections.
 * @param texts fields as they would be keyed
 * @returns negative log of a chance, 0 for an ordinary plate [nats]
 * @source power = volts x amps x power factor x efficiency; slip of small induction motors
 */
export function unlikeAMotor(texts: PlateTexts): number {
  const [volts, amps, hertz, rpm, power] = (["volts", "amps", "hertz", "rpm", "power"] as const).map((field) =>
    valuesOf(field, texts[field]),
  );
  let against = 0;
  const [watts, first, ampere] = [power?.[0], volts?.[0], amps?.[0]];
  if (volts && amps && volts.length > 0 && amps.length > 0 && volts.length !== amps.length) against += amps.length > volts.length ? 4 : 2;
  if (watts && first && ampere) {
    const [powerW, voltAmps] = [middleOf(watts), middleOf(first) * middleOf(ampere)];
    const efficiency = usualEfficiency(powerW);
    const meant = Math.log(powerW / (efficiency.middle * POWER_FACTOR.middle));
    against += Math.min(MOST_AGAINST, square(Math.log(voltAmps), meant, Math.hypot(efficiency.logSd, POWER_FACTOR.logSd)));
  }
  const [turns, cycles] = [rpm?.[0], hertz?.[0]];
  if (turns && cycles && hertz?.length === 1) {
    const [speed, frequencyHz] = [middleOf(turns), middleOf(cycles)];
    const poles = speedAndPoles(speed, frequencyHz)?.poles;
    const slip = poles === undefined ? 0 : 1 - speed / synchronousRpm(frequencyHz, poles);
    against += slip <= 0 ? MOST_AGAINST : Math.min(MOST_AGAINST, square(Math.log(slip), Math.log(SLIP.middle), SLIP.logSd));
  }
  if (cycles && hertz?.length === 1 && texts.power !== undefined) {
    const isMetric = /w/i.test(texts.power);
    if (isMetric !== (middleOf(cycles) === 50)) against += OTHER_UNIT;
  }
  if (cycles && first && hertz?.length === 1) {
    const known = VOLTS_OF_HERTZ[middleOf(cycles)];
    if (known && !endsOf(first).some((end) => known.includes(end))) against += OTHER_VOLTS;
  }
  return against;
}
