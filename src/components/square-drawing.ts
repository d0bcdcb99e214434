import { create } from "qrcode";

/** The square drawn from its modules, with the quiet stretch round it. */
export function squareDrawing(text: string): { readonly viewBox: string; readonly path: string } {
  const { modules } = create(text, { errorCorrectionLevel: "M" });
  const path = Array.from({ length: modules.size * modules.size }, (_, index) =>
    modules.data[index] ? `M${index % modules.size} ${Math.floor(index / modules.size)}h1v1h-1z` : "",
  ).join("");
  const quiet = 2;
  return { viewBox: `${-quiet} ${-quiet} ${modules.size + 2 * quiet} ${modules.size + 2 * quiet}`, path };
}
