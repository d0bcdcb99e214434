import { ok } from "@/core/result";
import type { MeterWire } from "../wire";

/** A line with its time in front, as a recording has it: seconds, or milliseconds with their unit. */
const TIMED = /^\s*(?:(\d+(?:\.\d+)?)\s*s|(\d+)\s*ms)\s*[:;|]\s?(.*)$/;

interface RecordedLine {
  readonly afterMs: number;
  readonly line: string;
}

/**
 * Lines of a recording with the time each comes after the one before it; without times they come evenly.
 * @param text the recording
 * @param everyMs between two lines that say nothing of their time [ms]
 */
export function recordedLines(text: string, everyMs: number): RecordedLine[] {
  let lastMs = 0;
  return text
    .split(/\r\n|\r|\n/)
    .filter((line) => line.trim() !== "")
    .map((whole) => {
      const [, seconds, milliseconds, line] = TIMED.exec(whole) ?? [];
      if (line === undefined) return { afterMs: everyMs, line: whole };
      const atMs = seconds === undefined ? Number(milliseconds) : 1000 * Number(seconds);
      const afterMs = Math.max(0, atMs - lastMs);
      lastMs = atMs;
      return { afterMs, line };
    });
}

/** What was recorded of a meter's line, played as it came; at its end the line goes down. */
export const replayWire = (text: string, everyMs: number, end: string): MeterWire => ({
  open: ({ onBytes, onClosed }) => {
    const lines = recordedLines(text, everyMs);
    let next = 0;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const play = (): void => {
      const line = lines[next++];
      if (line === undefined) return onClosed();
      timer = setTimeout(() => {
        onBytes(new TextEncoder().encode(`${line.line}${end}`));
        play();
      }, line.afterMs);
    };
    play();
    return Promise.resolve(ok({ write: () => undefined, close: () => clearTimeout(timer) }));
  },
});
