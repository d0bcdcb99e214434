import { download } from "@/components/download";

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

/** Hands the drawing to the browser's own download as SVG. */
export function saveSvg(svg: SVGSVGElement, name: string): void {
  download(standAlone(svg).text, `${name}.svg`, "image/svg+xml");
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
  if (blob) download(blob, `${name}.png`);
}
