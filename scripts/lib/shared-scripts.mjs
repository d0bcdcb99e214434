// How the build divides scripts: what several screens or workers need lies in one file, not in a copy each; and a list of what each
// screen, each part fetched later and each worker needs, for budgets and figures.
import { mkdirSync, writeFileSync } from "node:fs";
import { dirname, join, relative } from "node:path";

/** Where the list stands, below the folder of the build. */
export const SCRIPT_LIST = "vemmick-scripts.json";

/** A piece lighter than this rather stands twice than is a file of its own [bytes before compression]. */
const LEAST_BYTES = 20_000;
/** Screens and parts may be made of that many files. */
const MOST_FILES = 26;

/** Folders whose small parts come as one file when the first of them is opened. */
const TOGETHER = [
  "stations/capacitor",
  "stations/out-in",
  "stations/windings",
  "stations/run-test",
  "shell",
  "labels",
  "files",
  "print",
  "spare",
  "traveller",
  "ledger",
  "shelf",
  "rack",
  "line-up",
  "bench",
  "due",
  "motor",
  "naming",
].map((folder) => `src/features/${folder}`);
/** Such a part is fetched by itself all the same: it is what a page is opened for. */
const BY_ITSELF = /\/in-hand\.ts$|\/answer-card\.ts$|\.worker\.ts$/;

/** What webpack is told about dividing. */
const SHARED = {
  chunks: (chunk) => !/^(polyfills|main|pages\/_app)$/.test(chunk.name),
  maxInitialRequests: MOST_FILES,
  maxAsyncRequests: MOST_FILES,
  minSize: LEAST_BYTES,
  // A file that serves pages and workers holds what any of them asks of it.
  usedExports: false,
  cacheGroups: {
    default: { minChunks: 2, priority: -20, reuseExistingChunk: true },
    defaultVendors: false,
  },
};

const isEntry = (group) => typeof group.getEntrypointChunk === "function";

/** Puts parts of one folder that are fetched later into one file. */
class PartsTogether {
  apply(compiler) {
    compiler.hooks.thisCompilation.tap("PartsTogether", (compilation) => {
      compilation.hooks.optimizeChunks.tap("PartsTogether", (chunks) => {
        const { chunkGraph, options } = compilation;
        const firsts = new Map();
        for (const chunk of [...chunks]) {
          const roots = [...chunkGraph.getChunkRootModules(chunk)].map((module) => module.nameForCondition() ?? "");
          const folder = relative(options.context, dirname(roots[0] ?? ""));
          if (chunk.name || !TOGETHER.includes(folder) || roots.some((root) => BY_ITSELF.test(root))) continue;
          if ([...chunk.groupsIterable].some(isEntry)) continue;
          const first = firsts.get(folder);
          if (first === undefined) firsts.set(folder, chunk);
          else if (chunkGraph.canChunksBeIntegrated(first, chunk)) {
            chunkGraph.integrateChunks(first, chunk);
            compilation.chunks.delete(chunk);
          }
        }
      });
    });
  }
}

/** Writes the list when the build is done. */
class ScriptList {
  apply(compiler) {
    compiler.hooks.afterEmit.tap("ScriptList", (compilation) => {
      const { chunkGraph, chunkGroups, options } = compilation;
      const near = (path) => relative(options.context, path);
      const lists = { entries: {}, parts: {}, workers: {} };
      for (const group of chunkGroups) {
        const scripts = group.getFiles().filter((file) => file.endsWith(".js"));
        const origins = group.origins.filter(({ module }) => module?.nameForCondition?.());
        if (isEntry(group) && origins.length === 0) lists.entries[group.name] = scripts;
        for (const { module, request } of origins) {
          if (isEntry(group)) lists.workers[near(module.nameForCondition())] = scripts;
          else lists.parts[`${near(module.nameForCondition())} ${request}`] = scripts;
        }
      }
      let bytes = 0;
      let distinctBytes = 0;
      for (const each of compilation.modules) {
        const copies = chunkGraph.getNumberOfModuleChunks(each);
        if (copies === 0 || !each.nameForCondition()) continue;
        bytes += each.size() * copies;
        distinctBytes += each.size();
      }
      const place = join(compiler.outputPath, SCRIPT_LIST);
      mkdirSync(dirname(place), { recursive: true });
      writeFileSync(place, JSON.stringify({ ...lists, bytes, distinctBytes }));
    });
  }
}

/**
 * Settings of the build's scripts for browsers.
 * @param {{ optimization: object, plugins: unknown[], resolve: { alias: object } }} webpack as the framework made them; changed in place
 */
export function shareScripts(webpack) {
  webpack.optimization.splitChunks = SHARED;
  webpack.plugins.push(new PartsTogether(), new ScriptList());
  // Its form for browsers of today; the usual one carries what older ones lack.
  webpack.resolve.alias.dexie$ = join(process.cwd(), "node_modules/dexie/dist/modern/dexie.mjs");
}
