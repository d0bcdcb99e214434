import { squareDrawing } from "./square-drawing";

/** A square that a camera reads, drawn from its modules. */
export function Square({ text, className }: { text: string; className: string }) {
  const { viewBox, path } = squareDrawing(text);
  return (
    <svg
      viewBox={viewBox}
      role="img"
      aria-label="Square to read with a camera"
      className={`shrink-0 bg-white ${className}`}
      shapeRendering="crispEdges"
    >
      <path d={path} fill="#000" />
    </svg>
  );
}
