"use client";

/** How far a long piece of work is. */
export interface Done {
  readonly done: number;
  readonly all: number;
}

/** How far it is, and the way to stop it. */
export function LongWorkBar({ what, at, onStop }: { what: string; at: Done | null; onStop: () => void }) {
  const share = at === null || at.all === 0 ? null : Math.min(1, at.done / at.all);
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
      <span className="min-w-0 flex-1 basis-44">
        <span className="caption block">
          <span role="status">{what}</span>
          {/* Told by the bar itself: numbers that run are not read out. */}
          <span aria-hidden="true">{at === null ? " …" : `: ${at.done.toLocaleString("en")} of ${at.all.toLocaleString("en")}`}</span>
        </span>
        <progress className="h-[10px] w-full accent-press" aria-label={what} max={1} {...(share === null ? {} : { value: share })} />
      </span>
      <button type="button" className="btn" onClick={onStop}>
        Stop
      </button>
    </div>
  );
}
