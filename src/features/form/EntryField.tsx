"use client";
import { lazy, Suspense } from "react";
import type { Entry, Quantity, Slip } from "@/core/quantity";
import type { House } from "@/records";
import { MeterField } from "./MeterField";
import { entryProblem, PAD_EXTRAS, toEntry, unitSymbol } from "./reading";

/** Few figures are in question: what asks about them comes with the first. */
const SlipLine = lazy(async () => ({ default: (await import("./SlipLine")).SlipLine }));

interface EntryFieldProps {
  readonly label: string;
  readonly quantity: Quantity;
  readonly entry: Entry | null;
  readonly house: House;
  readonly onEntry: (entry: Entry | null) => void;
  readonly isAutoFocused?: boolean;
  readonly size?: "normal" | "large";
  readonly onFocusField?: () => void;
  /** the figure looks like a slip, and this one would go with the rest */
  readonly slip?: Slip | null;
  /** what it is held against, for the sentence: "the label" */
  readonly slipWhy?: string;
  /** beside what the station asks for: no meter's figure goes there by itself */
  readonly isAside?: boolean;
}

/** A meter reading: keyed text in, entry out; kept with every keystroke. A figure that looks like a slip is asked under its line. */
export function EntryField({
  label,
  quantity,
  entry,
  house,
  onEntry,
  slip = null,
  slipWhy = "the rest",
  isAside = false,
  ...rest
}: EntryFieldProps) {
  return (
    <div className="min-w-0">
      <MeterField
        label={label}
        text={entry?.text ?? ""}
        unit={unitSymbol(quantity)}
        signs={PAD_EXTRAS[quantity]}
        problem={entryProblem(entry, quantity)}
        onText={(text) => onEntry(toEntry(text, quantity, house))}
        takes={{ quantity, entry, isDoubtful: slip !== null, isAside, put: onEntry }}
        {...rest}
      />
      {slip && entry ? (
        <Suspense>
          <SlipLine
            slip={slip}
            quantity={quantity}
            why={slipWhy}
            onTake={(text) => onEntry(toEntry(text, quantity, house))}
            onSure={() => onEntry({ ...entry, isSure: true })}
          />
        </Suspense>
      ) : null}
    </div>
  );
}
