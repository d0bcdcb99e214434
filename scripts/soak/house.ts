/** Plays houses of five devices: npx tsx scripts/soak/house.ts ACTS SEEDS FIRST_SEED DEADLINE_MS; prints one line of JSON. */
import { engine, playHouse } from "../../tests/support/team-house";

const [acts = 20_000, seeds = 10, first = 1, deadlineMs = Infinity] = process.argv.slice(2).map(Number);

async function play(): Promise<void> {
  await engine();
  const counts = { houses: 0, acts: 0, keyed: 0, lost: 0, unequal: 0, "counts that are wrong": 0 };
  const trouble: string[] = [];
  for (let seed = first; seed < first + seeds && Date.now() < deadlineMs; seed += 1) {
    const { lost, isEqual, counts: pieces, keyed } = playHouse(seed, acts);
    const wrong = pieces.filter(({ wanted, found }) => found.some((each) => each !== wanted));
    counts.houses += 1;
    counts.acts += acts;
    counts.keyed += keyed;
    counts.lost += lost.length;
    counts.unequal += isEqual ? 0 : 1;
    counts["counts that are wrong"] += wrong.length;
    if (lost.length > 0 || !isEqual || wrong.length > 0) trouble.push(`house ${seed}: ${lost[0] ?? (isEqual ? "a count" : "not equal")}`);
  }
  console.log(JSON.stringify({ counts, trouble }));
}
void play();
