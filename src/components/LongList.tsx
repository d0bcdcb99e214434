"use client";
import type { Ref } from "react";

interface FindFieldProps {
  readonly text: string;
  readonly onText: (text: string) => void;
  readonly ref?: Ref<HTMLInputElement>;
  /** as wide as there is room for */
  readonly isWide?: boolean;
}

/** The line to find something in a list. */
export function FindField({ text, onText, ref, isWide = false }: FindFieldProps) {
  return (
    <label className={`flex items-baseline gap-2 text-[14px] font-normal ${isWide ? "min-w-0 flex-1" : ""}`}>
      <span className="text-ink-soft">Find</span>
      <input
        ref={ref}
        type="search"
        className={`min-h-[32px] border-b ${isWide ? "min-h-[44px] min-w-0 flex-1" : "w-44"}  border-ink bg-transparent px-1`}
        value={text}
        onChange={(event) => onText(event.target.value)}
      />
    </label>
  );
}

/** More of a long list on request, so that it stays quick. */
export function ShowMore({ total, shown, page, onShow }: { total: number; shown: number; page: number; onShow: (shown: number) => void }) {
  if (total <= shown) return null;
  return (
    <button type="button" className="btn mt-4" onClick={() => onShow(shown + page)}>
      Show {Math.min(page, total - shown)} more
    </button>
  );
}
