import { geometryOf, shouldersOf, type BearingSize, type PressPath } from "@/core/bearing";
import { formatNumber } from "@/core/quantity";

interface PressDrawingProps {
  readonly size: BearingSize;
  readonly press: { readonly inner: PressPath; readonly outer: PressPath };
}

const WIDTH = 250;
const HEIGHT = 190;
const figure = (mm: number): string => formatNumber(mm, 1);

/** Which tube stands on which ring, for this very bearing; the force never goes through the balls. */
export function PressDrawing({ size, press }: PressDrawingProps) {
  return (
    <section aria-labelledby="press" className="flex flex-col gap-3">
      <h2 id="press" className="heading-rule">
        Press on the ring that sits tight
      </h2>
      <div className="grid gap-6 sm:grid-cols-2">
        <Way size={size} path={press.inner} title="Onto the shaft: inner ring only" />
        <Way size={size} path={press.outer} title="Into a tight seat: outer ring only" />
      </div>
      <p className="text-[14px] text-ink-soft">
        To the shoulder, a drop of oil on the seat. Faces of the rings are estimated from the balls; hold the tube against the bearing
        before you press. Sockets differ by maker: measure yours.
      </p>
    </section>
  );
}

function Way({ size, path, title }: { size: BearingSize; path: PressPath; title: string }) {
  const { ring, faceFromMm, faceToMm, pushers } = path;
  const [best] = pushers;
  const said = `${title}. Face from ${figure(faceFromMm)} to about ${figure(faceToMm)} mm`;
  return (
    <div>
      <h3 className="text-[14px] font-semibold">{title}</h3>
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={said} className="block w-full max-w-[260px]">
        <Rings
          size={size}
          ring={ring}
          tube={best ? [best.insideMm, best.outsideMm] : [faceFromMm, faceToMm]}
          isFound={best !== undefined}
        />
      </svg>
      <p className="text-[14px]">
        Face {figure(faceFromMm)} to about {figure(faceToMm)} mm.{" "}
        {pushers.length > 0
          ? `Fits between: ${pushers.map(({ kind, label }) => (kind === "tube" ? `tube ${label} mm` : `socket ${label} mm`)).join(", ")}.`
          : `No usual tube or socket stands on it: turn a ring ${figure(faceFromMm + 0.3)} to ${figure(faceToMm - 0.3)} mm, or use the old bearing's ring.`}
      </p>
    </div>
  );
}

/** Both halves of the cut bearing, standing, with the tube over the ring it presses. */
function Rings({
  size,
  ring,
  tube,
  isFound,
}: {
  size: BearingSize;
  ring: "inner" | "outer";
  tube: readonly [number, number];
  isFound: boolean;
}) {
  const { innerMm, outerMm } = shouldersOf(size);
  const { ballDiameterMm, pitchDiameterMm } = geometryOf(size);
  const scale = (WIDTH - 40) / size.outsideMm;
  const x = (diameterMm: number, side: 1 | -1): number => WIDTH / 2 + side * (diameterMm / 2) * scale;
  const top = 96;
  const height = Math.min(62, size.widthMm * scale);
  const block = (from: number, to: number, side: 1 | -1): { x: number; width: number } => ({
    x: Math.min(x(from, side), x(to, side)),
    width: ((to - from) / 2) * scale,
  });
  return (
    <>
      {ring === "inner" ? (
        <rect x={x(size.boreMm, -1)} y={top - 6} width={size.boreMm * scale} height={height + 40} fill="var(--press-wash)" />
      ) : (
        ([1, -1] as const).map((side) => (
          <rect
            key={side}
            x={side === 1 ? x(size.outsideMm, 1) : x(size.outsideMm, -1) - 16}
            y={top + 6}
            width={16}
            height={height + 20}
            fill="var(--rule)"
          />
        ))
      )}
      {([1, -1] as const).map((side) => (
        <g key={side}>
          <rect
            {...block(outerMm, size.outsideMm, side)}
            y={top}
            height={height}
            fill="var(--sheet)"
            stroke="var(--ink)"
            strokeWidth="1.5"
          />
          <rect {...block(size.boreMm, innerMm, side)} y={top} height={height} fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.5" />
          <circle
            cx={x(pitchDiameterMm, side)}
            cy={top + height / 2}
            r={Math.min(height / 2 - 2, (ballDiameterMm / 2) * scale)}
            fill="none"
            stroke="var(--ink)"
            strokeWidth="1.3"
          />
          <rect
            {...block(tube[0], tube[1], side)}
            y={30}
            height={top - 30}
            fill={isFound ? "var(--press)" : "none"}
            fillOpacity={0.25}
            stroke="var(--press)"
            strokeWidth="1.6"
            strokeDasharray={isFound ? undefined : "4 3"}
          />
          <path d={`M${x((tube[0] + tube[1]) / 2, side)} 6v18m-5 -7l5 8l5 -8`} stroke="var(--press)" strokeWidth="2.4" fill="none" />
        </g>
      ))}
    </>
  );
}
