import type { Folder, FolderFile } from "../port";

/** A folder in memory that several devices of a test share; another may cut a file of it short, as a slow service does. */
export interface StandInFolder extends Folder {
  readonly files: Map<string, { readonly content: Blob; readonly modifiedMs: number }>;
}

/** Makes one; its clock goes on by a second with each file that is written. */
export function standInFolder(name: string): StandInFolder {
  const files = new Map<string, { readonly content: Blob; readonly modifiedMs: number }>();
  let clockMs = Date.UTC(2026, 10, 1);
  return {
    name,
    files,
    state: () => Promise.resolve("open"),
    open: () => Promise.resolve(true),
    names: () => Promise.resolve([...files.keys()]),
    list: (isWanted) =>
      Promise.resolve(
        [...files]
          .filter(([file]) => isWanted(file))
          .map(([file, { content, modifiedMs }]): FolderFile => ({ name: file, modifiedMs, size: content.size })),
      ),
    read: (file) => Promise.resolve(files.get(file)?.content ?? null),
    write: (file, content) => {
      files.set(file, { content, modifiedMs: (clockMs += 1000) });
      return Promise.resolve();
    },
    remove: (file) => {
      files.delete(file);
      return Promise.resolve();
    },
  };
}
