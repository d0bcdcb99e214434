// The unit tests, compiled once: npm run test:unit [-- WORDS OF A PATH] runs all, or those whose path has these words in it.
import { layOutGrownHouse } from "./lib/grown-house.mjs";
import { bundleGrown, bundleTests, groupTests, unitTests } from "./lib/unit-bundles.mjs";
import { bin, run } from "./lib/prepare.mjs";

const args = process.argv.slice(2);
const place = args.indexOf("--report");
const report = place < 0 ? [] : ["--json", "--outputFile", args[place + 1]];
const words = args.filter((_, index) => place < 0 || (index !== place && index !== place + 1));
const wanted = unitTests().filter((file) => words.length === 0 || words.some((word) => file.includes(word)));
await bundleTests(wanted);
if (words.length === 0 || words.some((word) => "tests/dry-run/grown.ts".includes(word))) {
  if (!process.env.GROWN_IS_THERE) await layOutGrownHouse();
  await bundleGrown();
}
const { apart } = groupTests(wanted);
process.exit(
  run(process.execPath, [bin("jest/bin/jest.js"), "--config", "jest.config.mjs", ...report], { env: { VEMMICK_APART: apart.join(" ") } }),
);
