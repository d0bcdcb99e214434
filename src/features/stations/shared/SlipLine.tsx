"use client";
import { formatQuantity, type Quantity, type Slip, type SlipKind } from "@/core/quantity";

const KIND_WORDS: Record<SlipKind, string> = {
  point: "the point is one place off",
  prefix: "its prefix is left out, or one too many",
  exchanged: "two digits are exchanged",
  digit: "one digit is wrong",
};

interface SlipLineProps {
  readonly slip: Slip;
  readonly quantity: Quantity;
  /** which figure, where more than one stands near */
  readonly name?: string;
  /** what speaks for the other figure */
  readonly why: string;
  readonly onTake: (text: string) => void;
  readonly onSure: () => void;
}

/** A figure that looks like a slip of the finger: one press takes the other, one says that it stands. Nothing changes by itself. */
export function SlipLine({ slip, quantity, name, why, onTake, onSure }: SlipLineProps) {
  const meant = formatQuantity(quantity, slip.value);
  return (
    <div role="group" aria-label="Not sure of a figure" className="mt-1.5 border-l-4 border-double border-close bg-close-wash px-3 py-2">
      <p className="text-[14px]">
        <b>Not sure of {name ?? "this figure"}.</b> {slip.typed.trim()} does not go with {why}
        {slip.kind === "impossible"
          ? ": nothing shows so much. Look at the display and its unit, and type it again."
          : `; ${meant} would, if ${KIND_WORDS[slip.kind]}.`}
      </p>
      <div className="mt-1.5 flex flex-wrap gap-2">
        {slip.kind === "impossible" ? null : (
          <button type="button" className="btn btn-filled" onClick={() => onTake(slip.text)}>
            {meant} is meant
          </button>
        )}
        <button type="button" className="btn" onClick={onSure}>
          {slip.typed.trim()} is right
        </button>
      </div>
    </div>
  );
}
