"use client";
import { useState } from "react";
import { fitText, TEXT_LENGTHS, type TextKind } from "@/core/kept";

/** What to do about a text longer than its kind takes; null where it fits. */
export const tooLongWords = (text: string, kind: TextKind): string | null =>
  text.length > TEXT_LENGTHS[kind]
    ? `This has ${text.length} signs, and ${TEXT_LENGTHS[kind]} fit: the first ${TEXT_LENGTHS[kind]} are kept. Shorten it.`
    : null;

/**
 * Text of a field that is kept elsewhere: what is typed shows at once; what another tab keeps shows when nobody types here.
 * A text longer than its kind takes stays on the line as it was typed, kept as far as it fits, and the line says so.
 * @param kept the text as kept
 * @param onText keeps a new text
 */
export function useDraft(kept: string, onText: (text: string) => void, kind: TextKind) {
  const [draft, setDraft] = useState<string | null>(null);
  const [seen, setSeen] = useState(kept);
  const [isFocused, setFocused] = useState(false);
  if (kept !== seen) {
    setSeen(kept);
    // The echo of one's own typing arrives late; only a change from outside replaces an idle draft.
    if (!isFocused || kept === draft) setDraft(null);
  }
  const value = draft ?? kept;
  return {
    field: {
      value,
      onChange: (event: { target: { value: string } }) => {
        // Kept before it is drawn.
        onText(fitText(event.target.value, kind));
        setDraft(event.target.value);
      },
      onFocus: () => setFocused(true),
      onBlur: () => setFocused(false),
    },
    tooLong: tooLongWords(value, kind),
  };
}
