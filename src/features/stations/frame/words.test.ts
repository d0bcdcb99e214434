import { toHouseFigures } from "@/core/house";
import { NO_FACTS, type Facts } from "@/core/facts";
import { frameStation } from "@/core/stations/frame";
import { NO_STUDY } from "@/core/study";
import { takeReading } from "@/core/quantity";
import { DEFAULT_METER } from "@/core/house";
import { sentences } from "./words";

const read = (text: string) => takeReading(text, "resistance", DEFAULT_METER, "2026-11-23T12:00:00.000Z").entry;
const said = (ohms: string, facts: Partial<Facts> = {}): string =>
  sentences(
    frameStation.assess(
      { ...frameStation.blank, readings: [read(ohms), read("OL"), read("OL")] },
      {
        facts: { ...NO_FACTS, leadNames: ["1", "2", "3"], ...facts },
        house: toHouseFigures({}),
        earlier: [],
        findings: [],
        study: NO_STUDY,
      },
    ).detail,
  ).join(" ");

test("a path to the frame finishes a motor that was dry, and explains a trip only where one was spoken of", () => {
  expect(said("22k")).toMatch(/a ground fault\. The motor is finished\./);
  expect(said("22k")).not.toMatch(/tripping/);
  expect(said("58", { mayTrip: true })).toMatch(/The motor is finished\. It explains the tripping\./);
});

test("a motor that was wet is dried and measured again before it is condemned, unless copper lies on iron", () => {
  expect(said("22k", { history: ["water"] })).toMatch(/dry it out and measure it again/);
  expect(said("22k", { history: ["water"] })).not.toMatch(/finished/);
  expect(said("58", { history: ["water"] })).toMatch(/The motor is finished/);
});
