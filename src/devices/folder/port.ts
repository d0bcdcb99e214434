/** A file in a folder, as it lies there. */
export interface FolderFile {
  readonly name: string;
  readonly modifiedMs: number;
  readonly size: number;
}

/** A folder that a person has chosen, whatever carries it to others. */
export interface Folder {
  /** what a person knows it by */
  readonly name: string;
  /** `ask`: the browser wants to hear from a person first, by a press */
  state(): Promise<"open" | "ask">;
  /** Asks the person, in the turn of a press. @returns whether it is open now */
  open(): Promise<boolean>;
  /** Names of the files in it, not of those of folders within. */
  names(): Promise<readonly string[]>;
  /** Files in it that are wanted, by their names. */
  list(isWanted: (name: string) => boolean): Promise<readonly FolderFile[]>;
  /** A file of it; null: it is not there, or not any more. */
  read(name: string): Promise<Blob | null>;
  /** Writes a file whole: another device never finds half of it under its name here. */
  write(name: string, content: Blob): Promise<void>;
  /** Takes a file out of it; one that is not there is no hindrance. */
  remove(name: string): Promise<void>;
}

/** How a person chooses a folder, and how it is found again after the page was closed. */
export interface FolderPicker {
  /** whether this browser can keep a folder at all */
  readonly isAvailable: boolean;
  /** In the turn of a press. @returns null: nothing was chosen */
  pick(): Promise<Folder | null>;
  /** A folder by what was kept of it. */
  again(kept: unknown): Folder | null;
  /** What has to be kept of it to find it again; a browser's own database takes it. */
  keep(folder: Folder): unknown;
}
