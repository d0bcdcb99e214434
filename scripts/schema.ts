import { readFileSync, writeFileSync } from "node:fs";
import { vemmickJsonSchema } from "@/records/json-schema";

/** Writes docs/vemmick.schema.json; with --check only says whether it is current. */
const PATH = "docs/vemmick.schema.json";
const text = `${JSON.stringify(vemmickJsonSchema(), null, 2)}\n`;

if (!process.argv.includes("--check")) {
  writeFileSync(PATH, text);
  console.log(`Wrote ${PATH}`);
} else if (readFileSync(PATH, "utf8") !== text) {
  console.error(`${PATH} is not what the schemas say. Run: npm run schema`);
  process.exitCode = 1;
}
