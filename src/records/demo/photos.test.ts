import { parseCapacitorLabel } from "@/core/capacitor";
import { readPlateField, type PlateFieldId } from "@/core/motor";
import { DEMO_PHOTOS } from "./photos";
import { STORIES } from "./stories";

const clock = {
  at: () => "2026-01-01T08:00:00.000Z",
  read: (text: string) => ({ text, at: "2026-01-01T08:00:00.000Z" }) as never,
};
const storyWith = (id: string) => STORIES.find((story) => story.id === id)!.stations(clock);
const meaning = (field: PlateFieldId, text: string): unknown => {
  const read = readPlateField(field, text);
  return read.ok ? read.value : text;
};

test.each([
  ["bakery-condenser", "condenserPlate"],
  ["bakery-proofer", "blowerPlate"],
] as const)("the plate on the photo of %s says what its card says", (id, name) => {
  const plate = storyWith(id).plate!;
  const shows: Partial<Record<string, string>> = DEMO_PHOTOS[name].shows;
  expect(plate.photo).toBe(DEMO_PHOTOS[name].data);
  const pairs = [
    ["volts", "volts", shows.volts],
    ["hertz", "hertz", shows.hz],
    ["amps", "amps", shows.amps],
    ["rpm", "rpm", shows.rpm],
    ["power", "power", shows.hp ? `${shows.hp} hp` : `${shows.kw} kW`],
  ] as const;
  for (const [field, kind, printed] of pairs) expect(meaning(kind, plate[field]!)).toEqual(meaning(kind, printed!));
  expect(parseCapacitorLabel(plate.capacitor!)).toEqual(parseCapacitorLabel(`${shows.capacitor_uf} µF ${shows.capacitor_v} V`));
});

test("the label on the photo of a card says what the card says", () => {
  const { shows, data } = DEMO_PHOTOS.blowerLabel;
  const { label, photo } = storyWith("bakery-proofer").capacitor!;
  expect(photo).toBe(data);
  expect(parseCapacitorLabel(label!)).toEqual(parseCapacitorLabel(`${shows.capacitance} µF ±${shows.tolerance_pct} % ${shows.volts} V`));
});
