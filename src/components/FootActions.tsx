"use client";

/** What lies under the thumb: where a press takes the caret, found by a selector. */
export interface FootAction {
  readonly label: string;
  readonly to: string;
}

/** The main things to do in a view, at the foot of a phone; on a desk everything is in sight. */
export function FootActions({ actions }: { actions: readonly FootAction[] }) {
  return (
    <nav
      aria-label="At hand"
      className="no-print fixed inset-x-0 bottom-0 z-20 flex gap-2 border-t-2 border-ink bg-ground px-4 py-2 lg:hidden"
    >
      {actions.map(({ label, to }, index) => (
        <button
          key={label}
          type="button"
          className={`btn flex-1 ${index === 0 ? "btn-filled" : ""}`}
          onClick={() => document.querySelector<HTMLElement>(to)?.focus()}
        >
          {label}
        </button>
      ))}
    </nav>
  );
}
