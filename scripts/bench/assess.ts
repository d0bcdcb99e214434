import { assessTraveller, type StationEntries } from "@/core/traveller";
import { toHouseFigures } from "@/core/house";
import { demoRecords } from "@/records/demo";

/** Prints the median and 95th percentile, in ms, of assessing one full traveller: every station, line-up, next move. */
const { stations } = demoRecords(new Date("2026-11-23T12:00:00.000Z"));
const rows = stations.filter(({ travellerId }) => (travellerId as string) === "demo-nursery-fan-weak");
const entries = Object.fromEntries(
  rows.map(({ stationId, data, skippedReason }) => [stationId, { data, skippedReason }]),
) as StationEntries;
const house = toHouseFigures({});

const RUNS = 2000;
for (let run = 0; run < RUNS; run += 1) assessTraveller(entries, house);
const times = Array.from({ length: RUNS }, () => {
  const start = performance.now();
  assessTraveller(entries, house);
  return performance.now() - start;
}).sort((a, b) => a - b);
console.log(JSON.stringify({ stations: rows.length, medianMs: times[RUNS / 2], p95Ms: times[Math.floor(RUNS * 0.95)] }));
