import { Image } from "image-js";
import { seriesFrom } from "../numeric";
import { drawLine, evenOut, findLines, findPlate, straighten, type Corners, type Spot } from ".";

/** Five strokes high, three wide: enough of a letter to be found as one. */
const GLYPHS: Readonly<Record<string, readonly string[]>> = {
  E: ["###", "#..", "##.", "#..", "###"],
  H: ["#.#", "#.#", "###", "#.#", "#.#"],
  "1": [".#.", "##.", ".#.", ".#.", "###"],
  "2": ["###", "..#", "###", "#..", "###"],
};

interface Drawn {
  readonly width: number;
  readonly height: number;
  readonly shade: (x: number, y: number) => number;
}

function draw({ width, height, shade }: Drawn, seed = 7): Image {
  const next = seriesFrom(seed);
  const data = new Uint8Array(width * height);
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) data[y * width + x] = Math.round(Math.min(255, Math.max(0, shade(x, y) + (next() - 0.5) * 6)));
  return new Image(width, height, { data, colorModel: "GREY" });
}

/** Whether ink of a word lies at a place, its letters of this size from a corner. */
const isInk = (word: string, at: Spot, strokePx: number, x: number, y: number): boolean => {
  const [column, row] = [Math.floor((x - at.x) / strokePx), Math.floor((y - at.y) / strokePx)];
  const letter = word[Math.floor(column / 4)];
  return letter !== undefined && column >= 0 && row >= 0 && row < 5 && GLYPHS[letter]?.[row]?.[column % 4] === "#";
};

const inside = (four: Corners, x: number, y: number): boolean =>
  four.every((from, at) => {
    const to = four[(at + 1) % 4] ?? from;
    return (to.x - from.x) * (y - from.y) - (to.y - from.y) * (x - from.x) >= 0;
  });

const QUADS: readonly (readonly [string, Corners])[] = [
  [
    "straight",
    [
      { x: 120, y: 110 },
      { x: 480, y: 110 },
      { x: 480, y: 260 },
      { x: 120, y: 260 },
    ],
  ],
  [
    "turned a little",
    [
      { x: 130, y: 90 },
      { x: 490, y: 130 },
      { x: 474, y: 280 },
      { x: 114, y: 240 },
    ],
  ],
  [
    "seen from the side",
    [
      { x: 120, y: 80 },
      { x: 470, y: 120 },
      { x: 470, y: 240 },
      { x: 120, y: 300 },
    ],
  ],
];
const SHADES: readonly (readonly [string, number, number])[] = [
  ["light on dark", 60, 190],
  ["dark on light", 170, 60],
  ["hardly apart", 90, 62],
];

describe("the plate is found", () => {
  test.each(QUADS.flatMap(([shape, corners]) => SHADES.map(([tone, ground, plate]) => [shape, tone, corners, ground, plate] as const)))(
    "%s, %s",
    (_shape, _tone, corners, ground, plate) => {
      const found = findPlate(draw({ width: 600, height: 400, shade: (x, y) => (inside(corners, x, y) ? plate : ground) }));
      expect(found.isFound).toBe(true);
      found.corners.forEach(({ x, y }, at) => {
        expect(Math.abs(x - (corners[at]?.x ?? 0))).toBeLessThan(9);
        expect(Math.abs(y - (corners[at]?.y ?? 0))).toBeLessThan(9);
      });
    },
  );
  test("in two pieces, where a lamp shines across it as bright as what lies around", () => {
    const [, corners] = QUADS[0]!;
    const shade = (x: number, y: number): number => (!inside(corners, x, y) ? 170 : x > 180 && x < 205 ? 170 : 60);
    const found = findPlate(draw({ width: 600, height: 400, shade }));
    expect(found.corners[0].x).toBeLessThan(135);
    expect(found.corners[1].x).toBeGreaterThan(465);
  });
  test.each([
    ["an even wall", () => 120],
    ["black", () => 0],
    ["a wall that darkens to one side", (x: number) => 90 + x / 12],
  ])("not on %s: the whole picture is offered instead, and said to be a guess", (_name, shade) => {
    const found = findPlate(draw({ width: 600, height: 400, shade }));
    expect(found).toEqual({
      isFound: false,
      corners: [
        { x: 0, y: 0 },
        { x: 600, y: 0 },
        { x: 600, y: 400 },
        { x: 0, y: 400 },
      ],
    });
  });
});

test("what lies aslant comes out upright, corner on corner", () => {
  const [, corners] = QUADS[2]!;
  const flat = straighten(draw({ width: 600, height: 400, shade: (x, y) => (inside(corners, x, y) ? 200 : 20) }), corners);
  expect(flat.width / flat.height).toBeCloseTo(353 / 220, 0);
  for (const [x, y] of [
    [0.03, 0.04],
    [0.97, 0.04],
    [0.97, 0.96],
    [0.03, 0.96],
    [0.5, 0.5],
  ] as const)
    expect(flat.getValue(Math.round(x * flat.width), Math.round(y * flat.height), 0)).toBeGreaterThan(150);
});

/** A plate of 1,500 px with two words in frames, one under the other. */
const plate = ({ ground, ink, isFramed = true, glare = 0 }: { ground: number; ink: number; isFramed?: boolean; glare?: number }) =>
  draw({
    width: 1500,
    height: 500,
    shade: (x, y) => {
      const light = glare * Math.max(0, 1 - Math.abs(x - 400) / 160);
      const isWord = isInk("HE12", { x: 120, y: 120 }, 8, x, y) || isInk("21EH", { x: 120, y: 300 }, 8, x, y);
      const isFrame =
        isFramed &&
        [95, 275].some((top) => {
          const [isLevel, isUpright] = [
            [top, top + 90].some((line) => Math.abs(y - line) < 2),
            [90, 700].some((line) => Math.abs(x - line) < 2),
          ];
          return (isLevel && x > 88 && x < 702) || (isUpright && y > top - 2 && y < top + 92);
        });
      return Math.min(255, (isWord || isFrame ? ink : ground) + light);
    },
  });

describe("light, frames and lines", () => {
  test.each([
    ["dark on light", 210, 60],
    ["light on dark", 45, 190],
    ["faint", 150, 110],
    ["light on dark, without a frame", 45, 190],
  ])("%s: letters come out dark on white, and both lines are found", (name, ground, ink) => {
    const even = evenOut(plate({ ground, ink, isFramed: !name.includes("without") }));
    const at = (x: number, y: number): number => even.data[y * even.width + x] ?? -1;
    // The upright stroke of the H, and the ground beside it.
    expect(at(124, 140)).toBeLessThan(90);
    expect(at(132, 124)).toBeGreaterThan(170);
    const { lines } = findLines(even);
    expect(lines).toHaveLength(2);
    lines.forEach(({ box, letterPx }, line) => {
      expect(Math.abs(box.x - 120)).toBeLessThan(4);
      expect(Math.abs(box.y - (line === 0 ? 120 : 300))).toBeLessThan(4);
      expect(Math.abs(letterPx - 40)).toBeLessThan(5);
    });
  });
  test("ground without a mark is white or grey, and never ink", () => {
    const flat = new Image(300, 200, { colorModel: "GREY" });
    flat.fill(47);
    const even = evenOut(flat);
    expect(Math.min(...even.data)).toBeGreaterThan(170);
    expect(findLines(even).lines).toEqual([]);
  });
  test("a lamp across the plate takes nothing away", () => {
    const words = findLines(evenOut(plate({ ground: 60, ink: 150, glare: 90 }))).lines.filter(({ letterPx }) => letterPx > 30);
    expect(words.map(({ box }) => [box.x, box.y])).toEqual([
      [120, 120],
      [120, 300],
    ]);
  });
  test("frames are gone from what is read, and no letter with them", () => {
    const { cleaned } = findLines(evenOut(plate({ ground: 210, ink: 60 })));
    const isDark = (x: number, y: number): boolean => (cleaned.data[y * cleaned.width + x] ?? 255) < 110;
    expect(Array.from({ length: 500 }, (_, at) => 150 + at).some((x) => isDark(x, 95))).toBe(false);
    expect(isDark(124, 140)).toBe(true);
  });
  test("a small name and its large figure are told apart", () => {
    const shade = (x: number, y: number): number =>
      isInk("HE", { x: 100, y: 120 }, 5, x, y) || isInk("121", { x: 160, y: 105 }, 8, x, y) ? 50 : 215;
    const [line] = findLines(evenOut(draw({ width: 1500, height: 400, shade }))).lines;
    expect(line?.parts.map(({ kind }) => kind)).toEqual(["name", "figure"]);
    expect(line?.parts[1]?.box.x).toBeGreaterThan(150);
  });
  test("a line is drawn in the height that is read best, with white around it", () => {
    const { lines, cleaned } = findLines(evenOut(plate({ ground: 210, ink: 60 })));
    const drawn = drawLine(cleaned, lines[0]!);
    expect(drawn.getValue(2, 2, 0)).toBe(255);
    expect(drawn.height).toBeGreaterThan(34 + 20);
    expect(drawn.height).toBeLessThan(34 + 60);
  });
});
