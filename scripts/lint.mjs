// npm run lint [-- FILE...]: all of the house, or these files. Rules that ask for types are asked of the native compiler; the others
// need none, and those of React run where there is React (eslint.config.mjs). Over all of the house it also names exports and files that
// nobody uses (knip.json).
import { bin, run } from "./lib/prepare.mjs";

const files = process.argv.slice(2);
const where = files.length > 0 ? files : ["."];
const typed = run(process.execPath, [bin("oxlint/bin/oxlint"), "--type-aware", "--deny-warnings", ...where]);
const untyped = run(process.execPath, [bin("eslint/bin/eslint.js"), "--max-warnings", "0", ...where]);
const needless = files.length > 0 ? 0 : run(process.execPath, [bin("knip/bin/knip.js"), "--no-progress", "--no-config-hints"]);
process.exit(typed === 0 && untyped === 0 && needless === 0 ? 0 : 1);
