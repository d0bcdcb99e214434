import { fieldAt, fieldPaths } from "@/core/fields";
import { STATION_IDS, stationOf, type StationId } from "@/core/stations";
import { FIELD_ROWS, fieldLabel } from "./field-rows";

/** Fields that an instrument draws by hand, each with how. */
const BY_HAND: Partial<Record<StationId, Readonly<Record<string, string>>>> = {
  plate: { duty: "two words beside what was typed", areAmpsSure: "the question about the amps" },
  capacitor: {
    label: "the label's own line",
    readFor: "kept, never keyed",
    feeds: "the terminals of a dual",
    "discharge.startedAt": "the count",
    "second.label": "the label's own line",
    "second.readFor": "kept, never keyed",
    "second.discharge.startedAt": "the count",
  },
  windings: { hasFrame: "a button of the board" },
  bearing: Object.fromEntries(
    ["drive-end", "other-end"].flatMap((end) =>
      ["bore", "outside", "width", "shaftRepair", "seatRepair"].map((field) => [`ends.${end}.${field}`, "beside what it comes to"]),
    ),
  ),
  "take-apart": { seenTo: "traps of the parts that came off", closedAt: "the button that closes it" },
  "power-back": { restoredAt: "the button that gives it power" },
  decide: { decidedAt: "when it was decided", earlier: "kept from before it came back" },
  "out-in": { seenTo: "by what was fitted" },
  prove: { isOfBefore: "kept, never keyed" },
  end: { endedAt: "when it was chosen" },
};

/** Ways to what a person keys. */
const keyed = (station: StationId): readonly string[] => {
  const { fields } = stationOf(station);
  return fieldPaths(fields).filter((path) => fieldAt(fields, path)?.kind !== "own");
};
const drawn = (station: StationId): readonly string[] =>
  FIELD_ROWS[station].flatMap(({ at, rows }) =>
    rows.paths
      .map((path) => (at === "" ? path : `${at}.${path}`))
      // The other of two capacitors has no note and no kit of its own.
      .filter((path) => !path.startsWith("second.") || fieldAt(stationOf(station).fields, path) !== undefined),
  );

test.each(STATION_IDS)("every field of %s has its row, or is drawn by hand and says how", (station) => {
  const byHand = Object.keys(BY_HAND[station] ?? {});
  const known = drawn(station);
  expect(keyed(station).filter((path) => !known.includes(path) && !byHand.includes(path))).toEqual([]);
  // A row at no field, or a field that is called drawn by hand and has a row, is a leftover.
  expect(known.filter((path) => fieldAt(stationOf(station).fields, path) === undefined)).toEqual([]);
  expect(byHand.filter((path) => known.includes(path) || fieldAt(stationOf(station).fields, path) === undefined)).toEqual([]);
});

test.each(STATION_IDS)("a blank record of %s is what its fields come to, and its schema takes it", (station) => {
  const { fields, schema, blank } = stationOf(station);
  const made = Object.fromEntries(Object.entries(fields).map(([place, { blank: own }]) => [place, own]));
  expect(blank).toEqual(made);
  expect(schema["~run"]({ value: blank }, {}).issues).toBeUndefined();
});

test("choices have words for each of their options, and no two fields of one station one label", () => {
  for (const station of STATION_IDS) {
    const labels = drawn(station).flatMap((path) => fieldLabel(station, path) ?? []);
    for (const { rows } of FIELD_ROWS[station])
      for (const { field, row } of Object.values(rows.at)) {
        if (!("options" in field) || typeof row.words === "function" || row.offers) continue;
        expect(Object.keys(row.words ?? {})).toEqual(expect.arrayContaining(field.options.filter((id) => id !== "").map(String)));
      }
    expect(labels.every((label) => label.trim() !== "")).toBe(true);
  }
});

test("a label is that of its row, in a part of the record too", () => {
  expect(fieldLabel("supply", "standing")).toBe("At the motor, standing");
  expect(fieldLabel("prove", "after.lineAmps")).toBe("Running amps after");
  expect(fieldLabel("bearing", "ends.other-end.slides")).toBe("Outer ring slides (spring washer)");
  expect(fieldLabel("windings", "pairs.0")).toBeNull();
});
