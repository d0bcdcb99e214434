"use client";
import { useState } from "react";
import { LineField } from "@/components/LineField";
import type { FieldReading } from "@/core/photo-text";
import { Cutting } from "./Cutting";
import type { StraightPicture } from "./session";
import { chanceWords, PHOTO_FIELD_WORDS, readWords, type PhotoField } from "./words";

interface FieldRowProps {
  readonly reading: FieldReading<PhotoField>;
  readonly pictures: readonly StraightPicture[];
  /** what stands in the field already */
  readonly stands: string;
  readonly onTake: (text: string) => void;
}

/** A guess less likely than this is no value to stand there large. */
const LEAST_SHOWN = 0.3;
const MOST_OTHERS = 3;

/** One field: the piece of picture it is read from, what it can be, and how sure that is. Nothing enters by itself. */
export function FieldRow({ reading, pictures, stands, onTake }: FieldRowProps) {
  const { field, candidates, isSure, read, at } = reading;
  const name = PHOTO_FIELD_WORDS[field];
  const [picked, setPicked] = useState<string | null>(null);
  const [typed, setTyped] = useState<string | null>(null);
  const [first] = candidates;
  const likeliest = first !== undefined && first.chance >= LEAST_SHOWN ? first.text : "";
  const text = typed?.trim() ? typed.trim() : (picked ?? likeliest);
  const chance = candidates.find((one) => one.text === text)?.chance ?? null;
  const isTaken = text !== "" && stands.trim() === text;
  const others = candidates.filter((one) => one.text !== text).slice(0, MOST_OTHERS);
  const picture = at === null ? undefined : pictures[at.picture];
  return (
    <li aria-label={name} className="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-4 border-b border-rule py-[6px]">
      <div className="flex min-w-0 flex-wrap items-center gap-x-3 gap-y-1">
        <span className="w-[112px] text-[14px] font-semibold">{name}</span>
        <span className="font-mono text-[17px]">{text === "" ? "?" : text}</span>
        {chance === null ? null : <span className="font-mono text-[13px]">{chanceWords(chance)}</span>}
        {picture && at ? <Cutting picture={picture} box={at.box} of={name} /> : null}
        <span className="caption">{readWords(read, text)}</span>
      </div>
      <button
        type="button"
        className={`btn ${isSure && stands.trim() === "" ? "btn-filled" : ""}`}
        disabled={text === "" || isTaken}
        aria-label={isTaken ? `${name}: it stands there` : text === "" ? `${name}: nothing to take` : `Take ${name} ${text}`}
        onClick={() => onTake(text)}
      >
        {isTaken ? "Stands there" : stands.trim() === "" || text === "" ? "Take" : `Instead of ${stands}`}
      </button>
      {isTaken || (isSure && picked === null) ? null : (
        <div className="col-span-2 flex flex-wrap items-end gap-2 pt-1">
          {others.length > 0 ? <span className="caption self-center">or</span> : null}
          {others.map((one) => (
            <button
              key={one.text}
              type="button"
              className="btn btn-plain font-mono text-[14px]"
              onClick={() => {
                setTyped(null);
                setPicked(one.text);
              }}
            >
              {one.text} {chanceWords(one.chance)}
            </button>
          ))}
          {typed === null ? (
            <button type="button" className="btn btn-plain" aria-label={`Type ${name}`} onClick={() => setTyped("")}>
              Type it
            </button>
          ) : (
            <div className="w-44">
              <LineField label={`${name}, as printed`} text={typed} isFigure isAutoFocused onText={setTyped} />
            </div>
          )}
        </div>
      )}
    </li>
  );
}
