import { NOTHING_TAKEN, takeNext } from "@/core/hold";
import { beginReading, PLAIN_PROFILE, readBytes } from "@/core/meter-line";
import { actOn, mockCase, tipPlaces, WISHES, worldAfter, type MockAct } from "@/core/mock";
import { quantileOfSorted } from "@/core/numeric";

const AT = "2026-12-02T10:00:00.000Z";
/** Median and 95th percentile of what is done so often [ms]. */
function timesOf(rounds: number, work: (round: number) => unknown): { readonly medianMs: number; readonly highMs: number } {
  const times = Array.from({ length: rounds }, (_, round) => {
    const start = performance.now();
    work(round);
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return { medianMs: quantileOfSorted(times, 0.5), highMs: quantileOfSorted(times, 0.95) };
}

const free = timesOf(200, (seed) => mockCase({ seed, level: "usual", wish: null }));
const wished = timesOf(3 * WISHES.length, (round) =>
  mockCase({ seed: round * 17, level: "plain", wish: WISHES[round % WISHES.length] ?? null }),
);
const world = { ...worldAfter(mockCase({ seed: 7, level: "plain", wish: "run-weak" }), []), isLive: false };
const acts: readonly MockAct[] = [
  { kind: "test", test: "hand-turn" },
  { kind: "tips", test: "winding-ohms" },
  { kind: "work", work: "replace-run-capacitor", label: "10 µF 440 V" },
];
const answers = timesOf(300, (round) => actOn(world, acts[round % acts.length] as MockAct, AT));
const tips = timesOf(300, () => tipPlaces(world, "capacitor", "capacitor-meter", AT));

const begun = beginReading(PLAIN_PROFILE);
if (!begun.ok) throw new Error("a profile that ships is ready");
let [reader, taking] = [begun.value, NOTHING_TAKEN];
const HAND = { wanted: "resistance", asked: "1 to 2", isDead: true, safeVolts: 30 } as const;
const second = timesOf(200, (round) => {
  for (let sample = 0; sample < 20; sample += 1) {
    const after = readBytes(reader, new TextEncoder().encode(`${(31.4 + (round % 7) * 0.1).toFixed(1)} ohm\r\n`));
    reader = after.reader;
    for (const { shows } of after.lines) if (shows) taking = takeNext(taking, { ...shows, atMs: (round * 20 + sample) * 50 }, HAND).taking;
  }
});

console.log(JSON.stringify({ free, wished, answers, tips, second }));
