"use client";
import { useEffect } from "react";
import { useOldLines } from "@/store/old-lines";

/** Once the page is there, and no sooner: what it shows first is what is kept. */
const SOON_MS = 50;
/** A card shows itself: lists need its line when somebody looks at them, and judging it with every figure would wear a phone out. */
const ON_A_CARD_MS = 6000;
const delayMs = (): number => (window.location.pathname.startsWith("/traveller") ? ON_A_CARD_MS : SOON_MS);
/** The whole store is looked through once a tab, when nobody waits for anything. */
const LATER_MS = 4000;
const LOOKED_THROUGH = "vemmick-looked-through";

const keep = () => void import("./keep-summaries").then(({ keepSummaries }) => keepSummaries());

function isLookedThrough(): boolean {
  try {
    const was = sessionStorage.getItem(LOOKED_THROUGH) !== null;
    sessionStorage.setItem(LOOKED_THROUGH, "");
    return was;
  } catch {
    return true;
  }
}

/** Has what lists show of the cards derived anew, in a worker, whenever some of it is old. */
export function KeepSummaries() {
  const isOld = useOldLines();
  useEffect(() => {
    if (!isOld) return;
    const soon = setTimeout(keep, delayMs());
    return () => clearTimeout(soon);
  }, [isOld]);
  useEffect(() => {
    if (isLookedThrough()) return;
    const later = setTimeout(keep, LATER_MS);
    return () => clearTimeout(later);
  }, []);
  return null;
}
