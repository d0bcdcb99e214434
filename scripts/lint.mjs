// npm run lint [-- FILE...]: all of the house, or these files. The rules that ask for types share one compilation of the house.
import { join } from "node:path";
import { ESLint } from "eslint";
import ts from "typescript";
import { ROOT } from "./lib/prepare.mjs";

const TYPED = ["**/*.ts", "**/*.tsx"];

/** The program that tsconfig.json names. */
function compileHouse() {
  const { options, fileNames, errors } = ts.getParsedCommandLineOfConfigFile(
    join(ROOT, "tsconfig.json"),
    { noEmit: true, incremental: false },
    { ...ts.sys, onUnRecoverableConfigFileDiagnostic: ({ messageText }) => console.error(messageText) },
  );
  const host = ts.createCompilerHost(options, true);
  return ts.createProgram({ rootNames: fileNames, options, host, configFileParsingDiagnostics: errors });
}

const files = process.argv.slice(2);
const eslint = new ESLint({
  cwd: ROOT,
  overrideConfig: [{ files: TYPED, languageOptions: { parserOptions: { projectService: false, programs: [compileHouse()] } } }],
});
const results = await eslint.lintFiles(files.length > 0 ? files : ["."]);
const found = results.reduce((sum, { errorCount, warningCount }) => sum + errorCount + warningCount, 0);
if (found > 0) console.error((await eslint.loadFormatter("stylish")).format(results));
process.exit(found === 0 ? 0 : 1);
