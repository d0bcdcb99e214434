import type { LineFit } from "@/core/match";
import { FIT_WORDS } from "@/features/vocabulary/match-words";

/** Shape of each standing: a ring, a ring with a bar, a notch open at one side, a filled corner, a dashed box. */
const SHAPES: Record<LineFit, React.ReactNode> = {
  same: <circle cx="7" cy="7" r="5" fill="none" stroke="currentColor" strokeWidth="1.6" />,
  fits: (
    <>
      <circle cx="7" cy="7" r="5" fill="none" stroke="currentColor" strokeWidth="1.6" />
      <path d="M4 7h6" stroke="currentColor" strokeWidth="1.6" />
    </>
  ),
  can: <path d="M2 2v10h10M2 2h3M12 12V9" fill="none" stroke="currentColor" strokeWidth="1.8" />,
  no: <path d="M2 2h10v6l-4 4H2Z" fill="currentColor" />,
  unknown: <rect x="2" y="2" width="10" height="10" fill="none" stroke="currentColor" strokeWidth="1.4" strokeDasharray="2.5 2" />,
};
const COLOURS: Record<LineFit, string> = {
  same: "text-holds",
  fits: "text-holds",
  can: "text-close",
  no: "text-out",
  unknown: "text-ink-soft",
};

/** One standing of a match: its shape and its word. */
export function FitMark({ fit }: { fit: LineFit }) {
  return (
    <span className={`inline-flex items-baseline gap-1.5 font-semibold whitespace-nowrap ${COLOURS[fit]}`}>
      <svg width="13" height="13" viewBox="0 0 14 14" aria-hidden="true" className="translate-y-[1px]">
        {SHAPES[fit]}
      </svg>
      {FIT_WORDS[fit]}
    </span>
  );
}
