"use client";
import { useState } from "react";
import { LineField } from "@/components/LineField";
import { PageLink } from "@/components/PageLink";
import { readCode, readLabelText, shortCode, type LabelText } from "@/core/exchange";
import type { Part } from "@/records";
import { cardIds } from "@/store/card-ids";
import { Camera } from "../photo/Camera";
import { readSquare } from "./read-square";

interface Found {
  readonly code: string;
  readonly label: LabelText | null;
  readonly part: Part | null;
  readonly cardId: string | null;
}

const LOOK_EVERY_MS = 250;

/** A label read back: by camera, from a photo, or by its code; it opens its record, or says what it carries. */
export default function ReadLabel({ parts, onPart }: { parts: readonly Part[]; onPart: (part: Part) => void }) {
  const [text, setText] = useState("");
  const [found, setFound] = useState<Found | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [isLooking, setLooking] = useState(false);

  const look = async (code: string, label: LabelText | null): Promise<void> => {
    const part = parts.find(({ id }) => shortCode(id) === code) ?? null;
    const cardId = part === null ? ((await cardIds()).find((id) => shortCode(id) === code) ?? null) : null;
    setProblem(null);
    setFound({ code, label, part, cardId });
    if (part !== null) onPart(part);
  };
  const take = (read: string | null): void => {
    const label = read === null ? null : readLabelText(read);
    if (label === null) {
      setFound(null);
      setProblem(
        read === null
          ? "No square can be read on this picture. Come closer, hold it flat, or type the six signs under it."
          : "This square is not one of these labels. Type the six signs of the label instead.",
      );
    } else void look(label.code, label);
  };
  const typed = (value: string): void => {
    setText(value);
    const code = readCode(value);
    if (code !== null) void look(code, null);
    else setFound(null);
  };
  return (
    <section aria-label="Read a label" className="flex flex-col gap-3 border-l-4 border-press pl-3">
      <div className="flex flex-wrap items-end gap-3">
        <div className="w-44">
          <LineField
            label="Code on the label"
            isFigure
            text={text}
            example="K7P-4QX"
            onText={typed}
            problem={
              text.trim().length >= 7 && readCode(text) === null ? "Six signs, for example K7P-4QX; it has no 0, 1, I, L, O or U." : null
            }
          />
        </div>
        <label className="btn relative">
          From a photo
          <input
            type="file"
            accept="image/*"
            className="absolute inset-0 opacity-0"
            aria-label="From a photo"
            onChange={(event) => {
              const file = event.target.files?.[0];
              event.target.value = "";
              if (file) void readSquare(file).then(take);
            }}
          />
        </label>
        <button type="button" className="btn" aria-expanded={isLooking} onClick={() => setLooking(!isLooking)}>
          {isLooking ? "Camera off" : "Camera"}
        </button>
      </div>
      {isLooking ? (
        <div className="max-w-80">
          <Camera
            onVideo={(video) =>
              watchFor(video, (read) => {
                setLooking(false);
                take(read);
              })
            }
            onRefused={() => {
              setLooking(false);
              setProblem("The camera cannot be used here. Take a photo of the label, or type the six signs under its square.");
            }}
          />
        </div>
      ) : null}
      <div role="status">
        {problem ? <p className="text-[14px] text-out">{problem}</p> : null}
        {found === null ? null : found.part ? (
          <p>
            {found.code}: {found.part.label}, {found.part.place}. It stands below.
          </p>
        ) : found.cardId ? (
          <p>
            {found.code}:{" "}
            <PageLink href={`/traveller?id=${found.cardId}`} className="underline">
              its card
            </PageLink>
          </p>
        ) : (
          <>
            <p>
              {found.code} is not on this device.{found.label ? " Its label says:" : " Read its square: it carries what matters."}
            </p>
            {found.label?.lines.map((line) => (
              <p key={line} className="text-[14px]">
                {line}
              </p>
            ))}
          </>
        )}
      </div>
    </section>
  );
}

/** Looks at the picture again and again until a square on it is read. */
function watchFor(video: HTMLVideoElement, onText: (text: string) => void): () => void {
  let isOver = false;
  const timer = setInterval(() => {
    void readSquare(video).then((text) => {
      if (text !== null && !isOver) onText(text);
    });
  }, LOOK_EVERY_MS);
  return () => {
    isOver = true;
    clearInterval(timer);
  };
}
