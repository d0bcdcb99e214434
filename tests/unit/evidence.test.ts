import { SIZE_TABLE, sizesLikelihood, timesLikelier, weighEvidence, type FigureSize, type Finding, type SizeId } from "@/core/diagnosis";
import { DEFAULT_METER, toHouseFigures } from "@/core/house";
import { takeReading, type Quantity } from "@/core/quantity";
import { soundMotor, type SoundMotor } from "../support/sound-motor";
import { studyNow } from "@/core/study/answer";
import { COMPLAINTS, MOTOR_TYPES, SUSPECTS, type MotorType, type Suspect } from "@/core/trade";
import { assessTraveller, type StationEntries } from "@/core/traveller";
import fc from "fast-check";
import { toEntries, type RawFinding } from "../../scripts/reference/diagnosis-records";
import { howMany } from "../support/how-many";

const HOUSE = toHouseFigures({});
const SCALES = Object.keys(SIZE_TABLE) as SizeId[];

/** What a scale speaks for, which way it grows graver, and at which test it is found. */
const SPEAKS: Record<
  SizeId,
  {
    readonly test: Finding["test"];
    readonly outcome: string;
    readonly for: readonly Suspect[];
    readonly graver: 1 | -1;
    readonly about?: "run-capacitor";
  }
> = {
  insulation: { test: "insulation", outcome: "watch", for: ["ground-fault"], graver: -1 },
  "frame-ohm": { test: "frame-ohms", outcome: "leaks", for: ["ground-fault"], graver: -1 },
  "volts-part": { test: "supply-voltage", outcome: "low", for: ["supply", "wiring", "control"], graver: -1 },
  "volts-part-called": { test: "supply-voltage", outcome: "low", for: ["supply", "wiring", "control"], graver: -1 },
  "volts-fall": { test: "supply-voltage", outcome: "sags", for: ["supply", "wiring"], graver: 1 },
  "other-connection": { test: "run-amps", outcome: "above", for: ["wiring"], graver: 1 },
  "amps-part": { test: "run-amps", outcome: "above", for: SUSPECTS, graver: 1 },
  "capacitor-beyond": { test: "capacitor-meter", outcome: "out", for: ["run-capacitor"], graver: 1, about: "run-capacitor" },
  "capacitor-beyond-running": { test: "capacitor-running", outcome: "out", for: ["run-capacitor"], graver: 1, about: "run-capacitor" },
};

/** Sizes between which a scale is walked. */
function rangeOf(of: SizeId): readonly [number, number] {
  const ends = Object.values(SIZE_TABLE[of].curves).flatMap((knots) => [knots[0]?.[0] ?? 0, knots.at(-1)?.[0] ?? 1]);
  // Amps below the plate are another matter: they speak of a load that is gone.
  return of === "amps-part" ? [0.9, 3] : [Math.min(...ends), Math.max(...ends)];
}

const placeOn = (of: SizeId, share: number): number => {
  const [low, high] = rangeOf(of);
  return SIZE_TABLE[of].axis === "log" ? low * (high / low) ** share : low + share * (high - low);
};

const chanceOfAny = (
  suspects: readonly Suspect[],
  finding: Finding,
  type: MotorType,
  complaints: readonly (typeof COMPLAINTS)[number][],
): number => {
  const { hypotheses } = weighEvidence({ type, machine: "fan" }, { complaints, findings: [finding] });
  return hypotheses
    .filter(({ faults }) => faults.some((fault) => suspects.includes(fault)))
    .reduce((sum, { probability }) => sum + probability, 0);
};

const anySize = fc.tuple(
  fc.constantFrom(...SCALES),
  fc.double({ min: 0, max: 1, noNaN: true }),
  fc.double({ min: 0, max: 1, noNaN: true }),
);
const anyCase = fc.record({
  type: fc.constantFrom(...MOTOR_TYPES),
  complaints: fc.uniqueArray(fc.constantFrom(...COMPLAINTS), { maxLength: 2 }),
});

test("a figure that moves away from sound never lowers the chance of what it speaks for", () =>
  fc.assert(
    fc.property(anySize, anyCase, ([of, a, b], { type, complaints }) => {
      const { test: id, outcome, for: suspects, graver, about } = SPEAKS[of];
      const chanceAt = (share: number): number => {
        const size: FigureSize = { of, at: placeOn(of, share), spread: 0.01 };
        const finding = { test: id, weights: { [outcome]: 1 }, sizes: [size], ...(about ? { about } : {}) } as Finding;
        return chanceOfAny(suspects, finding, type, complaints);
      };
      const [milder, worse] = [a, b].sort((x, y) => graver * (x - y)) as [number, number];
      return chanceAt(worse) >= chanceAt(milder) - 1e-9;
    }),
    { seed: 17, numRuns: 600 },
  ));

/** What an ordinary meter leaves open of a capacitance, over its limit. */
const METER = 0.012;

test("no curve has a step: a hundredth of its range further on a figure weighs less than half as much again", () => {
  for (const of of SCALES)
    for (const fault of Object.keys(SIZE_TABLE[of].curves) as Suspect[])
      for (let share = 0; share < 1; share += 0.01) {
        const [here, next] = [share, share + 0.01].map((each) =>
          timesLikelier({ of, at: placeOn(of, each), spread: of.startsWith("capacitor") ? METER : 0 }, fault),
        ) as [number, number];
        expect(Math.max(here / next, next / here)).toBeLessThan(of.startsWith("capacitor") ? 3 : 1.5);
      }
});

test("two causes do not make one figure twice", () => {
  const size: FigureSize = { of: "volts-part", at: 0.3, spread: 0.01 };
  const alone = sizesLikelihood([size], ["supply"]);
  expect(sizesLikelihood([size], ["supply", "wiring"])).toBe(alone);
  expect(sizesLikelihood([size], ["bearing-worn"])).toBe(1);
});

const assess = (entries: StationEntries) => assessTraveller(entries, HOUSE, [], studyNow);
const caseOf = (motor: SoundMotor, findings: readonly RawFinding[], complaints: readonly string[] = []) =>
  assess(toEntries(motor.plate, complaints, findings));

/** Sound motors of every type, size and supply, from freezer to boiler room, with every figure as it should be. */
const SOUND = Array.from({ length: howMany(120, 12) }, (_, index) => soundMotor(9_000 + index));

test.each(SOUND)("sound: $name", (motor) => {
  const { standing, actions } = caseOf(motor, motor.findings);
  const likeliest = standing.suspects
    .filter(({ suspect }) => suspect !== "no-fault")
    .map(({ suspect, probability }) => ({ suspect, probability }));
  expect(likeliest.filter(({ probability }) => probability > 0.15)).toEqual([]);
  expect(["no-repair", "keep-until"]).toContain(actions[0]?.action);
});

describe("what the order of keying says", () => {
  const [motor] = SOUND as [SoundMotor, ...SoundMotor[]];
  const chances = (entries: StationEntries): readonly string[] =>
    assess(entries).standing.suspects.map(({ suspect, probability }) => `${suspect} ${probability.toFixed(9)}`);

  test("readings of a board in any order, and from either post", () => {
    const findings = motor.findings;
    const turned = findings.map((raw) => {
      const pairs = raw.pairs as { a: string; b: string }[] | undefined;
      return pairs ? { ...raw, pairs: pairs.toReversed().map((pair) => ({ ...pair, a: pair.b, b: pair.a })) } : raw;
    });
    expect(chances(toEntries(motor.plate, [], turned))).toEqual(chances(toEntries(motor.plate, [], findings)));
  });

  const TWO = {
    type: "cap-start-run",
    machine: "pump",
    supply_v: 230,
    f_hz: 60,
    full_load_a: 9.8,
    full_load_rpm: 3450,
    run_capacitor_uf: 20,
    start_capacitor_uf: 130,
    power_w: 1119,
  };
  const run = {
    test: "capacitor-meter",
    role: "run",
    rated_uf: 20,
    tolerance_low_pct: -6,
    tolerance_high_pct: 6,
    reading_uf: 15.2,
    reading_word: null,
  };
  const start = { test: "capacitor-meter", role: "start", range_low_uf: 124, range_high_uf: 149, reading_uf: 131, reading_word: null };
  test("two capacitors: which label was typed first says nothing, nor at which part running figures were keyed", () => {
    const running = { test: "capacitor-running", amps: 1.9, volts: 352 };
    for (const extra of [[], [running]])
      expect(chances(toEntries(TWO, ["starts-slow"], [start, run, ...extra]))).toEqual(
        chances(toEntries(TWO, ["starts-slow"], [run, start, ...extra])),
      );
    expect(assess(toEntries(TWO, [], [start, run, running])).stations.capacitor.detail).toMatchObject({
      state: "label",
      areExchanged: false,
    });
  });

  test("readings of two parts keyed at one another are asked about, and accuse nobody", () => {
    const found = assess(
      toEntries(
        TWO,
        [],
        [
          { ...run, reading_uf: 131 },
          { ...start, reading_uf: 19.1 },
        ],
      ),
    );
    expect(found.stations.capacitor).toMatchObject({ stamp: "unsure", findings: [], detail: { areExchanged: true } });
  });

  test.each<[string, RawFinding, "insulation" | "capacitor" | "supply" | "run-test", readonly [string, string]]>([
    ["megohms", { test: "insulation", megohm: 2.4, temperature_c: 30 }, "insulation", ["2.400M", "2400k"]],
    ["microfarads", run, "capacitor", ["15.200", "15200n"]],
    [
      "volts",
      { test: "supply-voltage", idle_v: 190, starting_v: 180, call: "calls", at_disconnect_v: null },
      "supply",
      ["190.0", "0.1900kV"],
    ],
    ["amps", { test: "run-amps", amps: 11.2 }, "run-test", ["11.200", "11200mA"]],
  ])("the unit of a figure says nothing: %s", (_, finding, station, [plain, other]) => {
    const entries = toEntries(TWO, ["slow-or-weak"], [{ test: "run-behaviour", does: "starts" }, finding]);
    const typed = (text: string): StationEntries => {
      const reread = (value: unknown): unknown => {
        if (Array.isArray(value)) return value.map(reread);
        if (value === null || typeof value !== "object") return value;
        const { text: was, reading } = value as { text?: string; reading?: { quantity: Quantity } | null };
        if (was !== undefined && reading && Number.parseFloat(was) === Number.parseFloat(plain))
          return takeReading(text, reading.quantity, DEFAULT_METER, "2026-11-30T10:00:00.000Z").entry;
        return Object.fromEntries(Object.entries(value).map(([key, each]) => [key, reread(each)]));
      };
      return { ...entries, [station]: reread(entries[station]) } as StationEntries;
    };
    const [one, two] = [chances(typed(plain)), chances(typed(other))];
    expect(Object.keys(one)).toEqual(Object.keys(two));
    expect(JSON.stringify(typed(other))).toContain(other);
    expect(one).toEqual(two);
  });
});
