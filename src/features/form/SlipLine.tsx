"use client";
import type { ReactNode } from "react";
import { formatQuantity, type Quantity, type Slip, type SlipKind } from "@/core/quantity";
import { useIntoView, useSettled } from "./asking";

const KIND_WORDS: Record<SlipKind, string> = {
  point: "the point is one place off",
  prefix: "its prefix is left out, or one too many",
  exchanged: "two digits are exchanged",
  digit: "one digit is wrong",
};

interface QuestionFrameProps {
  /** what is in question; it is asked once it rests */
  readonly typed: string;
  readonly text: ReactNode;
  readonly children: ReactNode;
}

/** Asks about what was typed once the keys rest, where it can be seen: half a figure is no slip. */
export function QuestionFrame({ typed, text, children }: QuestionFrameProps) {
  const isSettled = useSettled(typed);
  const ref = useIntoView<HTMLDivElement>(isSettled);
  if (!isSettled) return null;
  return (
    <div
      ref={ref}
      role="group"
      aria-label="Not sure of a figure"
      className="mt-1.5 scroll-mb-[260px] border-l-4 border-double border-close bg-close-wash px-3 py-2"
    >
      <p className="text-[14px]">{text}</p>
      <div className="mt-1.5 flex flex-wrap gap-2">{children}</div>
    </div>
  );
}

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
export function SlipLine({ slip, quantity, name = "this figure", why, onTake, onSure }: SlipLineProps) {
  const typed = slip.typed.trim();
  const meant = formatQuantity(quantity, slip.value);
  const isImpossible = slip.kind === "impossible";
  return (
    <QuestionFrame
      typed={slip.typed}
      text={
        <>
          <b>Not sure of {name}.</b>{" "}
          {slip.kind === "impossible"
            ? `${typed} does not go with ${why}: nothing shows so much. Look at the display and its unit, and type it again.`
            : `${typed} does not go with ${why}; ${meant} would, if ${KIND_WORDS[slip.kind]}.`}
        </>
      }
    >
      {isImpossible ? null : (
        <button type="button" className="btn btn-filled" onClick={() => onTake(slip.text)}>
          {meant} is meant
        </button>
      )}
      <button type="button" className="btn" onClick={onSure}>
        {typed} is right
      </button>
    </QuestionFrame>
  );
}
