import { endsOf, middleOf, type PlateValue } from "./plate-value";
import { speedAndPoles } from "./speed";

/** The figures of a plate as read, each field with one figure or several. */
export interface PlateFigures {
  readonly volts: readonly PlateValue[];
  readonly hertz: readonly PlateValue[];
  readonly amps: readonly PlateValue[];
  readonly rpm: readonly PlateValue[];
  readonly power: readonly PlateValue[];
}

/** Which of several a person said is meant: places in the order stamped; null: nobody said. */
export interface PlatePicks {
  readonly connection: number | null;
  readonly hertz: number | null;
  readonly speed: number | null;
}

/** One way the motor can be connected, with the amps that belong to it. */
export interface PlateConnection {
  readonly volts: PlateValue;
  /** null: the plate does not say which of its amps are meant */
  readonly amps: PlateValue | null;
}

/** What several figures of one field are parted by. */
export type PartedBy = "connection" | "hertz" | "speed";

/** The plate as it holds for the connection, hertz and speed in hand. */
export interface PlateInHand {
  readonly connections: readonly PlateConnection[];
  /** place of the connection in hand; null: it must be asked, or told from the supply */
  readonly connection: number | null;
  readonly hertz: number | null;
  /** the speed tells which of two hertz is meant */
  readonly isHertzInferred: boolean;
  readonly speeds: readonly number[];
  /** place of the speed in hand; the fastest unless one was picked */
  readonly speed: number | null;
  readonly volts: PlateValue | null;
  readonly amps: PlateValue | null;
  readonly rpm: number | null;
  readonly powerW: number | null;
  /** several figures of a field that nothing on the plate parts: they count for nothing until put right */
  readonly unmatched: readonly ("amps" | "power")[];
}

/** Slip of a motor at its plate speed lies below this; beyond it the hertz are others. */
const MOST_SLIP = 0.16;

/** Bands of hertz and speeds are two figures in truth: no motor is made for 55 Hz. */
const apart = (values: readonly PlateValue[]): number[] => values.flatMap((value) => [...new Set(endsOf(value))]);

/** The one hertz at which this speed is that of an induction motor; null where both or neither would be. */
function hertzOfSpeed(hertz: readonly number[], rpm: number): number | null {
  const fitting = hertz.flatMap((hz, place) => {
    const found = speedAndPoles(rpm, hz);
    return found && found.slip > 0 && found.slip <= MOST_SLIP ? [place] : [];
  });
  return fitting.length === 1 ? (fitting[0] ?? null) : null;
}

/** Which choice has as many figures as this field, the connection first. */
function partedBy(count: number, counts: Readonly<Record<PartedBy, number>>): PartedBy | null {
  return (["connection", "hertz", "speed"] as const).find((by) => counts[by] === count) ?? null;
}

const fastest = (speeds: readonly number[]): number | null => (speeds.length === 0 ? null : speeds.indexOf(Math.max(...speeds)));
const valid = (pick: number | null, count: number): number | null => (pick !== null && pick < count ? pick : null);

/**
 * The plate for the connection, hertz and speed in hand. Figures of one field belong by their place to those of another
 * that has as many: `115/230 V, 13.4/6.7 A` are two connections, `1075/950/825 rpm, 4.1/3.3/2.8 A` three speeds.
 * @param figures the figures, each with its uncertainty
 * @param picks which of them is in hand
 * @returns nothing of a field where the plate leaves open which of its figures is meant
 */
export function plateInHand(figures: PlateFigures, picks: PlatePicks): PlateInHand {
  const { volts, amps, power } = figures;
  const hertz = apart(figures.hertz);
  const rpm = apart(figures.rpm);
  // Two speeds beside two hertz are one speed at each of them.
  const isSpeedByHertz = hertz.length > 1 && rpm.length === hertz.length;
  const speeds = isSpeedByHertz ? [] : rpm;
  const connection = valid(picks.connection, volts.length) ?? (volts.length === 1 ? 0 : null);
  const speed = valid(picks.speed, speeds.length) ?? fastest(speeds);
  const pickedHertz = valid(picks.hertz, hertz.length) ?? (hertz.length === 1 ? 0 : null);
  const [oneRpm] = rpm;
  const inferred = pickedHertz === null && !isSpeedByHertz && oneRpm !== undefined ? hertzOfSpeed(hertz, rpm[speed ?? 0] ?? oneRpm) : null;
  const hertzPlace = pickedHertz ?? inferred;

  const places: Readonly<Record<PartedBy, number | null>> = { connection, hertz: hertzPlace, speed };
  const counts: Readonly<Record<PartedBy, number>> = { connection: volts.length, hertz: hertz.length, speed: speeds.length };
  const inHand = (values: readonly PlateValue[], by: PartedBy | null): PlateValue | null => {
    if (values.length === 1 && (by === null || counts[by] <= 1)) return values[0] ?? null;
    const at = by === null ? null : places[by];
    return at === null ? null : (values[at] ?? null);
  };
  const ampsBy = amps.length > 1 ? partedBy(amps.length, counts) : volts.length > 1 ? "connection" : null;
  const powerBy = power.length > 1 ? partedBy(power.length, { ...counts, connection: -1 }) : null;
  const ampsInHand = amps.length === 1 && ampsBy === "connection" ? null : inHand(amps, ampsBy);
  const ampsOf = (place: number): PlateValue | null => {
    if (ampsBy !== "connection") return inHand(amps, ampsBy);
    return amps.length > 1 ? (amps[place] ?? null) : null;
  };
  const powerInHand = inHand(power, powerBy);
  return {
    connections: volts.map((each, place) => ({ volts: each, amps: ampsOf(place) })),
    connection,
    hertz: hertzPlace === null ? null : (hertz[hertzPlace] ?? null),
    isHertzInferred: inferred !== null,
    speeds,
    speed,
    volts: connection === null ? null : (volts[connection] ?? null),
    amps: ampsInHand,
    rpm: isSpeedByHertz ? (hertzPlace === null ? null : (rpm[hertzPlace] ?? null)) : speed === null ? null : (speeds[speed] ?? null),
    powerW: powerInHand === null ? null : middleOf(powerInHand),
    unmatched: [
      ...((amps.length > 1 && ampsBy === null) || (amps.length === 1 && volts.length > 1) ? (["amps"] as const) : []),
      ...(power.length > 1 && powerBy === null ? (["power"] as const) : []),
    ],
  };
}

/**
 * Which connection a measured supply belongs to: the one whose volts, widened by the house's band, hold it; where none does,
 * none is told.
 * @param connections every way the plate says it can be connected
 * @param volts measured at the motor, standing [V]
 * @param part allowed deviation from the plate's volts, as a part
 * @returns place of the connection; null: none, or more than one, holds it
 */
export function connectionOfSupply(connections: readonly PlateConnection[], volts: number, part: number): number | null {
  const holding = connections.flatMap((connection, place) => {
    const [low, high] = endsOf(connection.volts);
    return volts >= low * (1 - part) && volts <= high * (1 + part) ? [place] : [];
  });
  return holding.length === 1 ? (holding[0] ?? null) : null;
}
