"use client";

interface TickTimesProps<T extends string> {
  readonly legend: string;
  readonly steps: readonly { readonly id: T; readonly label: string }[];
  /** moment at which each step was ticked */
  readonly times: Readonly<Record<string, string>>;
  readonly show: (moment: string) => string;
  readonly onToggle: (id: T) => void;
}

/** Steps to tick off; each shows when it was ticked. */
export function TickTimes<T extends string>({ legend, steps, times, show, onToggle }: TickTimesProps<T>) {
  return (
    <fieldset>
      <legend className="heading-rule w-full">{legend}</legend>
      <ul>
        {steps.map(({ id, label }) => {
          const time = times[id];
          return (
            <li key={id} className="border-b border-rule-faint">
              <label className="flex min-h-[44px] items-center gap-3 text-[15px]">
                <input type="checkbox" className="h-5 w-5 accent-press" checked={time !== undefined} onChange={() => onToggle(id)} />
                <span className="flex-1">{label}</span>
                <span className="num text-[13px] text-ink-soft">{time === undefined ? "" : show(time)}</span>
              </label>
            </li>
          );
        })}
      </ul>
    </fieldset>
  );
}
