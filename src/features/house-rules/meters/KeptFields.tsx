"use client";
import { useState } from "react";
import { LineField, NoteField } from "@/components/LineField";
import type { Profile } from "@/core/meter-line";

export type ChangeProfile = (change: Partial<Profile>) => void;

interface KeptNoteProps<Value> {
  readonly label: string;
  readonly text: string;
  readonly read: (text: string) => { readonly value: Value } | { readonly problem: string };
  readonly onValue: (value: Value) => void;
}

/** A few lines that are kept once they can be read; until then they stand there as they were typed. */
export function KeptNote<Value>({ label, text, read, onValue }: KeptNoteProps<Value>) {
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typed ?? text;
  const tried = typed === null ? null : read(typed);
  return (
    <div>
      <NoteField
        label={label}
        rows={3}
        text={shown}
        onText={(next) => {
          setTyped(next);
          const now = read(next);
          if ("value" in now && isKeepable(now.value)) onValue(now.value);
        }}
      />
      {tried && "problem" in tried ? <p className="mt-1 text-[13.5px] font-medium text-out">{tried.problem}</p> : null}
    </div>
  );
}

/** Words longer than any line of a meter are not kept. */
const isKeepable = (value: unknown): boolean => JSON.stringify(value).length < 4000;

interface KeptFigureProps {
  readonly label: string;
  readonly unit: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly onValue: (value: number) => void;
}

/** A whole figure within its bounds. */
export function KeptFigure({ label, unit, value, least, most, onValue }: KeptFigureProps) {
  const [problem, setProblem] = useState<string | null>(null);
  return (
    <LineField
      label={label}
      unit={unit}
      isFigure
      text={String(value)}
      problem={problem}
      onText={(text) => {
        const figure = Number(text.trim());
        const isRight = /^\d+$/.test(text.trim()) && figure >= least && figure <= most;
        setProblem(isRight ? null : `Type a whole number from ${least} to ${most}.`);
        if (isRight) onValue(figure);
      }}
    />
  );
}

interface KeptTextProps {
  readonly label: string;
  readonly example: string;
  readonly text: string;
  readonly problem: string;
  readonly isRight: (text: string) => boolean;
  readonly onText: (text: string) => void;
}

/** A line that is kept once it is right. */
export function KeptText({ label, example, text, problem, isRight, onText }: KeptTextProps) {
  const [isWrong, setWrong] = useState(false);
  return (
    <LineField
      label={label}
      example={example}
      isFigure
      text={text}
      problem={isWrong ? problem : null}
      onText={(typed) => {
        setWrong(!isRight(typed));
        if (isRight(typed)) onText(typed);
      }}
    />
  );
}
