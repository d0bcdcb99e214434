/** Resolution of the picture against the drawing. */
const SHARP = 2;

/** The drawing as a file of its own: colours of the present theme written out, since no style sheet goes along. */
function standAlone(svg: SVGSVGElement): { readonly text: string; readonly width: number; readonly height: number } {
  const style = getComputedStyle(document.documentElement);
  const copy = svg.cloneNode(true) as SVGSVGElement;
  const { width, height } = svg.viewBox.baseVal;
  copy.setAttribute("width", String(width));
  copy.setAttribute("height", String(height));
  copy.removeAttribute("class");
  copy.removeAttribute("style");
  copy.setAttribute("font-family", "Archivo, Arial, sans-serif");
  const text = new XMLSerializer()
    .serializeToString(copy)
    .replace(/var\((--[a-z0-9-]+)\)/g, (_, name: string) => style.getPropertyValue(name).trim() || "currentColor");
  return { text, width, height };
}

function hand(url: string, name: string): void {
  const link = document.createElement("a");
  link.href = url;
  link.download = name;
  link.click();
  // The browser has taken the file by then.
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

/** Hands the drawing to the browser's own download as SVG. */
export function saveSvg(svg: SVGSVGElement, name: string): void {
  hand(URL.createObjectURL(new Blob([standAlone(svg).text], { type: "image/svg+xml" })), `${name}.svg`);
}

/** Hands the drawing to the browser's own download as a picture. */
export async function savePng(svg: SVGSVGElement, name: string): Promise<void> {
  const { text, width, height } = standAlone(svg);
  const picture = new Image();
  picture.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(text)}`;
  await picture.decode();
  const canvas = document.createElement("canvas");
  canvas.width = width * SHARP;
  canvas.height = height * SHARP;
  canvas.getContext("2d")?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, "image/png"));
  if (blob) hand(URL.createObjectURL(blob), `${name}.png`);
}
