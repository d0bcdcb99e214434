/** @jest-environment jsdom */
import { DEFAULT_METER } from "@/core/house";
import type { LineFault, MeterShows } from "@/core/meter-line";
import type { Entry } from "@/core/quantity";
import { fail, ok } from "@/core/result";
import type { Stamp } from "@/core/station";
import type { MeterLink } from "@/devices/meter";
import { renderHook } from "@testing-library/react";
import { useFigureTarget } from "../form/figure-targets";
import { createLink, type LinkPlace } from "./link";
import { loudnessOf, type LinkNews } from "./link-news";
import { newsWords } from "./link-words";
import { followHand } from "./meter-hand";

type Listener = Parameters<MeterLink["open"]>[0];

/** A link with a meter in the hand of the test. */
function linkInHand(meter: Partial<MeterLink> = {}) {
  const news: LinkNews[] = [];
  let listener: Listener | undefined;
  let atMs = 0;
  let closed = 0;
  const link = createLink({ now: () => new Date("2026-12-02T10:00:00.000Z"), give: (_loudness, each) => news.push(each) });
  const device: MeterLink = {
    name: "Meter",
    origin: "meter",
    meter: null,
    open: (given) => {
      listener = given;
      return Promise.resolve(ok(() => void (closed += 1)));
    },
    ...meter,
  };
  return {
    link,
    device,
    news,
    codes: () => news.map(({ code }) => code),
    closed: () => closed,
    show: (display: string, forMs: number, set: MeterShows["function"] = "resistance") => {
      for (const until = atMs + forMs; atMs < until; atMs += 100)
        listener?.onSample({ display, function: set, atMs, line: `${display} line` });
    },
    unread: (line: string, fault: LineFault | "too-long") => listener?.onUnread(line, fault),
    drop: () => listener?.onLost(),
  };
}

const gone: string[] = [];
const place = (part: Partial<LinkPlace> = {}): LinkPlace => ({
  station: "windings",
  isDead: true,
  safeVolts: 30,
  meter: DEFAULT_METER,
  stamp: "not-done",
  stampWord: "",
  hasMotor: true,
  next: { title: "To the frame", go: () => gone.push("frame") },
  ...part,
});

/** Fields on the screen, with what is put there. */
function fieldsHere(...labels: readonly string[]) {
  document.body.innerHTML = `<form data-instrument>${labels.map(() => "<input data-figure>").join("")}</form>`;
  const inputs = [...document.querySelectorAll("input")];
  const kept: (Entry | null)[] = labels.map(() => null);
  const doubtful = new Set<number>();
  const draw = () =>
    inputs.forEach((field, index) => {
      // The layout of jsdom is empty.
      field.getClientRects = () => [{}] as unknown as DOMRectList;
      const { result } = renderHook(() => {
        const ref = useFigureTarget({
          label: labels[index] ?? "",
          quantity: "resistance",
          entry: kept[index] ?? null,
          isDoubtful: doubtful.has(index),
          put: (entry) => {
            kept[index] = entry;
            field.value = entry?.text ?? "";
            draw();
          },
        });
        ref.current = field;
        return ref;
      });
      return result;
    });
  draw();
  return { inputs, kept, doubtful, draw };
}

beforeEach(() => {
  jest.useFakeTimers();
  gone.length = 0;
});
afterEach(() => jest.useRealTimers());

test("settled figures go to the fields in their order, each once, with where they came from", async () => {
  const { inputs, kept } = fieldsHere("1 to 2", "2 to 3");
  const { link, device, show, news } = linkInHand();
  link.setPlace(place());
  await link.open(device);
  expect(link.view().asked).toBe("1 to 2");
  show("31.4 Ω", 2500);
  expect(kept.map((entry) => entry?.text)).toEqual(["31.4", undefined]);
  expect(kept[0]?.reading).toMatchObject({ origin: "meter", line: "31.4 Ω line", meter: DEFAULT_METER.name });
  jest.advanceTimersByTime(50);
  expect(document.activeElement).toBe(inputs[1]);
  show("OL", 1000);
  show("8.9 Ω", 1500);
  expect(kept.map((entry) => entry?.text)).toEqual(["31.4", "8.9"]);
  expect(news.filter(({ code }) => code === "taken").map(newsWords)).toEqual(["Taken: 31.4 Ω, 1 to 2.", "Taken: 8.9 Ω, 2 to 3."]);
});

test("one press takes back the last, and the one before it", async () => {
  const { kept } = fieldsHere("1 to 2", "2 to 3");
  const { link, device, show } = linkInHand();
  link.setPlace(place());
  await link.open(device);
  link.takeBack();
  show("31.4 Ω", 1500);
  show("OL", 1000);
  show("8.9 Ω", 1500);
  expect(link.view().canTakeBack).toBe(true);
  link.takeBack();
  expect(kept.map((entry) => entry?.text)).toEqual(["31.4", undefined]);
  link.takeBack();
  expect(kept).toEqual([null, null]);
  expect(link.view().canTakeBack).toBe(false);
});

test("a filled field is read anew where a person went there, and not because it was typed in a moment ago", async () => {
  const { inputs, kept } = fieldsHere("1 to 2", "2 to 3");
  const { link, device, show } = linkInHand();
  link.setPlace(place());
  await link.open(device);
  inputs[0]?.focus();
  if (inputs[0]) inputs[0].value = "3";
  show("31.4 Ω", 1500);
  expect(kept.map((entry) => entry?.text)).toEqual([undefined, "31.4"]);
});

test("what is asked for changes while the tips are on: the figure goes nowhere, and it is said", async () => {
  const { inputs, kept } = fieldsHere("1 to 2", "2 to 3");
  const { link, device, show, codes } = linkInHand();
  link.setPlace(place());
  await link.open(device);
  show("OL", 500);
  show("31.4 Ω", 500);
  inputs[1]?.focus();
  show("31.4 Ω", 1500);
  expect(kept).toEqual([null, null]);
  expect(codes()).toEqual(["asked-anew"]);
  show("OL", 1000);
  show("31.4 Ω", 1500);
  expect(kept.map((entry) => entry?.text)).toEqual([undefined, "31.4"]);
});

test("the same for a tap: it says that what was asked for then is open", async () => {
  const { inputs, kept } = fieldsHere("1 to 2", "2 to 3");
  const { link, device, show, codes } = linkInHand();
  link.setPlace(place());
  await link.open(device);
  show("OL", 500);
  show("0.2 Ω", 500);
  show("OL", 300);
  inputs[1]?.focus();
  show("OL", 1000);
  expect(kept).toEqual([null, null]);
  expect(codes()).toEqual(["asked-anew"]);
});

test("a slide to the next place in one touch is taken too", async () => {
  const { kept } = fieldsHere("1 to 2", "2 to 3");
  const { link, device, show } = linkInHand();
  link.setPlace(place());
  await link.open(device);
  show("31.4 Ω", 1500);
  jest.advanceTimersByTime(50);
  show("8.9 Ω", 1800);
  expect(kept.map((entry) => entry?.text)).toEqual(["31.4", "8.9"]);
});

test("a field in which a figure stands is read anew by whoever goes there", async () => {
  const { inputs, kept } = fieldsHere("1 to 2", "2 to 3");
  const { link, device, show } = linkInHand();
  const unfollow = followHand(link.look);
  link.setPlace(place());
  await link.open(device);
  show("31.4 Ω", 1500);
  show("OL", 1000);
  inputs[0]?.blur();
  inputs[0]?.focus();
  expect(link.view().asked).toBe("1 to 2");
  show("33.0 Ω", 1500);
  expect(kept.map((entry) => entry?.text)).toEqual(["33.0", undefined]);
  unfollow();
});

test("another station is none of what a figure came to", async () => {
  fieldsHere("1 to 2");
  const { link, device, show, codes } = linkInHand();
  link.setPlace(place());
  await link.open(device);
  show("31.4 Ω", 1500);
  link.setPlace(place({ station: "frame", stamp: "out", stampWord: "Out" }));
  jest.advanceTimersByTime(600);
  expect(codes()).toEqual(["taken"]);
});

test("where nothing is asked for, tips that touch go on, and a figure is only told", async () => {
  fieldsHere();
  const { link, device, show, codes } = linkInHand();
  link.setPlace(place());
  await link.open(device);
  show("OL", 500);
  show("31.4 Ω", 1500);
  show("OL", 1000);
  expect(codes()).toEqual(["not-asked"]);
  expect(gone).toEqual([]);
  show("0.2 Ω", 500);
  show("OL", 1200);
  expect(codes()).toEqual(["not-asked", "gone-on"]);
  expect(gone).toEqual(["frame"]);
  link.setPlace(place({ next: null }));
  show("0.2 Ω", 500);
  show("OL", 1200);
  expect(codes()).toEqual(["not-asked", "gone-on", "not-asked"]);
});

test.each<[string, Stamp, boolean, string[]]>([
  ["that is out", "out", false, ["taken", "stamped"]],
  ["that holds", "holds", false, ["taken"]],
  ["that does not go with the rest", "not-done", true, ["taken", "doubtful"]],
])("a figure %s", async (_, stamp, isDoubtful, codes) => {
  const { doubtful, draw } = fieldsHere("1 to 2", "2 to 3");
  const hand = linkInHand();
  hand.link.setPlace(place());
  await hand.link.open(hand.device);
  hand.show("31.4 Ω", 1500);
  hand.link.setPlace(place({ stamp, stampWord: "Out" }));
  if (isDoubtful) doubtful.add(0);
  draw();
  jest.advanceTimersByTime(600);
  expect(hand.codes()).toEqual(codes);
});

test("what is shown is taken by a key; what cannot be read, or is something else, is told and left", async () => {
  const { kept } = fieldsHere("1 to 2");
  const { link, device, show, news } = linkInHand({ meter: { ...DEFAULT_METER, name: "Its own" } });
  link.takeNow();
  link.setPlace(place());
  await link.open(device);
  link.takeNow();
  show("16.5 µF", 100, "capacitance");
  link.takeNow();
  show("Lo bat", 100);
  link.takeNow();
  expect(kept).toEqual([null]);
  show("OL", 100);
  link.takeNow();
  expect(kept[0]).toMatchObject({ text: "OL", reading: { kind: "over-limit", meter: "Its own" } });
  link.takeNow();
  expect(news.map(newsWords)).toEqual([
    "Set the meter to ohms (Ω).",
    "Lo bat cannot be taken here. Key what the display shows.",
    "Taken: OL, 1 to 2.",
    "No figure is asked for here. Touch the tips together for a moment to go on: To the frame.",
  ]);
});

test("silence, lines that are not read and a line that is lost are told; what was taken stands", async () => {
  const { kept } = fieldsHere("1 to 2", "2 to 3");
  const { link, device, show, unread, drop, codes } = linkInHand();
  link.setPlace(place());
  await link.open(device);
  show("31.4 Ω", 1500);
  for (let lines = 0; lines < 6; lines += 1) unread("odd", "unmatched");
  unread("", "too-long");
  jest.advanceTimersByTime(4000);
  expect(link.view().shown).toBeNull();
  drop();
  expect(codes()).toEqual(["taken", "unread", "unread", "silent", "lost"]);
  expect(link.view().phase).toBe("lost");
  expect(kept[0]?.text).toBe("31.4");
  jest.advanceTimersByTime(9000);
  expect(codes()).toHaveLength(5);
});

test("a way that does not open says why; another is opened in its place, and closed", async () => {
  fieldsHere("1 to 2");
  const { link, device, closed } = linkInHand();
  link.setPlace(place());
  await link.open({ ...device, open: () => Promise.resolve(fail({ code: "meter-taken" })) });
  expect(link.view()).toMatchObject({ phase: "failed", failure: { code: "meter-taken" } });
  await link.open({ ...device, origin: "simulation" });
  expect(link.view()).toMatchObject({ phase: "open", isSimulated: true });
  await link.open(device);
  expect(closed()).toBe(1);
  link.close();
  expect([closed(), link.view().phase]).toEqual([2, "closed"]);
});

test.each<LinkNews>([
  { code: "taken", text: "8.9 Ω", label: "1 to 2" },
  { code: "taken-back", label: "1 to 2" },
  { code: "doubtful", label: "1 to 2" },
  { code: "stamped", word: "Out" },
  { code: "not-asked", next: null },
  { code: "gone-on", title: "To the frame" },
  { code: "asked-anew", label: "1 to 2" },
  ...(["live-volts", "volts-on-leads", "wrong-function", "coarse-range", "beyond-range"] as const).map((what): LinkNews => ({
    code: "look-out",
    what,
    display: "118 V",
    wanted: null,
  })),
  { code: "unread", line: "x".repeat(90), fault: "no-figure" },
  { code: "unread", line: "", fault: "too-long" },
  { code: "silent" },
  { code: "lost" },
  { code: "refused", display: "Lo bat" },
])("$code $what is a short plain sentence", (news) => {
  expect(newsWords(news)).toMatch(/^["“A-Z0-9].*\.$/);
  expect(newsWords(news).length).toBeLessThan(140);
  expect(["plain", "taken", "look", "alarm"]).toContain(loudnessOf(news));
});
