"use client";
import { useEffect, useState, useSyncExternalStore } from "react";
import { install, installState, subscribeInstall } from "../shell/install-offer";
import { installByHand, READINESS, versionWords, type Readiness } from "./device-words";

const BUILT_AT = process.env.NEXT_PUBLIC_BUILT_AT ?? "";

/** Asks the browser whether the pages are kept; answers again when they are. */
function useReadiness(): Readiness | null {
  const [readiness, setReadiness] = useState<Readiness | null>(null);
  useEffect(() => {
    let isOn = true;
    const say = (next: Readiness): void => {
      if (isOn) setReadiness(next);
    };
    const ask = async (): Promise<void> => {
      if (!window.isSecureContext) return say("not-secure");
      if (!("serviceWorker" in navigator)) return say("refused");
      const registration = await navigator.serviceWorker.getRegistration();
      if (!registration) return say("refused");
      if (!registration.active) say("being-kept");
      await navigator.serviceWorker.ready;
      say("ready");
    };
    void ask().catch(() => say("refused"));
    return () => {
      isOn = false;
    };
  }, []);
  return readiness;
}

/** Puts the program among the device's own, and tells whether it works without signal and how old it is. Drawn in the browser only. */
export function OnThisDevice() {
  const state = useSyncExternalStore(subscribeInstall, installState, () => "by-hand" as const);
  const readiness = useReadiness();
  return (
    <section aria-label="Install on this device" className="flex flex-col gap-3 text-[14px]">
      <h2 className="heading-rule">Install on this device</h2>
      {state === "offered" ? (
        <button type="button" className="btn btn-filled self-start" onClick={() => void install()}>
          Install on this device
        </button>
      ) : (
        <p>{state === "installed" ? "It is installed here, and opens like any other program." : installByHand(navigator.userAgent)}</p>
      )}
      <p role="status">{readiness === null ? null : READINESS[readiness]}</p>
      <p>{versionWords(BUILT_AT, new Date())}</p>
    </section>
  );
}
