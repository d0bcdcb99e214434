"use client";
import { useState } from "react";

/**
 * Text of a field that is kept elsewhere: what is typed shows at once; what another tab keeps shows when nobody types here.
 * @param kept the text as kept
 * @param onText keeps a new text
 */
export function useDraft(kept: string, onText: (text: string) => void) {
  const [draft, setDraft] = useState<string | null>(null);
  const [seen, setSeen] = useState(kept);
  const [isFocused, setFocused] = useState(false);
  if (kept !== seen) {
    setSeen(kept);
    // The echo of one's own typing arrives late; only a change from outside replaces an idle draft.
    if (!isFocused || kept === draft) setDraft(null);
  }
  return {
    value: draft ?? kept,
    onChange: (event: { target: { value: string } }) => {
      setDraft(event.target.value);
      onText(event.target.value);
    },
    onFocus: () => setFocused(true),
    onBlur: () => setFocused(false),
  };
}
