"use client";
import { suggestStartRanges } from "@/core/capacitor";

/** Printed ranges of start capacitors that begin as the label does: one press writes the range. */
export default function StartRanges({ text, onPick }: { text: string; onPick: (label: string) => void }) {
  const ranges = suggestStartRanges(text);
  if (ranges.length === 0) return null;
  return (
    <p className="flex flex-wrap items-center gap-1.5 text-[13px]" aria-label="Printed start ranges">
      <span className="caption">Start range?</span>
      {ranges.map(([low, high]) => (
        <button
          key={low}
          type="button"
          className="num min-h-[36px] border border-press px-2 text-[12.5px] text-press max-md:min-h-[44px]"
          onClick={() => onPick(`${low}-${high} µF`)}
        >
          {low}–{high}
        </button>
      ))}
    </p>
  );
}
