import { copyFileSync, existsSync, mkdirSync, statSync } from "node:fs";
import { dirname, join, resolve } from "node:path";

/** A file of a package, from the nearest folder of packages that has it. */
export function inPackages(path) {
  for (let folder = process.cwd(); ; folder = dirname(folder)) {
    const found = join(folder, "node_modules", path);
    if (existsSync(found) || folder === dirname(folder)) return resolve(found);
  }
}

/** Lays files of packages where the program serves them from; those that lie there already stay. */
export function layOut(folder, files) {
  mkdirSync(folder, { recursive: true });
  for (const [name, from] of Object.entries(files)) {
    const [source, target] = [inPackages(from), join(folder, name)];
    if (!existsSync(target) || statSync(target).size !== statSync(source).size) copyFileSync(source, target);
  }
}
