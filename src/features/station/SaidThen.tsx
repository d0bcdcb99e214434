import { Stamp } from "@/components/Stamp";
import type { Stamp as StampOf } from "@/core/station";

interface SaidThenProps {
  readonly stamp: StampOf;
  readonly stampWord: string;
  readonly said: readonly string[];
}

/** A station as it stood at another time: its stamp and its sentences. */
export function SaidThen({ stamp, stampWord, said }: SaidThenProps) {
  return (
    <>
      <div>
        <Stamp tone={stamp}>{stampWord}</Stamp>
      </div>
      {said.map((sentence) => (
        <p key={sentence} className="whitespace-pre-line">
          {sentence}
        </p>
      ))}
    </>
  );
}
