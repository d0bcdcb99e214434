"use client";
import { lazy, Suspense, useEffect, useState } from "react";
import type { LinkPlace } from "./link";
import { isSimulatedOpen, LINK_WANTED, METER_CHANGED, rememberedMeter } from "./remembered";

const LinkPanel = lazy(() => import("./LinkPanel"));

/** Whether the panel of the meter's line is asked for, and the two parts that show it and ask for it. */
export interface LinkAsked {
  readonly isWanted: boolean;
  /** what is open is no meter, but a simulated motor */
  readonly isSimulated: boolean;
  setWanted(isWanted: boolean): void;
}

/** Asked for by a press, by a line that was open before the page was loaded anew, or by whoever opens one from elsewhere. */
export function useLinkAsked(): LinkAsked {
  const [isWanted, setWanted] = useState(() => rememberedMeter() !== null);
  const [isSimulated, setSimulated] = useState(isSimulatedOpen);
  useEffect(() => {
    const show = (): void => setWanted(true);
    const look = (): void => setSimulated(isSimulatedOpen());
    document.addEventListener(LINK_WANTED, show);
    document.addEventListener(METER_CHANGED, look);
    return () => {
      document.removeEventListener(LINK_WANTED, show);
      document.removeEventListener(METER_CHANGED, look);
    };
  }, []);
  return { isWanted, isSimulated, setWanted };
}

/** The panel of the meter's line, over the work; it comes when it is first asked for. */
export function LinkSlot({ place, asked: { isWanted, setWanted } }: { place: LinkPlace; asked: LinkAsked }) {
  if (!isWanted) return null;
  return (
    <Suspense>
      <LinkPanel place={place} onDone={() => setWanted(false)} />
    </Suspense>
  );
}

/** Beside the title to the eye; after the work to the keyboard, which has no use for it every time. */
export function LinkButton({ asked: { isWanted, setWanted } }: { asked: LinkAsked }) {
  if (isWanted) return null;
  return (
    <button type="button" className="btn btn-plain no-print" onClick={() => setWanted(true)}>
      Meter link
    </button>
  );
}
