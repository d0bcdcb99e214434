"use client";
import { PickOne } from "@/components/Choice";
import type { OverLimit } from "@/core/stations/capacitor";
import { useIntoView } from "../shared/asking";

const OVER_LIMIT_OPTIONS: readonly { readonly id: OverLimit; readonly label: string }[] = [
  { id: "beyond-range", label: "Beyond this meter's range" },
  { id: "shorted", label: "Shorted: near zero on ohms" },
];

/** OL on the capacitance range is a large part on a small meter as often as a short: the person says which. */
export default function OverLimitQuestion({ value, onValue }: { value: OverLimit | null; onValue: (value: OverLimit | null) => void }) {
  const ref = useIntoView<HTMLDivElement>(true);
  return (
    <div ref={ref} className="mt-2 scroll-mb-[260px] border-l-4 border-double border-close bg-close-wash px-3 py-2">
      <PickOne
        legend="OL: many meters end at 100 or 200 µF. Look on ohms, and say which"
        options={OVER_LIMIT_OPTIONS}
        picked={value}
        onPick={onValue}
      />
    </div>
  );
}
