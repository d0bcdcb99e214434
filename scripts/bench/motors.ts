import {
  estimateMotor,
  plateStates,
  simulateStart,
  SOUND,
  steadyState,
  toCircuit,
  torqueSpeedCurve,
  understandRun,
  type Machine,
} from "@/core/motor";
import { quantileOfSorted } from "@/core/numeric";
import { FAN, plateOf, randomMotor } from "../../tests/support/motors";

/** Median of several timings [ms]; the first rounds warm up. */
function timeMs(work: () => unknown, rounds: number): number {
  for (let round = 0; round < Math.ceil(rounds / 3); round += 1) work();
  const times = Array.from({ length: rounds }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return quantileOfSorted(times, 0.5);
}

const circuit = toCircuit(FAN, SOUND);
const plate = plateOf(FAN);
const thousandMs = timeMs(() => {
  for (let index = 0; index < 1000; index += 1) steadyState(circuit, 0.001 + index / 1000, "run");
}, 15);
const estimateMs = timeMs(() => estimateMotor(plate), 9);
let volts = 230;
const runTestMs = timeMs(() => {
  // Another supply each time: the estimate is kept, the ranges and explanations are not.
  volts += 0.1;
  return understandRun({
    knowledge: plate,
    supply: { value: volts, standardUncertainty: 1 },
    behaviour: "starts",
    measured: { lineA: { value: 1.4, standardUncertainty: 0.02 } },
    capacitorScale: null,
  });
}, 7);

const HIDDEN = 200;
const RANGE = [0.05, 0.95] as const;
const PREDICTED: Record<string, (machine: Machine) => number> = {
  "running line amps": (machine) => plateStates(machine).rated.lineA,
  "running start-winding amps": (machine) => plateStates(machine).rated.startA,
  "locked line amps": (machine) => plateStates(machine).locked.lineA,
};
interface Tally {
  hits: number;
  all: number;
  readonly widths: number[];
  readonly errors: number[];
}
const inside = new Map<string, Tally>();
let refused = 0;
for (let seed = 1; seed <= HIDDEN; seed += 1) {
  const hidden = randomMotor(seed);
  const found = estimateMotor(plateOf(hidden));
  if (!found.ok) {
    refused += 1;
    continue;
  }
  for (const [name, of] of Object.entries(PREDICTED)) {
    const truth = of(hidden);
    if (truth === 0) continue;
    const key = `${hidden.topology}, ${name}`;
    const tally = inside.get(key) ?? { hits: 0, all: 0, widths: [], errors: [] };
    inside.set(key, tally);
    const sorted = found.value.members.map(of).sort((a, b) => a - b);
    const [low, high] = RANGE.map((share) => quantileOfSorted(sorted, share)) as [number, number];
    tally.all += 1;
    if (truth >= low && truth <= high) tally.hits += 1;
    tally.widths.push((high - low) / truth);
    tally.errors.push(Math.abs(of(found.value.machine) / truth - 1));
  }
}
const median = (values: readonly number[]): number =>
  quantileOfSorted(
    [...values].sort((a, b) => a - b),
    0.5,
  );

console.log(
  JSON.stringify({
    pointUs: thousandMs,
    curveMs: timeMs(() => torqueSpeedCurve(circuit, 400), 15),
    startMs: timeMs(() => simulateStart(circuit, { endS: 2 }), 9),
    estimateMs,
    runTestMs,
    hidden: { motors: HIDDEN, refused },
    ranges: [...inside].map(([name, { hits, all, widths, errors }]) => ({
      name,
      hits,
      all,
      width: median(widths),
      error: median(errors),
    })),
  }),
);
