import type { Failure } from "@/core/result";

/** The last trouble with keeping data; null while all is kept. Shown as a banner on every screen. */
let current: Failure | null = null;
/** Why the database did not open; null while it did, or has not been tried. */
let notOpened: Failure | null = null;
const listeners = new Set<() => void>();

export function subscribeStorage(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export function storageFailure(): Failure | null {
  return current;
}

export function openFailure(): Failure | null {
  return notOpened;
}

function report(failure: Failure | null): void {
  if (failure?.code === current?.code) return;
  current = failure;
  listeners.forEach((listener) => listener());
}

/** Names of the errors a browser raises when it refuses, is full, or the data is newer than the program. */
const BY_NAME: Record<string, Failure> = {
  QuotaExceededError: { code: "storage-full" },
  MissingAPIError: { code: "storage-blocked" },
  InvalidStateError: { code: "storage-blocked" },
  SecurityError: { code: "storage-blocked" },
  OpenFailedError: { code: "storage-blocked" },
  NewerDataError: { code: "storage-newer" },
  VersionError: { code: "storage-newer" },
};

/** Turns whatever the browser threw into a failure with a sentence. Dexie hides the cause in `inner`. */
export function toStorageFailure(error: unknown): Failure {
  const names: string[] = [];
  let each: unknown = error;
  while (each instanceof Error || (typeof each === "object" && each !== null && "name" in each)) {
    names.push(String(each.name));
    each = (each as { inner?: unknown }).inner;
  }
  const known = names.toReversed().find((name) => Object.hasOwn(BY_NAME, name));
  return (
    (known !== undefined ? BY_NAME[known] : undefined) ?? {
      code: "storage-failed",
      detail: error instanceof Error ? error.message.slice(0, 160) : "",
    }
  );
}

/** Tells every screen that nothing can be read, and why. */
export function reportOpenFailure(error: unknown): void {
  notOpened = toStorageFailure(error);
  listeners.forEach((listener) => listener());
}

/**
 * Runs a write and tells the person when it was not kept; the figure stays on the screen either way.
 * @returns whether it was kept
 */
export async function keep(write: () => Promise<unknown>): Promise<boolean> {
  try {
    await write();
    report(null);
    return true;
  } catch (error) {
    report(toStorageFailure(error));
    return false;
  }
}
