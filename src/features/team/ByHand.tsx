"use client";
import { Download, Upload } from "lucide-react";
import { useId, useState } from "react";
import { download } from "@/components/download";
import type { Failure } from "@/core/result";
import { toFileSentence } from "../messages/file-sentences";
import { ownFile, readByHand } from "./keep-team";

interface Refused {
  readonly file: string;
  readonly failure: Failure;
}

/** The same without a folder: the own file out, those of others in. */
export function ByHand() {
  const [refused, setRefused] = useState<readonly Refused[]>([]);
  const [isAtWork, setAtWork] = useState(false);
  const id = useId();
  const save = async (): Promise<void> => {
    setAtWork(true);
    const file = await ownFile();
    setAtWork(false);
    if (file.ok) {
      download(file.value.content, file.value.file);
      setRefused([]);
    } else setRefused([{ file: "This device's file", failure: file.failure }]);
  };
  const read = async (files: readonly File[]): Promise<void> => {
    setAtWork(true);
    const told: Refused[] = [];
    for (const file of files) {
      const failure = await readByHand(file);
      if (failure) told.push({ file: file.name, failure });
    }
    setAtWork(false);
    setRefused(told);
  };
  return (
    <section aria-labelledby="by-hand" className="flex flex-col gap-3">
      <h2 id="by-hand" className="heading-rule">
        By hand
      </h2>
      <p className="text-[14px]">
        Save this device&apos;s file and hand it on; read what others handed on. It says first what it would do.
      </p>
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn" disabled={isAtWork} onClick={() => void save()}>
          <Download aria-hidden="true" size={18} />
          Save this device&apos;s file
        </button>
        <input
          id={id}
          type="file"
          multiple
          accept=".gz,.json,application/json,application/gzip"
          className="peer sr-only"
          onChange={(event) => {
            const files = [...(event.target.files ?? [])];
            if (files.length > 0) void read(files);
            event.target.value = "";
          }}
        />
        <label htmlFor={id} className="btn peer-focus-visible:outline-3 peer-focus-visible:outline-press">
          <Upload aria-hidden="true" size={18} />
          Read files of others
        </label>
      </div>
      <p role="status" className="caption">
        {isAtWork ? "At work on the file …" : ""}
      </p>
      <div aria-live="polite">
        {refused.map(({ file, failure }) => (
          <p key={file} role="alert" className="border-l-4 border-out pl-3 text-[14px] font-medium break-words text-out">
            {file}: {toFileSentence(failure)}
          </p>
        ))}
      </div>
    </section>
  );
}
