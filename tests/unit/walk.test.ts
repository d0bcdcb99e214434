import { CLAIM_CODES } from "@/core/claim";
import { assessTraveller } from "@/core/traveller";
import { NO_STUDY } from "@/core/study";
import { HOUSE } from "../../scripts/walk/job";
import { tally } from "../../scripts/walk/report";
import { TECHNICIANS } from "../../scripts/walk/technicians";
import { TRUTHS } from "../../scripts/walk/truth";
import { walkJob, type Walked } from "../../scripts/walk/walk-job";
import { CARD_RELATIONS } from "../relations/card-relations";

const FIRST_SEED = 1;
const JOBS = 200;

const walked: Walked[] = [];
beforeAll(() => {
  for (let index = 0; index < JOBS; index += 1) walked.push(walkJob(FIRST_SEED + index));
});

test("no claim that is made outright is false, nothing unsafe is sent for, every job has an end, papers say what the card says", () => {
  const broken = walked.flatMap(({ job, broken: found }) => found.map(({ code, what }) => `${job.seed} ${job.policy}: ${code}, ${what}`));
  expect(broken).toEqual([]);
});

test("whoever follows the next move does the right thing first, and condemns no sound motor", () => {
  const all = tally();
  for (const each of walked) all.add(each);
  const { counts } = all.sum();
  expect(counts.jobs).toBe(JOBS);
  expect(counts.right / counts.follow).toBeGreaterThan(0.85);
  expect(counts.condemned).toBeLessThanOrEqual(1);
});

test("every claim has its truth, most of them are made, and every technician works", () => {
  expect(Object.keys(TRUTHS).sort()).toEqual([...CLAIM_CODES].sort());
  expect(new Set(walked.map(({ job }) => job.policy))).toEqual(new Set(Object.keys(TECHNICIANS)));
  expect(walked.reduce((sum, { outright }) => sum + outright, 0)).toBeGreaterThan(4 * JOBS);
});

test("the same seed is the same job, to the last word", () => {
  expect(walkJob(17).job.told).toEqual(walked[17 - FIRST_SEED]?.job.told);
});

describe.each(CARD_RELATIONS.map((relation) => [relation.name, relation] as const))("%s", (_, { change, differs }) => {
  test("changes nothing that it must not", () => {
    let changed = 0;
    const faults = walked.slice(0, 120).flatMap(({ job: { entries, seed } }) => {
      const other = change(entries);
      if (other === null) return [];
      changed += 1;
      const [before, after] = [entries, other].map((each) => assessTraveller(each, HOUSE, [], NO_STUDY));
      return before && after ? differs(before, after).map((what) => `${seed}: ${what}`) : [];
    });
    expect(faults).toEqual([]);
    expect(changed).toBeGreaterThan(4);
  });
});
