import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";

const CSS = readFileSync("src/app/globals.css", "utf8");
const tokensOf = (selector: string): Record<string, string> => {
  const [, body = ""] = new RegExp(`(?:^|\\n)${selector} \\{([^}]*)\\}`).exec(CSS) ?? [];
  return Object.fromEntries([...body.matchAll(/--([a-z-]+): (#[0-9a-f]{6});/g)].map(([, name = "", value = ""]) => [name, value]));
};
const THEMES = [
  ["paper", tokensOf(":root")],
  ["low", tokensOf('\\[data-theme="low"\\]')],
  ["glare", tokensOf('\\[data-theme="glare"\\]')],
] as const;

/** What is written in, and what it may stand on: every word of a screen is one of these on one of those. */
const PAIRS: Readonly<Record<string, readonly string[]>> = {
  ink: ["ground", "sheet", "press-wash", "close-wash"],
  "ink-soft": ["ground", "sheet"],
  press: ["ground", "sheet", "press-wash"],
  out: ["ground", "sheet"],
  close: ["ground", "sheet", "close-wash"],
  holds: ["ground", "sheet"],
  "press-ink": ["press"],
  "press-soft": ["press"],
  "out-ink": ["out"],
  // What is picked stands in the ground's colour on ink.
  sheet: ["ink"],
};

/** Relative luminance [0 to 1]; WCAG 2.2, definition of relative luminance. */
const luminance = (colour: string): number => {
  const [red = 0, green = 0, blue = 0] = [1, 3, 5].map((at) => {
    const share = parseInt(colour.slice(at, at + 2), 16) / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * red + 0.7152 * green + 0.0722 * blue;
};
/** WCAG 2.2, definition of contrast ratio. */
const contrast = (a: string, b: string): number => {
  const [light = 0, dark = 0] = [luminance(a), luminance(b)].sort((x, y) => y - x);
  return (light + 0.05) / (dark + 0.05);
};

test("black on white is 21 : 1", () => expect(contrast("#000000", "#ffffff")).toBeCloseTo(21, 9));

test.each(THEMES)("in the theme “%s” every pair in use is at least 4.5 : 1, and what bounds a field at least 3 : 1", (_, tokens) => {
  const weak = Object.entries(PAIRS).flatMap(([ink, grounds]) =>
    grounds.flatMap((ground) => {
      const ratio = contrast(tokens[ink] ?? "", tokens[ground] ?? "");
      return ratio >= 4.5 ? [] : [`${ink} on ${ground}: ${ratio.toFixed(2)}`];
    }),
  );
  expect(weak).toEqual([]);
  for (const ground of ["ground", "sheet"]) expect(contrast(tokens.press ?? "", tokens[ground] ?? "")).toBeGreaterThanOrEqual(3);
});

test("nothing is written in a colour that is no token, nor in a token that is none to write in", () => {
  const files = readdirSync("src", { recursive: true, encoding: "utf8" }).filter((file) => /(?<!\.test)\.tsx?$/.test(file));
  const named = new Set(
    files.flatMap((file) =>
      [...readFileSync(join("src", file), "utf8").matchAll(/(?<=[\s"`:])text-((?:[a-z]+-)*[a-z]+)(?=[\s"`])/g)].map(
        ([, name = ""]) => name,
      ),
    ),
  );
  // Labels and prints are black on white paper, whatever the theme; an anchor is an attribute of a drawing.
  const layout =
    /^black$|^anchor$|^(left|right|center|start|end|xs|sm|base|lg|xl|balance|pretty|wrap|nowrap|clip|ellipsis|current|inherit|transparent)$/;
  expect([...named].filter((name) => !layout.test(name) && !(name in PAIRS))).toEqual([]);
});
