"use client";
import { useEffect, type RefObject } from "react";
import { useSwipeable } from "react-swipeable";

/** Hears a finger that draws something upward. Draws nothing; it comes once the screen stands. */
export default function SwipeUp({ of, onUp }: { of: RefObject<HTMLElement | null>; onUp: () => void }) {
  const { ref } = useSwipeable({ onSwipedUp: onUp });
  useEffect(() => {
    ref(of.current);
    return () => ref(null);
  }, [ref, of]);
  return null;
}
