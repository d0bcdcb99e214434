import { fileSave, supported } from "browser-fs-access";
import type { Folder, FolderFile, FolderPicker } from "../port";

type Handle = FileSystemDirectoryHandle;

/* What browsers that keep folders have beside the standard's types. */
type Mode = { readonly mode: "readwrite" };
type Asked = Handle & {
  readonly queryPermission?: (mode: Mode) => Promise<PermissionState>;
  readonly requestPermission?: (mode: Mode) => Promise<PermissionState>;
  readonly values: () => AsyncIterable<FileSystemHandle>;
};
type PickerWindow = Window & { readonly showDirectoryPicker?: (options: Mode & { readonly id: string }) => Promise<Handle> };

const MODE: Mode = { mode: "readwrite" };
/** The browser remembers where it was, for this purpose. */
const PICKER_ID = "team";

const isGone = (error: unknown): boolean => error instanceof DOMException && error.name === "NotFoundError";
const isLetBe = (error: unknown): boolean => error instanceof DOMException && error.name === "AbortError";

class FileSystemFolder implements Folder {
  constructor(readonly handle: Handle) {}

  get name(): string {
    return this.handle.name;
  }

  async state(): Promise<"open" | "ask"> {
    const state = await (this.handle as Asked).queryPermission?.(MODE);
    return state === undefined || state === "granted" ? "open" : "ask";
  }

  async open(): Promise<boolean> {
    return (await (this.handle as Asked).requestPermission?.(MODE)) !== "denied" && (await this.state()) === "open";
  }

  async names(): Promise<readonly string[]> {
    const names: string[] = [];
    for await (const entry of (this.handle as Asked).values()) if (entry.kind === "file") names.push(entry.name);
    return names;
  }

  async list(isWanted: (name: string) => boolean): Promise<readonly FolderFile[]> {
    const files: FolderFile[] = [];
    for await (const entry of (this.handle as Asked).values()) {
      if (entry.kind !== "file" || !isWanted(entry.name)) continue;
      const { name, lastModified, size } = await (entry as FileSystemFileHandle).getFile();
      files.push({ name, modifiedMs: lastModified, size });
    }
    return files;
  }

  async read(name: string): Promise<Blob | null> {
    try {
      return await (await this.handle.getFileHandle(name)).getFile();
    } catch (error) {
      if (isGone(error)) return null;
      throw error;
    }
  }

  async write(name: string, content: Blob): Promise<void> {
    // What is written lies under another name until it is whole: the browser puts it in the place of the old one at the end.
    await fileSave(content, { fileName: name }, await this.handle.getFileHandle(name, { create: true }), true);
  }

  async remove(name: string): Promise<void> {
    try {
      await this.handle.removeEntry(name);
    } catch (error) {
      if (!isGone(error)) throw error;
    }
  }
}

/** Folders of the device itself, where the browser lets a page keep one. */
export const fileSystemFolders: FolderPicker = {
  get isAvailable() {
    return supported && typeof window !== "undefined" && "showDirectoryPicker" in window;
  },
  pick: async () => {
    try {
      const handle = await (window as PickerWindow).showDirectoryPicker?.({ ...MODE, id: PICKER_ID });
      return handle ? new FileSystemFolder(handle) : null;
    } catch (error) {
      if (isLetBe(error)) return null;
      throw error;
    }
  },
  again: (kept) =>
    typeof FileSystemDirectoryHandle !== "undefined" && kept instanceof FileSystemDirectoryHandle ? new FileSystemFolder(kept) : null,
  keep: (folder) => (folder instanceof FileSystemFolder ? folder.handle : null),
};
