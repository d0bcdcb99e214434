"use client";
import { useEffect, useState } from "react";

/** Whether the screen was painted once: what a person looks at first comes first, and the rest is fetched then. */
export function usePainted(): boolean {
  const [isPainted, setPainted] = useState(false);
  useEffect(() => {
    let later: ReturnType<typeof setTimeout> | undefined;
    const frame = requestAnimationFrame(() => {
      later = setTimeout(() => setPainted(true));
    });
    return () => {
      cancelAnimationFrame(frame);
      clearTimeout(later);
    };
  }, []);
  return isPainted;
}
