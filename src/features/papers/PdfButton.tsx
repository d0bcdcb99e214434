"use client";
import { FileDown } from "lucide-react";
import { useState } from "react";
import { PickOne } from "@/components/Choice";
import { download } from "@/components/download";
import { PAPER_SIZES, usualSize, type PaperSize } from "./paper-size";

const SIZES = Object.values(PAPER_SIZES).map(({ id, label }) => ({ id, label }));

interface PdfButtonProps {
  /** of the file */
  readonly name: string;
  readonly title: string;
}

/** What is on the page as a PDF, made on the device. */
export function PdfButton({ name, title }: PdfButtonProps) {
  const [size, setSize] = useState<PaperSize>(() => usualSize(typeof navigator === "undefined" ? "" : navigator.language));
  const [state, setState] = useState<"ready" | "at-work" | "failed">("ready");
  const make = async (): Promise<void> => {
    const page = document.querySelector("main");
    if (!page) return;
    setState("at-work");
    try {
      // With its library: a chapter of its own.
      const { pdfOfPage } = await import("./make-pdf");
      download(await pdfOfPage(page, size, title), name);
      setState("ready");
    } catch {
      setState("failed");
    }
  };
  return (
    <div className="flex flex-wrap items-end gap-2">
      <button type="button" className="btn" disabled={state === "at-work"} onClick={() => void make()}>
        <FileDown aria-hidden="true" size={18} />
        {state === "at-work" ? "Setting the PDF …" : "Save as PDF"}
      </button>
      <PickOne legend="Sheet" options={SIZES} picked={size} onPick={(next) => setSize(next ?? size)} />
      {state === "failed" ? (
        <p role="alert" className="text-[14px] text-out">
          The PDF could not be made on this device. Print the page, and choose “save as PDF” there.
        </p>
      ) : null}
    </div>
  );
}
