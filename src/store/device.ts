"use client";
import { useEffect, useState } from "react";

/** What the browser says of the room it gives and of how long it keeps what is there. */
export interface DeviceStorage {
  /** whether it promised not to clear it by itself; null: it does not say */
  readonly isPersistent: boolean | null;
  readonly usedBytes: number | null;
  readonly roomBytes: number | null;
}

const manager = (): StorageManager | undefined => (typeof navigator === "undefined" ? undefined : navigator.storage);
let isAsked = false;

/** Asks the browser, once a page and only after something was kept, not to clear this by itself when the disk runs short. */
export function askToStay(): void {
  if (isAsked) return;
  isAsked = true;
  void manager()
    ?.persist?.()
    .catch(() => undefined);
}

async function readStorage(): Promise<DeviceStorage> {
  const [isPersistent, estimate] = await Promise.all([
    manager()
      ?.persisted?.()
      .catch(() => null) ?? null,
    manager()
      ?.estimate?.()
      .catch(() => null) ?? null,
  ]);
  return { isPersistent, usedBytes: estimate?.usage ?? null, roomBytes: estimate?.quota ?? null };
}

/** How full the device is and whether what is kept stays; null until the browser has answered. */
export function useDeviceStorage(): { readonly storage: DeviceStorage | null; readonly ask: () => Promise<void> } {
  const [storage, setStorage] = useState<DeviceStorage | null>(null);
  useEffect(() => {
    let isStale = false;
    void readStorage().then((found) => {
      if (!isStale) setStorage(found);
    });
    return () => {
      isStale = true;
    };
  }, []);
  const ask = async (): Promise<void> => {
    await manager()?.persist?.();
    setStorage(await readStorage());
  };
  return { storage, ask };
}
