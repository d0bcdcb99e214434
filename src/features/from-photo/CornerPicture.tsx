"use client";
import { useRef } from "react";
import type { Corners, Spot } from "@/core/picture";
import { CORNER_WORDS } from "./words";

interface CornerPictureProps {
  readonly shown: string;
  readonly width: number;
  readonly height: number;
  readonly corners: Corners;
  readonly onCorners: (corners: Corners) => void;
}

/** A key moves a corner by this part of the picture; with Shift by so many times as much. */
const STEP_PART = 0.005;
const LARGE_STEP = 6;
const STEPS: Readonly<Record<string, Spot>> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
};

const within = (value: number, most: number): number => Math.min(most, Math.max(0, value));

/** The picture with the four corners of what is read, to be dragged or moved by the arrow keys. */
export function CornerPicture({ shown, width, height, corners, onCorners }: CornerPictureProps) {
  const frame = useRef<HTMLDivElement>(null);
  const move = (at: number, { x, y }: Spot): void => {
    const next = corners.map((corner, each) => (each === at ? { x: within(x, width), y: within(y, height) } : corner));
    onCorners(next as unknown as Corners);
  };
  const drag = (at: number, event: React.PointerEvent): void => {
    const box = frame.current?.getBoundingClientRect();
    if (!box || event.buttons === 0) return;
    move(at, { x: ((event.clientX - box.left) / box.width) * width, y: ((event.clientY - box.top) / box.height) * height });
  };
  const percent = (value: number, of: number): string => `${((100 * value) / of).toFixed(2)}%`;
  return (
    <div ref={frame} className="relative touch-none border border-ink select-none">
      {/* eslint-disable-next-line @next/next/no-img-element -- this page's own picture: nothing to optimise or fetch */}
      <img src={shown} alt="The picture that is read" className="block w-full" draggable={false} />
      <svg
        viewBox={`0 0 ${width} ${height}`}
        preserveAspectRatio="none"
        className="pointer-events-none absolute inset-0 size-full"
        aria-hidden="true"
      >
        <polygon
          points={corners.map(({ x, y }) => `${x},${y}`).join(" ")}
          className="fill-none stroke-press"
          strokeWidth={3}
          vectorEffect="non-scaling-stroke"
        />
      </svg>
      {corners.map(({ x, y }, at) => (
        <button
          // The four corners keep their places.
          key={CORNER_WORDS[at]}
          type="button"
          aria-label={`${CORNER_WORDS[at]} corner, ${Math.round((100 * x) / width)} % across, ${Math.round((100 * y) / height)} % down`}
          className="absolute grid size-[44px] -translate-x-1/2 -translate-y-1/2 cursor-move touch-none place-items-center rounded-full"
          style={{ left: percent(x, width), top: percent(y, height) }}
          onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
          onPointerMove={(event) => drag(at, event)}
          onKeyDown={(event) => {
            const step = STEPS[event.key];
            if (!step) return;
            event.preventDefault();
            const by = STEP_PART * Math.max(width, height) * (event.shiftKey ? LARGE_STEP : 1);
            move(at, { x: x + step.x * by, y: y + step.y * by });
          }}
        >
          <span className="size-[20px] rounded-full border-2 border-paper bg-press" />
        </button>
      ))}
    </div>
  );
}
