"use client";
import { FigureField } from "@/components/FigureField";
import type { Entry, Quantity } from "@/core/quantity";
import type { House } from "@/records";
import { entryProblem, toEntry, unitSymbol } from "./reading";

interface EntryFieldProps {
  readonly label: string;
  readonly quantity: Quantity;
  readonly entry: Entry | null;
  readonly house: House;
  readonly onEntry: (entry: Entry | null) => void;
  readonly isAutoFocused?: boolean;
  readonly size?: "normal" | "large";
  readonly onFocusField?: () => void;
}

/** A meter reading: keyed text in, entry out; kept with every keystroke. */
export function EntryField({ label, quantity, entry, house, onEntry, ...rest }: EntryFieldProps) {
  return (
    <FigureField
      label={label}
      text={entry?.text ?? ""}
      unit={unitSymbol(quantity)}
      problem={entryProblem(entry, quantity)}
      onText={(text) => onEntry(toEntry(text, quantity, house))}
      {...rest}
    />
  );
}
