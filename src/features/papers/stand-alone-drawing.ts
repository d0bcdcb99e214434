/** What a drawing has of the style sheet, as its own attributes. */
const KEPT = [
  "fill",
  "fill-opacity",
  "stroke",
  "stroke-width",
  "stroke-dasharray",
  "stroke-linecap",
  "stroke-linejoin",
  "opacity",
  "font-size",
  "font-weight",
  "text-anchor",
] as const;

/** Colours as a PDF's drawings take them: of rgb and hex alone. */
function plainColour(value: string): string {
  const parts = /^rgba?\(([\d.]+),? ([\d.]+),? ([\d.]+)(?:,? ?\/? ?([\d.]+))?\)$/.exec(value);
  if (!parts) return value;
  const [, red, green, blue, alpha] = parts;
  if (alpha !== undefined && Number(alpha) === 0) return "none";
  return `#${[red, green, blue].map((part) => Math.round(Number(part)).toString(16).padStart(2, "0")).join("")}`;
}

/**
 * A drawing with its style written out, since no style sheet goes along into a PDF.
 * @param svg as it stands on the page
 * @param style of any of its elements, as the page came to it
 */
export function standAloneDrawing(svg: SVGSVGElement, style: (element: Element) => CSSStyleDeclaration): string {
  const copy = svg.cloneNode(true) as SVGSVGElement;
  const [from, to] = [
    [svg, ...svg.querySelectorAll("*")],
    [copy, ...copy.querySelectorAll("*")],
  ];
  const dropped: Element[] = [];
  from.forEach((element, index) => {
    const made = to[index];
    if (!made) return;
    const own = style(element);
    if (own.display === "none") dropped.push(made);
    for (const name of KEPT) {
      const value = own.getPropertyValue(name);
      if (value !== "") made.setAttribute(name, name === "fill" || name === "stroke" ? plainColour(value) : value);
    }
    // A halo behind letters would be drawn over them.
    if (own.getPropertyValue("paint-order").startsWith("stroke")) made.setAttribute("stroke", "none");
    if (element.tagName === "text" || element.tagName === "tspan") made.setAttribute("font-family", "Archivo");
    made.removeAttribute("class");
    made.removeAttribute("style");
  });
  dropped.forEach((element) => element.remove());
  const { width, height } = svg.viewBox.baseVal ?? { width: 0, height: 0 };
  const box = svg.getBoundingClientRect();
  if (width === 0 || height === 0) copy.setAttribute("viewBox", `0 0 ${box.width} ${box.height}`);
  copy.setAttribute("width", String(width || box.width));
  copy.setAttribute("height", String(height || box.height));
  return new XMLSerializer().serializeToString(copy);
}
