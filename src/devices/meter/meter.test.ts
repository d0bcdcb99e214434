import { DEFAULT_METER } from "@/core/house";
import { readSample, standInMeter, type MeterSample } from ".";

const AT = "2026-11-27T10:00:00.000Z";
const open = async (lostAfter?: number) => {
  const shown: MeterSample[] = [];
  let lost = 0;
  const link = standInMeter({
    samples: [
      { display: "12.4", quantity: "resistance" },
      { display: "OL", quantity: "resistance" },
    ],
    periodMs: 100,
    now: () => new Date(AT),
    ...(lostAfter === undefined ? {} : { lostAfter }),
  });
  const close = await link.open({ onSample: (sample) => shown.push(sample), onLost: () => (lost += 1) });
  return { shown, close, lost: () => lost };
};

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test("the stand-in shows what it was given, the last for ever, and nothing once it is closed", async () => {
  const { shown, close, lost } = await open();
  jest.advanceTimersByTime(350);
  expect(shown.map(({ display }) => display)).toEqual(["12.4", "OL", "OL"]);
  close();
  jest.advanceTimersByTime(1000);
  expect(shown).toHaveLength(3);
  expect(lost()).toBe(0);
});

test("a line that goes down is told once", async () => {
  const { shown, lost } = await open(1);
  jest.advanceTimersByTime(1000);
  expect([shown.length, lost()]).toEqual([1, 1]);
});

test("a sample is a reading that says it came over a meter's line; nonsense on the display is none", () => {
  const entry = readSample({ display: "12.4", quantity: "resistance", at: AT }, DEFAULT_METER);
  expect(entry).toMatchObject({ text: "12.4", reading: { value: 12.4, origin: "meter", at: AT, meter: DEFAULT_METER.name } });
  expect(entry.reading?.standardUncertainty).toBeGreaterThan(0);
  expect(readSample({ display: "Lo bat", quantity: "resistance", at: AT }, DEFAULT_METER).reading).toBeNull();
});
