/** Damages exports in every way and reads them: prints counts as JSON. Arguments: how many, seed, deadline [ms since 1970]. */
import { isDeepStrictEqual } from "node:util";
import { parseVemmickFile, planImport, RECORD_TYPE_NAMES, RECORD_TYPES, writeVemmickFile, type Present, type RecordLists } from "@/records";
import { demoParts, demoRecords } from "@/records/demo";
import { UNSET_HOUSE } from "@/records/house-record";
import { randomFrom } from "../../tests/support/parts-list";

const [count = 1000, seed = 1, deadline = Infinity] = process.argv.slice(2).map(Number);

const NOW = new Date("2026-11-27T12:00:00.000Z");
const AT = NOW.toISOString();
const demo = demoRecords(NOW);
const RECORDS: RecordLists = {
  traveller: demo.travellers.slice(0, 6),
  station: demo.stations.filter(({ travellerId }) => demo.travellers.slice(0, 6).some(({ id }) => id === travellerId)),
  house: [{ ...UNSET_HOUSE, figures: { motorPrice: 300 }, updatedAt: AT }],
  part: demoParts(NOW).slice(0, 6),
  move: [],
  meter: [],
};
const GOOD = writeVemmickFile(RECORDS, AT).text;
const VERSIONS = (JSON.parse(GOOD) as { recordVersions: unknown }).recordVersions;
const NOTHING: Present = { traveller: new Map(), station: new Map(), house: new Map(), part: new Map(), move: new Map(), meter: new Map() };

type Random = () => number;
const pick = <T>(random: Random, values: readonly T[]): T => values[Math.floor(random() * values.length)] as T;
const HOSTILE: readonly unknown[] = [
  null,
  "",
  "\u0000\ud800\u202e",
  "x".repeat(9000),
  "<script>1</script>",
  "12026-02-31T25:61:00+99:00",
  "2026-11-27T12:00:00+23",
  "9999-12-31",
  -1,
  1e308,
  0.1,
  true,
  [],
  {},
  [[[[]]]],
  { __proto__: null, length: 1e9 },
  "__proto__",
  Array.from({ length: 600 }, () => "2026-11-27T12:00:00.000Z"),
];

/** Puts something hostile at some places of a file that is JSON still. */
function spoilValues(random: Random): string {
  const file = JSON.parse(GOOD) as unknown;
  const spoil = (value: unknown, depth: number): unknown => {
    if (depth > 0 && random() < 0.004) return pick(random, HOSTILE);
    if (Array.isArray(value)) return value.map((each) => spoil(each, depth + 1));
    if (typeof value !== "object" || value === null) return value;
    return Object.fromEntries(Object.entries(value).flatMap(([key, each]) => (random() < 0.002 ? [] : [[key, spoil(each, depth + 1)]])));
  };
  return JSON.stringify(spoil(file, 0));
}

/** Changes the bytes of the file itself. */
function spoilBytes(random: Random): string {
  const at = (): number => Math.floor(random() * GOOD.length);
  const kind = random();
  if (kind < 0.3) return GOOD.slice(0, at());
  if (kind < 0.5) return GOOD.slice(0, at()) + GOOD.slice(at());
  let text = GOOD;
  for (let index = 1 + Math.floor(random() * 4); index > 0; index -= 1) {
    const place = at();
    text = text.slice(0, place) + String.fromCharCode(32 + Math.floor(random() * 95)) + text.slice(place + 1);
  }
  return text;
}

const counts = { files: 0, refused: 0, partly: 0, whole: 0, shortened: 0, thrown: 0, lost: 0, notAgain: 0 };
const trouble: string[] = [];
for (let index = 0; index < count && Date.now() < deadline; index += 1) {
  const random = randomFrom(seed * 1_000_003 + index);
  const text = random() < 0.7 ? spoilValues(random) : spoilBytes(random);
  counts.files += 1;
  try {
    const read = parseVemmickFile(text);
    if (!read.ok) {
      counts.refused += 1;
      continue;
    }
    const plan = planImport(read.value, NOTHING, AT);
    if (plan.faults.length > 0) counts.partly += 1;
    else counts.whole += 1;
    if (plan.shortened.length > 0) counts.shortened += 1;
    // A record nobody touched, of a card that can be taken, must be taken as it is.
    const raw = JSON.parse(text) as Record<string, unknown>;
    // Versions are what a file says of itself: where they were changed, older steps are made on purpose.
    if (!isDeepStrictEqual(raw.recordVersions, VERSIONS)) continue;
    const cards = new Set<string>(plan.put.traveller.map(({ id }) => id));
    for (const name of RECORD_TYPE_NAMES) {
      const list = raw[RECORD_TYPES[name].list];
      const records: readonly unknown[] = Array.isArray(list) ? list : [list];
      const taken = new Map<string, unknown>(plan.put[name].map((record) => [record.id, record]));
      for (const good of RECORDS[name]) {
        const isUntouched = records
          .filter((each) => (each as { id?: unknown } | null)?.id === good.id)
          .every((each) => isDeepStrictEqual(each, JSON.parse(JSON.stringify(good))));
        const isThere = records.some((each) => (each as { id?: unknown } | null)?.id === good.id);
        const isOrphan = name === "station" && !cards.has((good as { travellerId: string }).travellerId);
        if (
          isThere &&
          isUntouched &&
          !isOrphan &&
          !isDeepStrictEqual(JSON.parse(JSON.stringify(taken.get(good.id) ?? null)), JSON.parse(JSON.stringify(good)))
        ) {
          counts.lost += 1;
          trouble.push(`file ${index}: ${name} ${good.id} was not touched, and not taken as it is`);
        }
      }
    }
    const again = writeVemmickFile(plan.put, AT);
    const back = parseVemmickFile(again.text);
    if (again.misfits.length > 0 || !back.ok || back.value.faults.length > 0) {
      counts.notAgain += 1;
      trouble.push(`file ${index}: what was taken cannot be written and read again`);
    }
  } catch (error) {
    counts.thrown += 1;
    trouble.push(`file ${index}: ${error instanceof Error ? error.message : "?"}`);
  }
}
console.log(JSON.stringify({ counts, trouble: trouble.slice(0, 10) }));
