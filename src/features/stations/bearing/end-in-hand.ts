"use client";
import { BEARING_ENDS, type BearingEnd } from "@/core/bearing";
import { useState } from "react";

/** The end last worked at: changing the tab keeps it. */
let last: BearingEnd = "drive-end";

export function useEndInHand(): readonly [BearingEnd, (end: BearingEnd) => void] {
  const [end, setEnd] = useState<BearingEnd>(last);
  return [
    end,
    (next) => {
      last = next;
      setEnd(next);
    },
  ];
}

export { BEARING_ENDS };
