import { tally } from "../../scripts/walk/report";
import { TECHNICIANS } from "@/core/technicians/technicians";
import { walkJob, type Walked } from "../../scripts/walk/walk-job";

/**
 * Walks jobs of fixed seeds before the tests of a file, and holds what every walk has to hold.
 * @returns the jobs, filled once the tests run
 */
export function walkedJobs(firstSeed: number, jobs: number): readonly Walked[] {
  const walked: Walked[] = [];
  beforeAll(() => {
    for (let index = 0; index < jobs; index += 1) walked.push(walkJob(firstSeed + index));
  });

  test("no claim that is made outright is false, nothing unsafe is sent for, every job has an end, papers say what the card says", () => {
    const broken = walked.flatMap(({ job, broken: found }) => found.map(({ code, what }) => `${job.seed} ${job.policy}: ${code}, ${what}`));
    expect(broken).toEqual([]);
  });

  test("whoever follows the next move does the right thing first, and condemns no sound motor", () => {
    const all = tally();
    for (const each of walked) all.add(each);
    const { counts } = all.sum();
    expect(counts.jobs).toBe(jobs);
    expect(counts.right / counts.follow).toBeGreaterThan(0.85);
    expect(counts.condemned).toBeLessThanOrEqual(1);
  });

  test("claims are made, and every technician works", () => {
    expect(new Set(walked.map(({ job }) => job.policy))).toEqual(new Set(Object.keys(TECHNICIANS)));
    expect(walked.reduce((sum, { outright }) => sum + outright, 0)).toBeGreaterThan(4 * jobs);
  });
  return walked;
}
