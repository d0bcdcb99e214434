"use client";
import { lazy, Suspense, useEffect, useState } from "react";

const DroppedFile = lazy(() => import("./DroppedFile"));

const hasFiles = (event: DragEvent): boolean => [...(event.dataTransfer?.types ?? [])].includes("Files");

/** Takes in a file that is dropped anywhere on the page; nothing of it is loaded before. */
export function DropFile() {
  const [dropped, setDropped] = useState<{ readonly file: File; readonly turn: number } | null>(null);
  useEffect(() => {
    // Else the browser would leave the page and show the file.
    const hold = (event: DragEvent): void => {
      if (hasFiles(event)) event.preventDefault();
    };
    const take = (event: DragEvent): void => {
      const [file] = event.dataTransfer?.files ?? [];
      // A photo dropped on an instrument is for that.
      if (!file || event.defaultPrevented) return;
      event.preventDefault();
      setDropped((last) => ({ file, turn: (last?.turn ?? 0) + 1 }));
    };
    window.addEventListener("dragover", hold);
    window.addEventListener("drop", take);
    return () => {
      window.removeEventListener("dragover", hold);
      window.removeEventListener("drop", take);
    };
  }, []);
  return dropped === null ? null : (
    <Suspense>
      <DroppedFile key={dropped.turn} file={dropped.file} onClose={() => setDropped(null)} />
    </Suspense>
  );
}
