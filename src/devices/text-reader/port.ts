import type { Failure, Result } from "@/core/result";

/** Reads lines of text on small pictures, on this device. */
export interface TextReader {
  /**
   * Reads one line.
   * @param picture a PNG
   * @returns its text; empty where nothing is made of it
   */
  read(picture: Uint8Array): Promise<string>;
  /** Gives its memory back; nothing is read after that. */
  close(): void;
}

/** A reader of text, whatever does it. */
export interface TextReaderSource {
  /** what is fetched once before it reads for the first time [MB] */
  readonly fetchMb: number;
  /** whether all of it lies on the device already */
  isHere(): Promise<boolean>;
  /**
   * Makes it ready.
   * @param onProgress told the part that is done, 0 to 1
   * @errors 'photo-reader-missing' where its files cannot be fetched, 'photo-reader-failed' where this browser cannot run it
   */
  open(onProgress: (done: number) => void): Promise<Result<TextReader, Failure>>;
}
