// npm run sentences: every text of the interface a person can meet, by file, to be read whole.
import { allTexts } from "./lib/sentences";

let file = "";
for (const { file: at, line, text } of allTexts(process.cwd())) {
  if (at !== file) console.log(`\n${at}`);
  file = at;
  console.log(`${String(line).padStart(5)}  ${text}`);
}
