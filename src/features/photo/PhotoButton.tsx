"use client";
import { toKeptSentence } from "@/features/messages/kept-sentences";
import { readPhoto } from "./photo";

interface PhotoButtonProps {
  readonly label: string;
  /** characters of the data address at most */
  readonly most?: number;
  readonly onPhoto: (photo: string) => void;
  /** why it could not be read; null: it could */
  readonly onProblem: (sentence: string | null) => void;
}

/** Opens camera or files; what comes back is scaled down to what a card keeps. */
export function PhotoButton({ label, most, onPhoto, onProblem }: PhotoButtonProps) {
  const take = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    const photo = await readPhoto(file, most);
    onProblem(photo.ok ? null : toKeptSentence(photo.failure));
    if (photo.ok) onPhoto(photo.value);
  };
  return (
    <label className="btn cursor-pointer">
      {label}
      <input
        type="file"
        accept="image/*"
        capture="environment"
        className="sr-only"
        onChange={(event) => {
          void take(event.target.files?.[0]);
          event.target.value = "";
        }}
      />
    </label>
  );
}
