"use client";

interface TickMomentProps {
  readonly label: string;
  readonly isOn: boolean;
  /** when it was ticked, as it is shown */
  readonly when?: string;
  readonly onToggle: (isOn: boolean) => void;
}

/** One thing to tick, with the time at which it was. */
export function TickMoment({ label, isOn, when = "", onToggle }: TickMomentProps) {
  return (
    <label className="flex min-h-[44px] items-center gap-3 text-[15px]">
      <input type="checkbox" className="h-5 w-5 accent-press" checked={isOn} onChange={(event) => onToggle(event.target.checked)} />
      <span className="flex-1">{label}</span>
      {when ? <span className="num text-[13px] text-ink-soft">{when}</span> : null}
    </label>
  );
}
