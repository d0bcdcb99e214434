"use client";
import { PdfButton } from "../papers/PdfButton";

interface PrintBarProps {
  /** name and title of the page as a PDF */
  readonly pdf: { readonly name: string; readonly title: string };
  readonly children: React.ReactNode;
}

/** Buttons of a page for paper; they stay off it, and lie under the thumb on a phone. */
export function PrintBar({ pdf, children }: PrintBarProps) {
  return (
    <div className="no-print flex flex-wrap items-end gap-2 border-ink bg-sheet px-4 py-2 max-lg:fixed max-lg:inset-x-0 max-lg:bottom-0 max-lg:z-20 max-lg:border-t-2 lg:border-b-[1.5px]">
      <button type="button" className="btn btn-filled" onClick={() => window.print()}>
        Print
      </button>
      <PdfButton {...pdf} />
      {children}
    </div>
  );
}
