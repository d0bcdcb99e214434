"use client";
import { useState } from "react";
import { formatNumber } from "@/core/quantity";
import { useDeviceStorage, type DeviceStorage } from "@/store/device";

const MB = 1024 * 1024;
const size = (bytes: number): string =>
  bytes >= 1024 * MB ? `${formatNumber(bytes / MB / 1024, 1)} GB` : `${formatNumber(bytes / MB, bytes < 10 * MB ? 1 : 0)} MB`;
/** From here on a person should think of making room. */
const NEARLY_FULL = 0.8;

/** How full the device is, in words. */
export function roomWords({ usedBytes, roomBytes }: DeviceStorage): string {
  if (usedBytes === null || roomBytes === null || roomBytes <= 0) return "This browser does not say how much room there is.";
  const share = usedBytes / roomBytes;
  const full = `${size(usedBytes)} of ${size(roomBytes)} used`;
  return share >= NEARLY_FULL ? `${full}: nearly full. Export your data and free some space.` : `${full}.`;
}

/** Whether what is kept stays, in words. */
export function stayWords({ isPersistent }: DeviceStorage): string {
  if (isPersistent === null) return "This browser does not say whether it keeps data for good. Export now and then.";
  return isPersistent
    ? "The browser keeps it until you remove it."
    : "The browser may clear it when the disk runs short: it has not agreed to keep it. Export now and then, or put Vemmick on the home screen and ask again.";
}

/** Whether the browser keeps what is here, and how full the device is. */
export function RoomLeft() {
  const { storage, ask } = useDeviceStorage();
  const [isAsked, setAsked] = useState(false);
  if (storage === null) return null;
  return (
    <div className="text-[14px]">
      <p>{stayWords(storage)}</p>
      <p>{roomWords(storage)}</p>
      {storage.isPersistent === false ? (
        <p className="mt-1 flex flex-wrap items-center gap-3">
          <button type="button" className="btn" onClick={() => void ask().then(() => setAsked(true))}>
            Ask to keep it
          </button>
          {isAsked ? <span role="status">The browser said no for now.</span> : null}
        </p>
      ) : null}
    </div>
  );
}
