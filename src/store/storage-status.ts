import type { Failure } from "@/core/result";

/** An action that was refused: nothing keyed is lost by it, and it was told once. What was keyed and not kept is in unsaved.ts. */
let refusal: Failure | null = null;
/** Why the database did not open; null while it did, or has not been tried. */
let notOpened: Failure | null = null;
const listeners = new Set<() => void>();

export function subscribeStorage(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export const refusedAction = (): Failure | null => refusal;
export const openFailure = (): Failure | null => notOpened;

/** Tells that an action was not done; null: it was told. */
export function reportRefusal(failure: Failure | null): void {
  if (failure === refusal) return;
  refusal = failure;
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
  CardGoneError: { code: "card-gone" },
};

/** Turns whatever the browser threw into a failure with a sentence. Dexie hides the cause in `inner`. */
export function toStorageFailure(error: unknown): Failure {
  const names: string[] = [];
  let each: unknown = error;
  while (each instanceof Error || (typeof each === "object" && each !== null && "name" in each)) {
    names.push(String(each.name));
    if ("fault" in each) return { code: "change-misfit", fault: each.fault as Extract<Failure, { code: "change-misfit" }>["fault"] };
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
 * Does an action of the store, and tells when it was refused.
 * @returns whether it was done
 */
export async function attempt(act: () => Promise<unknown>): Promise<boolean> {
  try {
    await act();
    reportRefusal(null);
    return true;
  } catch (error) {
    reportRefusal(toStorageFailure(error));
    return false;
  }
}
