import { DEFAULT_METER } from "../house";
import type { MeterShows } from "../meter-line";
import { takeReading } from "../quantity";
import { heldEntry, loseTaking, NOTHING_TAKEN, shownEntry, shownText, takeNext, type HeldFigure } from ".";
import { heldText } from "./taking";
import { lookOut } from "./look-out";

const HAND = { wanted: "resistance", asked: "1 to 2", isDead: true, safeVolts: 30 } as const;
const FROM = { meter: DEFAULT_METER, at: "2026-12-02T10:00:00.000Z", origin: "meter", line: "31.4 ohm RES" } as const;
const ohms = (display: string): MeterShows => ({ display, function: "resistance" });

/** What comes of showing each for a while, at ten a second. */
function shownFor(...stretches: readonly (readonly [MeterShows, number])[]) {
  let taking = NOTHING_TAKEN;
  const figures: (HeldFigure & { readonly display: string })[] = [];
  const news: string[] = [];
  let atMs = 0;
  for (const [shows, forMs] of stretches)
    for (const until = atMs + forMs; atMs < until; atMs += 100) {
      const after = takeNext(taking, { ...shows, atMs }, HAND);
      taking = after.taking;
      if (after.figure) figures.push({ ...after.figure, display: shows.display });
      if (after.news) news.push(after.news);
    }
  return { values: figures.map(({ value }) => value), news, taking };
}

test.each<[string, MeterShows, string | null]>([
  ["volts at a dead station", { display: "118.2 V", function: "voltage" }, "live-volts"],
  ["volts that hurt nobody, but no ohms", { display: "2.1 V", function: "voltage" }, "wrong-function"],
  ["volts just at the limit", { display: "30.0 V", function: "voltage" }, "wrong-function"],
  ["volts the other way round", { display: "-325 V", function: "voltage" }, "live-volts"],
  ["ohms below zero", ohms("-3.1 Ω"), "volts-on-leads"],
  ["a zero that wavers", ohms("-0.0 Ω"), null],
  ["hertz", { display: "50.0 Hz", function: "other" }, "wrong-function"],
  ["megohms where a winding is", ohms("0.02 MΩ"), "coarse-range"],
  ["a winding", ohms("31.4 Ω"), null],
  ["tips together", ohms("0.2 Ω"), null],
  ["open", ohms("OL"), null],
])("%s", (_, shows, what) => expect(lookOut(shows, HAND)).toBe(what));

test("at a live station volts are what is asked for; farads over the range are told", () => {
  expect(lookOut({ display: "231.4 V", function: "voltage" }, { ...HAND, wanted: "voltage", isDead: false })).toBeNull();
  expect(lookOut({ display: "OL", function: "capacitance" }, { ...HAND, wanted: "capacitance" })).toBe("beyond-range");
  expect(lookOut(ohms("31.4 Ω"), { ...HAND, wanted: null })).toBeNull();
});

test("what is wrong is told once as long as it lasts, and again when it comes back; danger at once, a dial only when it stays", () => {
  const volts: MeterShows = { display: "118.2 V", function: "voltage" };
  const farads: MeterShows = { display: "16.5 µF", function: "capacitance" };
  expect(shownFor([volts, 2000], [ohms("OL"), 500], [volts, 100]).news).toEqual(["live-volts", "live-volts"]);
  expect(shownFor([farads, 800], [ohms("OL"), 500]).news).toEqual([]);
  expect(shownFor([farads, 2000]).news).toEqual(["wrong-function"]);
});

test("nothing is taken while volts drive the ohms, nor of a touch that began before", () => {
  expect(shownFor([ohms("OL"), 500], [ohms("31.4 Ω"), 800], [ohms("-31.4 Ω"), 2000], [ohms("31.4 Ω"), 800]).values).toEqual([]);
  expect(shownFor([ohms("OL"), 500], [ohms("31.4 Ω"), 1500]).values).toEqual([expect.closeTo(31.4)]);
});

test("another setting begins anew; a line that is lost takes nothing of its touch", () => {
  const volts: MeterShows = { display: "1.2 V", function: "voltage" };
  expect(shownFor([ohms("31.4 Ω"), 800], [volts, 200], [ohms("31.4 Ω"), 800]).values).toEqual([]);
  const { taking } = shownFor([ohms("31.4 Ω"), 800]);
  const after = takeNext(loseTaking(taking), { ...ohms("31.4 Ω"), atMs: 1000 }, HAND);
  expect(after.figure).toBeNull();
  expect(loseTaking(NOTHING_TAKEN)).toEqual(NOTHING_TAKEN);
});

test.each([
  ["31.40 Ω", "resistance", 31.4, "31.40"],
  ["4.712 kΩ", "resistance", 4712, "4.712k"],
  ["1.20 MΩ", "resistance", 1.2e6, "1.20M"],
  ["970 nF", "capacitance", 0.97, "970n"],
  ["16.56 µF", "capacitance", 16.561, "16.56"],
  ["2.41 A", "current", 2.4149, "2.41"],
  ["550 MΩ", "insulation", 550, "550"],
  ["0.00 A", "current", 0, "0.00"],
  ["OL", "resistance", null, "OL"],
] as const)("%s of %s is written %s", (display, quantity, value, text) => expect(heldText(display, quantity, value)).toBe(text));

test("a figure is of what was asked for as its touch began; after it, of what is asked for next", () => {
  let taking = NOTHING_TAKEN;
  let atMs = 0;
  const taken: (string | null)[] = [];
  const show = (display: string, forMs: number, asked: string | null): void => {
    for (const until = atMs + forMs; atMs < until; atMs += 100) {
      const after = takeNext(taking, { ...ohms(display), atMs }, { ...HAND, asked });
      taking = after.taking;
      if (after.figure) taken.push(after.isAskedAnew ? "anew" : asked);
    }
  };
  show("OL", 500, "a");
  show("31.4 Ω", 500, "a");
  show("31.4 Ω", 1500, "b");
  show("OL", 1000, "b");
  show("31.4 Ω", 1500, "b");
  // The advice is worked out, then the same touch slides on.
  show("31.4 Ω", 300, null);
  show("8.9 Ω", 1800, "c");
  show("OL", 1000, null);
  show("4.4 Ω", 500, null);
  show("4.4 Ω", 1500, "d");
  expect(taken).toEqual(["anew", "b", "c", "anew"]);
});

test.each([
  ["31.40", "resistance", "31.40 Ω"],
  ["4.712k", "resistance", "4.712 kΩ"],
  ["970n", "capacitance", "970 nF"],
  ["16.5", "capacitance", "16.5 µF"],
  ["0.5k", "insulation", "0.5 kΩ"],
  [">550", "insulation", ">550 MΩ"],
  ["OL", "resistance", "OL"],
  ["x", "resistance", "x"],
] as const)("%s, %s, is shown %s", (text, quantity, display) =>
  expect(shownText(takeReading(text, quantity, DEFAULT_METER, FROM.at).entry)).toBe(display),
);

test.each([
  [">550 MΩ", "insulation", ">550"],
  ["-12.4 V", "voltage", "12.4"],
  ["OL", "capacitance", "OL"],
  ["Lo bat", "resistance", "Lo bat"],
] as const)("%s, taken by a key, is written %s", (display, quantity, text) => expect(heldText(display, quantity)).toBe(text));

test("an entry says where it came from; what was averaged carries its scatter beside the data sheet's", () => {
  const still = heldEntry({ value: 31.4, standardUncertainty: 0 }, "31.4 Ω", "resistance", FROM);
  expect(still).toMatchObject({ text: "31.4", reading: { value: 31.4, origin: "meter", line: "31.4 ohm RES", meter: DEFAULT_METER.name } });
  const sheet = still.reading?.standardUncertainty ?? 0;
  expect(sheet).toBeGreaterThan(0);
  const wavering = heldEntry({ value: 31.4, standardUncertainty: 3 * sheet }, "31.4 Ω", "resistance", FROM);
  expect(wavering.reading?.standardUncertainty).toBeCloseTo(Math.sqrt(10) * sheet, 9);
  expect(heldEntry({ value: null, standardUncertainty: 0 }, "OL", "resistance", FROM).reading).toMatchObject({
    kind: "over-limit",
    standardUncertainty: null,
  });
  expect(shownEntry("0.1 V", "voltage", FROM)).toMatchObject({ text: "0.1", reading: { value: 0.1, line: "31.4 ohm RES" } });
  expect(shownEntry("Lo bat", "resistance", FROM).reading).toBeNull();
});
