import { MATCH_LINE_IDS, readSheet, BLANK_SHEET, UNKNOWN_PLACE } from "@/core/match";
import { MATCH_LINE_WORDS } from "@/features/vocabulary/match-words";
import { orderText } from "./sheet-words";

test("what a supplier is asked: the old motor, its place, what nobody knows, and what they have to say", () => {
  const { spec } = readSheet({
    ...BLANK_SHEET,
    type: "psc",
    volts: "208-230",
    hertz: "60",
    power: "1/3 hp",
    rpm: "1075",
    shaftDiameter: "12.7",
  });
  const place = {
    ...UNKNOWN_PLACE,
    machineKind: "blower" as const,
    circuitA: 6,
    roomLengthMm: 200,
    shaft: "horizontal" as const,
    hasAirOver: true,
  };
  const text = orderText({ old: { ...spec, rotation: "ccw" }, place }, "Orlane 52-118, part no. 4471", MATCH_LINE_IDS, MATCH_LINE_WORDS);
  expect(text.split("\n")).toEqual([
    "Wanted: a motor to replace this one.",
    "The old one: Orlane 52-118, part no. 4471.",
    "Volts: 208–230 V",
    "Hertz: 60 Hz",
    "Power: 1/3 hp",
    "Speed, poles: 1075 rpm, 6 poles",
    "Type, start: PSC",
    "Rotation, shaft end: counter-clockwise",
    "Shaft: Ø 12.7 mm",
    "Its place: drives a blower; circuit bears 6 A; room for 200 mm of length; shaft level; the machine's air passes over it.",
    "Not known of the old one: speeds; mount; body; shaft ends; enclosure; duty; bearings; capacitor; protection; amps, circuit.",
    "To be said of yours: every line above, the capacitor it needs, price, and days.",
  ]);
});
