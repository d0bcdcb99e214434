import { CLAIM_CODES } from "@/core/claim";
import { TRUTHS } from "../../scripts/walk/truth";
import { walkJob } from "../../scripts/walk/walk-job";
import { walkedJobs } from "../support/walked-jobs";

const FIRST_SEED = 1;
const walked = walkedJobs(FIRST_SEED, 100);

test("every claim has its truth", () => {
  expect(Object.keys(TRUTHS).sort()).toEqual([...CLAIM_CODES].sort());
});

test("the same seed is the same job, to the last word", () => {
  expect(walkJob(17).job.told).toEqual(walked[17 - FIRST_SEED]?.job.told);
});
