"use client";
import { useState } from "react";
import { Said } from "@/components/Said";
import { tooLongWords } from "@/components/useDraft";
import { fitText } from "@/core/kept";
import type { StationId } from "@/core/stations";
import type { TravellerId } from "@/records";
import { skipStation } from "@/store/write";

/** A station is passed by with a reason, and done after all. */
export default function Skip({ id, station, reason }: { id: TravellerId; station: StationId; reason: string | null }) {
  const [text, setText] = useState<string | null>(null);
  if (reason !== null) {
    return (
      <p className="mt-auto flex flex-wrap items-center gap-3 text-[14px]">
        Skipped: {reason}
        <button type="button" className="btn btn-plain" onClick={() => void skipStation(id, station, null)}>
          Do it after all
        </button>
      </p>
    );
  }
  if (text === null) {
    return (
      <p className="mt-auto">
        <button type="button" className="btn btn-plain text-ink-soft" onClick={() => setText("")}>
          Skip this station
        </button>
      </p>
    );
  }
  return (
    <form
      className="mt-auto flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim() === "") return;
        void skipStation(id, station, fitText(text.trim(), "reason"));
        setText(null);
      }}
    >
      <label className="min-w-0 flex-1 basis-60">
        <span className="caption block">Why it is skipped</span>
        <input className="write-line" value={text} autoFocus onChange={(event) => setText(event.target.value)} />
      </label>
      <div className="w-full">
        <Said id="skip-say" problem={tooLongWords(text, "reason")} />
      </div>
      <button type="submit" className="btn" disabled={text.trim() === ""}>
        Skip with this reason
      </button>
      <button type="button" className="btn btn-plain" onClick={() => setText(null)}>
        Do not skip
      </button>
    </form>
  );
}
