"use client";
import { useId } from "react";

const BOX =
  "relative inline-flex min-h-[44px] cursor-pointer items-center gap-2 border-[1.5px] border-ink bg-sheet px-3 text-[14px] has-[:checked]:bg-ink has-[:checked]:text-sheet has-[:focus-visible]:outline-3 has-[:focus-visible]:outline-offset-2 has-[:focus-visible]:outline-press has-[:disabled]:opacity-50";

interface Option<T extends string> {
  readonly id: T;
  readonly label: string;
}

/** One choice as a box to press; the input lies over all of it. */
function ChoiceBox({ label, isOn, ...input }: { label: string; isOn: boolean } & React.ComponentProps<"input">) {
  return (
    <label className={BOX}>
      <input className="absolute inset-0 h-full w-full cursor-pointer opacity-0" checked={isOn} {...input} />
      <Mark isOn={isOn} />
      {label}
    </label>
  );
}

/** Tick as many as apply. */
export function TickList<T extends string>({
  legend,
  options,
  ticked,
  onToggle,
}: {
  legend: string;
  options: readonly Option<T>[];
  ticked: readonly T[];
  onToggle: (id: T) => void;
}) {
  return (
    <fieldset>
      <legend className="caption mb-1.5">{legend}</legend>
      <div className="flex flex-wrap gap-2">
        {options.map(({ id, label }) => (
          <ChoiceBox key={id} label={label} type="checkbox" isOn={ticked.includes(id)} onChange={() => onToggle(id)} />
        ))}
      </div>
    </fieldset>
  );
}

/** Pick one; picking it again takes it back. */
export function PickOne<T extends string>({
  legend,
  options,
  picked,
  onPick,
}: {
  legend: string;
  options: readonly Option<T>[];
  picked: T | null;
  onPick: (id: T | null) => void;
}) {
  const name = useId();
  return (
    <fieldset>
      <legend className="caption mb-1.5">{legend}</legend>
      <div className="flex flex-wrap gap-2">
        {options.map(({ id, label }) => (
          <ChoiceBox
            key={id}
            label={label}
            type="radio"
            name={name}
            isOn={picked === id}
            onChange={() => onPick(id)}
            onClick={() => {
              if (picked === id) onPick(null);
            }}
          />
        ))}
      </div>
    </fieldset>
  );
}

/** A drawn tick, so that the choice does not hang on colour alone. */
function Mark({ isOn }: { isOn: boolean }) {
  return isOn ? (
    <svg viewBox="0 0 12 12" className="h-3 w-3" aria-hidden="true">
      <path d="M1 6.5 4.5 10 11 2" fill="none" stroke="currentColor" strokeWidth="2" />
    </svg>
  ) : null;
}

const YES_NO = [
  { id: "yes", label: "Yes" },
  { id: "no", label: "No" },
] as const;

/** Yes, no, or not answered. */
export function YesNo({ legend, value, onValue }: { legend: string; value: boolean | null; onValue: (value: boolean | null) => void }) {
  return (
    <PickOne
      legend={legend}
      options={YES_NO}
      picked={value === null ? null : value ? "yes" : "no"}
      onPick={(id) => onValue(id === null ? null : id === "yes")}
    />
  );
}
