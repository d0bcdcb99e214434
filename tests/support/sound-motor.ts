import { chanceFrom, drawMotor } from "@/core/simulation";
import { predict, SOUND } from "@/core/motor";
import { resistanceAt } from "@/core/winding";
import type { RawFinding } from "../../scripts/reference/diagnosis-records";

/** A motor with nothing wrong, and how warm it is. */
export interface SoundMotor {
  readonly name: string;
  readonly plate: Readonly<Record<string, unknown>>;
  readonly findings: readonly RawFinding[];
}

const LEAST_C = -30;
const MOST_C = 60;
const rounded = (value: number, places: number): number => Number(value.toFixed(places));

/** A sound motor as somebody measures it at any temperature: figures by the machine model, with the errors of ordinary meters. */
export function soundMotor(seed: number): SoundMotor {
  const chance = chanceFrom(seed);
  const motor = drawMotor(chance);
  const { machine, plate } = motor;
  const { running } = predict(machine, SOUND);
  const temperatureC = Math.round(chance.between(LEAST_C, MOST_C));
  const meter = (part: number): number => 1 + part * Math.max(-1, Math.min(1, chance.normal()));
  const uf = (value: number | undefined): number | null => (value === undefined ? null : rounded(value, value < 10 ? 1 : 0));
  const runUf = uf(machine.runCapacitor?.capacitanceUf);
  const startUf = uf(machine.startCapacitor?.capacitanceUf);
  const ohm = (value: number): number => rounded(resistanceAt(value, 25, temperatureC) * meter(0.004) + 0.2, 2);
  const [main, start] = [machine.mainResistanceOhm, machine.startResistanceOhm];
  const isOpenShaft = motor.kind !== "hermetic-compressor";
  // Sound varnish reads more when it is cold, and from 20 MΩ up at every temperature.
  const megohm = Math.round(20 * 10 ** chance.between(0, 1.4));
  const findings: (RawFinding | null)[] = [
    { test: "look", seen: [] },
    isOpenShaft ? { test: "hand-turn", turn: "free", radial_play: false, end_play: false, rubs: false, load: "on" } : null,
    {
      test: "supply-voltage",
      idle_v: rounded(plate.volts * meter(0.02), 1),
      starting_v: rounded(plate.volts * 0.96 * meter(0.01), 1),
      call: "calls",
      at_disconnect_v: null,
    },
    runUf === null
      ? null
      : {
          test: "capacitor-meter",
          role: "run",
          rated_uf: runUf,
          tolerance_low_pct: -6,
          tolerance_high_pct: 6,
          reading_uf: rounded(runUf * meter(0.02), 2),
          reading_word: null,
        },
    startUf === null
      ? null
      : {
          test: "capacitor-meter",
          role: "start",
          range_low_uf: startUf,
          range_high_uf: Math.round(startUf * 1.2),
          reading_uf: rounded(startUf * 1.1 * meter(0.02), 1),
          reading_word: null,
        },
    {
      test: "winding-ohms",
      pairs: [
        { a: "1", b: "2", ohm: ohm(main), over_limit: false },
        { a: "1", b: "3", ohm: ohm(start), over_limit: false },
        { a: "2", b: "3", ohm: ohm(main + start), over_limit: false },
      ],
    },
    { test: "frame-ohms", ohm: null, over_limit: true },
    { test: "insulation", megohm, lower_bound: false, temperature_c: temperatureC },
    { test: "run-behaviour", does: "starts" },
    running?.lineA == null ? null : { test: "run-amps", amps: rounded(running.lineA * meter(0.02), 2) },
    running?.speedRpm == null || !isOpenShaft ? null : { test: "speed", rpm: Math.round(running.speedRpm * meter(0.003)) },
    { test: "noise", words: ["quiet"] },
    { test: "temperature", warmth: "warm" },
  ];
  return {
    name: `${motor.type} ${motor.kind}, ${plate.volts} V ${plate.hertz} Hz, ${plate.powerW} W, ${temperatureC} °C, seed ${seed}`,
    plate: {
      type: motor.type,
      machine: motor.kind,
      supply_v: plate.volts,
      f_hz: plate.hertz,
      full_load_a: plate.amps,
      full_load_rpm: plate.rpm,
      run_capacitor_uf: runUf,
      start_capacitor_uf: startUf,
      power_w: plate.powerW,
    },
    findings: findings.filter((each) => each !== null),
  };
}
