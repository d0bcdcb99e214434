/** Which capacitors and switch stand in the start winding's branch. */
export const TOPOLOGIES = ["psc", "cscr", "csir", "split"] as const;
/**
 * `psc` run capacitor always; `cscr` run capacitor always, start capacitor beside it while the switch is closed;
 * `csir` start capacitor while the switch is closed; `split` the bare winding while the switch is closed.
 */
export type Topology = (typeof TOPOLOGIES)[number];

/** A capacitor with its loss resistance. */
export interface CapacitorPart {
  readonly capacitanceUf: number;
  readonly resistanceOhm: number;
}

/**
 * How the torque of what is driven depends on speed; "constant" is a lift, a drum or an agitator; "compressor" starts against
 * its pressure, "equalised" with the same pressure on both sides.
 */
export type LoadLaw = "fan" | "constant" | "compressor" | "equalised";

/** What the motor drives: a law through one rated point. */
export interface Load {
  readonly law: LoadLaw;
  readonly ratedTorqueNm: number;
  readonly ratedRpm: number;
  /** torque at rest over rated, where it differs from the law's own */
  readonly atRest?: number;
}

/**
 * A single-phase induction motor with two unlike windings in quadrature and a cage rotor. Reactances hold at
 * `frequencyHz`; rotor values are referred to the main winding and not halved; the start (auxiliary) winding's own ohms
 * are not referred.
 * @source Fitzgerald, Electric Machinery, 9.2–9.4; Veinott, Theory and Design of Small Induction Motors, ch. 11
 */
export interface Machine {
  readonly topology: Topology;
  readonly poles: number;
  readonly frequencyHz: number;
  readonly supplyV: number;
  readonly mainResistanceOhm: number;
  readonly mainReactanceOhm: number;
  readonly startResistanceOhm: number;
  readonly startReactanceOhm: number;
  readonly rotorResistanceOhm: number;
  readonly rotorReactanceOhm: number;
  readonly magnetizingReactanceOhm: number;
  /** effective turns of the start winding over those of the main one */
  readonly turnsRatio: number;
  /** iron loss across the magnetizing reactance of both axes; null: none */
  readonly coreResistanceOhm: number | null;
  /** friction and windage at synchronous speed; torque in proportion to speed */
  readonly windageSyncW: number;
  readonly inertiaKgm2: number;
  readonly runCapacitor: CapacitorPart | null;
  readonly startCapacitor: CapacitorPart | null;
  /** part of synchronous speed at which the switch or relay opens */
  readonly switchFraction: number;
  readonly load: Load;
}
