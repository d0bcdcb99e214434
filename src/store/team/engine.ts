import { startEngine } from "@/records/team/document";

let started: Promise<void> | null = null;

const bytesOf = async (): Promise<Uint8Array> => {
  const response = await fetch(new URL("@automerge/automerge/automerge.wasm", import.meta.url));
  if (!response.ok) throw new Error("a part of the program could not be fetched");
  return new Uint8Array(await response.arrayBuffer());
};

/** Fetches what merging takes, once; what failed is tried again with the next question. */
export function engineReady(load: () => Promise<Uint8Array> = bytesOf): Promise<void> {
  started ??= load()
    .then(startEngine)
    .catch((error: unknown) => {
      started = null;
      throw error;
    });
  return started;
}

/** This start of the program, as documents tell it from every other: a copy of a profile never goes on with it. */
export const LIFE = Array.from(crypto.getRandomValues(new Uint8Array(8)), (byte) => byte.toString(16).padStart(2, "0")).join("");
