"use client";
import { useId } from "react";
import type { SwingBehaviour } from "@/core/capacitor";

/** Ohms over time as the meter shows them; OL is the top of each drawing, zero its foot. */
const CURVES: readonly { readonly id: SwingBehaviour; readonly label: string; readonly path: string }[] = [
  { id: "takes-charge", label: "Dips, climbs to OL", path: "M6 8H16V46C24 44 40 10 70 8H90" },
  { id: "settles-at-bleed", label: "Dips, climbs, stops", path: "M6 8H16V46C24 44 40 26 60 24H90" },
  { id: "stays-low", label: "Stays near zero", path: "M6 8H16V47H90" },
  { id: "never-dips", label: "Never dips", path: "M6 8H90" },
];

/** Four drawn curves; one is picked, picking it again takes it back. */
export function SwingCurves({
  legend,
  picked,
  onPick,
}: {
  legend: string;
  picked: SwingBehaviour | null;
  onPick: (id: SwingBehaviour | null) => void;
}) {
  const name = useId();
  return (
    <fieldset>
      <legend className="caption mb-1.5">{legend}</legend>
      <div className="grid grid-cols-2 gap-2">
        {CURVES.map(({ id, label, path }) => (
          <label
            key={id}
            className="relative cursor-pointer border-[1.5px] border-ink bg-sheet px-2 py-1.5 text-[13px] has-[:checked]:bg-ink has-[:checked]:text-sheet has-[:disabled]:opacity-50 has-[:focus-visible]:outline-3 has-[:focus-visible]:outline-offset-2 has-[:focus-visible]:outline-press"
          >
            <input
              type="radio"
              name={name}
              className="absolute inset-0 h-full w-full cursor-pointer opacity-0"
              checked={picked === id}
              onChange={() => onPick(id)}
              onClick={() => {
                if (picked === id) onPick(null);
              }}
            />
            <svg viewBox="0 0 96 54" className="block h-12 w-full" aria-hidden="true">
              <path d="M6 4V50H92" fill="none" stroke="currentColor" strokeWidth="1" opacity="0.6" />
              <path d={path} fill="none" stroke="currentColor" strokeWidth="2.4" />
            </svg>
            {label}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
