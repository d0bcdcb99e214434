import fc from "fast-check";
import * as v from "valibot";
import { parseReading } from "../quantity";
import { beginReading, guessLines, PLAIN_PROFILE, ProfileSchema, readBytes, SHIPPED_PROFILES, tryProfile, type Profile } from ".";

const bytesOf = (text: string) => new TextEncoder().encode(text);
const SCPI = SHIPPED_PROFILES.scpi as Profile;
const inLines = (lines: string[], rest: Partial<Profile> = {}): Profile => ({
  ...PLAIN_PROFILE,
  framing: { kind: "lines", end: "\n", lines },
  ...rest,
});
const shownBy = (profile: Profile, text: string) => {
  const read = tryProfile(profile, text);
  if (!read.ok) throw new Error(read.failure.code);
  return read.value.map(({ shows, fault }) => (shows ? `${shows.function}: ${shows.display}` : fault));
};

test.each(Object.entries(SHIPPED_PROFILES))("%s can be kept, and read by", (_, profile) => {
  expect(v.safeParse(ProfileSchema, profile).success).toBe(true);
  expect(beginReading(profile).ok).toBe(true);
});

// As printed in the units of SI, and in the capitals of IEEE 488.2.
test.each([
  ["4.712 kOhm RES", "resistance: 4.712 kΩ"],
  ["4.712kΩ", "resistance: 4.712 kΩ"],
  ["12.4 OHM", "resistance: 12.4 Ω"],
  ["1.20 MOHM", "resistance: 1.20 MΩ"],
  ["120 mohm", "resistance: 0.120 Ω"],
  ["OL kOhm", "resistance: OL"],
  ["OL RES", "resistance: OL"],
  ["-0.3 ohm", "resistance: -0.3 Ω"],
  ["16.56 uF", "capacitance: 16.56 µF"],
  ["970 nF CAP", "capacitance: 970 nF"],
  ["231.4 V VAC", "voltage: 231.4 V"],
  ["231.4 V", "voltage: 231.4 V"],
  ["2314 mV", "voltage: 2.314 V"],
  ["2,41 A", "current: 2.41 A"],
  ["0012.40 A", "current: 12.40 A"],
  ["550 MOHM INS", "insulation: 550 MΩ"],
  ["50.02 Hz", "other: 50.02 Hz"],
  ["0.551 V DIODE", "other: 0.551 V"],
  ["23.5 °C", "temperature: 23.5 °C"],
  ["1385 rpm", "speed: 1385 rpm"],
  ["12.4", "no-function"],
  ["12.4 furlong", "unknown-unit"],
  ["hello", "unmatched"],
  ["12.4.5 V", "unmatched"],
])("a plain line %s is %s", (line, shown) => expect(shownBy(PLAIN_PROFILE, line)).toEqual([shown]));

test("a meter that is asked says what it is set to, then figures in base units", () => {
  expect(shownBy(SCPI, '"RES"\n+4.71200E+03\n+9.90000000E+37\n"CAP"\n+1.656E-05\n"VOLT:AC"\n+2.3140E+02\n"FREQ"\n+5.002E+01')).toEqual([
    null,
    "resistance: 4712.00 Ω",
    "resistance: OL",
    null,
    "capacitance: 16.56 µF",
    null,
    "voltage: 231.40 V",
    null,
    "other: +5.002E+01",
  ]);
  expect(shownBy(SCPI, '+4.712E+03\n"RES"\n9.91E37')).toEqual(["no-function", null, "no-figure"]);
});

test("words of its own: functions, units, over the range", () => {
  const profile = inLines(["<function>;<value>;<unit>;<any>"], {
    functions: { W1: "resistance", "~": "voltage" },
    units: { kO: "kohm" },
    overload: ["LO"],
  });
  expect(shownBy(profile, "W1;4.70;kO;x=1\n~;118.2;V;\nW1;LO;;")).toEqual(["resistance: 4.70 kΩ", "voltage: 118.2 V", "resistance: OL"]);
});

test.each<[string[], Partial<Profile>, string]>([
  [["<any>"], {}, "profile-no-value"],
  [["<value>"], {}, "profile-no-function"],
  [["<value> <volume>"], {}, "profile-unknown-group"],
  [["<value> <value>"], {}, "profile-group-twice"],
  [["<any><any><value> <unit>"], {}, "profile-groups-touch"],
])("a profile of %j is refused: %s", (lines, rest, code) => {
  const read = beginReading(inLines(lines, rest));
  expect(!read.ok && read.failure.code).toBe(code);
});

test("a figure alone is read where the profile says what it is", () => {
  expect(shownBy(inLines(["<value>"], { measures: "insulation" }), "5.5e8\nOL")).toEqual(["insulation: 550000000 Ω", "insulation: OL"]);
});

test("bytes in any pieces give the same lines", () => {
  const text = "12.4 ohm RES\r\nOL ohm RES\r\n\r\n231.4 V VAC\r\nhalf a li";
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 1 }), (sizes) => {
      const begun = beginReading(PLAIN_PROFILE);
      if (!begun.ok) throw new Error("ready");
      const bytes = bytesOf(text);
      let [reader, at, turn] = [begun.value, 0, 0];
      const seen: (string | undefined)[] = [];
      while (at < bytes.length) {
        const size = sizes[turn++ % sizes.length] ?? 1;
        const after = readBytes(reader, bytes.slice(at, at + size));
        seen.push(...after.lines.map(({ shows }) => shows?.display));
        reader = after.reader;
        at += size;
      }
      expect(seen).toEqual(["12.4 Ω", "OL", "231.4 V"]);
    }),
    { numRuns: 60, seed: 7 },
  );
});

test("a line without an end keeps nothing, and what comes after its end is read", () => {
  const begun = beginReading(PLAIN_PROFILE);
  if (!begun.ok) throw new Error("ready");
  let reader = begun.value;
  let told = 0;
  const piece = bytesOf("9".repeat(100_000));
  for (let pieces = 0; pieces < 100; pieces++) {
    const after = readBytes(reader, piece);
    reader = after.reader;
    told += after.isTooLong ? 1 : 0;
    expect(reader.framing.rest.length).toBeLessThan(201);
  }
  expect(told).toBe(1);
  const after = readBytes(reader, bytesOf("9\n12.4 ohm\n"));
  expect(after.lines.map(({ shows }) => shows?.display)).toEqual(["12.4 Ω"]);
});

test("whatever comes is read or told", () => {
  const profile = inLines(["<any>,<function>,<any>,<value>,<any>,<unit>,<any>", "<any> <value> <unit>"]);
  const begun = beginReading(profile);
  if (!begun.ok) throw new Error("ready");
  fc.assert(
    fc.property(fc.uint8Array({ maxLength: 400 }), (bytes) => {
      for (const { shows, fault, line } of readBytes(begun.value, new Uint8Array([...bytes, 10])).lines) {
        expect(line.length).toBeLessThanOrEqual(200);
        if (shows === null) continue;
        expect(fault).toBeNull();
        expect(shows.display).not.toMatch(/NaN|undefined/);
      }
    }),
    { numRuns: 500, seed: 11 },
  );
});

test("what a line shows is a figure that can be typed too", () => {
  fc.assert(
    fc.property(fc.double({ min: 0.001, max: 9e5, noNaN: true }), fc.constantFrom("ohm", "kohm", "MOHM"), (value, unit) => {
      const [read] = shownBy(PLAIN_PROFILE, `${value.toFixed(3)} ${unit}`);
      const parsed = parseReading(String(read).replace("resistance: ", ""), "resistance");
      const times = { ohm: 1, kohm: 1e3, MOHM: 1e6 }[unit] ?? 1;
      expect(parsed.ok && parsed.value.kind === "value" && parsed.value.value / times).toBeCloseTo(Number(value.toFixed(3)), 6);
    }),
    { numRuns: 200, seed: 3 },
  );
});

test.each([
  ["RES,4.712,kohm\nRES,4.713,kohm\nVAC,118.2,V", ["<function>,<value>,<unit>"]],
  ["12.4 ohm\nOL ohm", ["<value> <unit>"]],
  ["<12>", []],
  ["nothing here", []],
])("ways lines are built, guessed from %j", (pasted, lines) => {
  expect(guessLines(pasted)).toEqual(lines);
});

test("what is guessed reads the lines it was guessed from", () => {
  for (const pasted of ["RES,4.712,kohm", "#1: 16.56uF CAP ok"]) {
    const lines = guessLines(pasted);
    const [read] = shownBy(inLines(lines), pasted);
    expect(read).toMatch(/resistance: 4\.712 kΩ|capacitance: 16\.56 µF/);
  }
});

describe("packets", () => {
  const PACKET: Profile = {
    ...PLAIN_PROFILE,
    framing: {
      kind: "packets",
      length: 7,
      head: [0xaa],
      check: "sum",
      value: { at: 1, bytes: 2, as: "unsigned", order: "big" },
      decimals: { at: 3, mask: 0x0f },
      negative: { at: 3, mask: 0x80 },
      overload: { at: 3, mask: 0x40, equals: 1 },
      function: {
        at: 4,
        mask: 0xff,
        codes: [
          { code: 1, means: "resistance" },
          { code: 2, means: "voltage" },
          { code: 9, means: "other" },
        ],
      },
      unit: {
        at: 5,
        mask: 0x03,
        codes: [
          { code: 0, means: "Ω" },
          { code: 1, means: "kΩ" },
          { code: 2, means: "V" },
        ],
      },
    },
  };
  const packet = (...bytes: number[]) => [0xaa, ...bytes, [0xaa, ...bytes].reduce((sum, byte) => (sum + byte) & 0xff, 0)];
  const shown = (bytes: number[]) => {
    const begun = beginReading(PACKET);
    if (!begun.ok) throw new Error("ready");
    return readBytes(begun.value, new Uint8Array(bytes)).lines.map(({ shows, fault }) =>
      shows ? `${shows.function}: ${shows.display}` : fault,
    );
  };
  test("each thing from its place; what is out of step, or does not add up, is passed over", () => {
    expect(v.safeParse(ProfileSchema, PACKET).success).toBe(true);
    expect(shown(packet(0x12, 0x68, 3, 1, 1))).toEqual(["resistance: 4.712 kΩ"]);
    expect(shown(packet(0x04, 0x9e, 0x81, 2, 2))).toEqual(["voltage: -118.2 V"]);
    expect(shown(packet(0, 0, 0x40, 1, 0))).toEqual(["resistance: OL"]);
    expect(shown(packet(0, 50, 0, 9, 3))).toEqual(["other: 50"]);
    expect(shown([1, 2, 0xaa, 3, ...packet(0x12, 0x68, 3, 1, 1), 0xaa, ...packet(0, 124, 1, 1, 0)])).toEqual([
      "resistance: 4.712 kΩ",
      "resistance: 12.4 Ω",
    ]);
    expect(shown([0xaa, 0x12, 0x68, 3, 1, 1, 0])).toEqual([]);
  });
  test("one that says neither unit nor function cannot be read by", () => {
    const mute = { ...PACKET, framing: { ...PACKET.framing, function: null, unit: null } } as Profile;
    expect(beginReading(mute)).toMatchObject({ ok: false, failure: { code: "profile-no-function" } });
  });
  test.each([
    ["float", "little", [0, 0, 0x48, 0x41], "12.5"],
    ["integer", "big", [0xff, 0xff, 0xff, 0x85], "-12.3"],
    ["decimal", "big", [0, 0, 0x12, 0x40], "124.0"],
    ["text", "big", [0x31, 0x32, 0x2e, 0x34], "12.4"],
  ] as const)("a figure as %s, %s end first", (as, order, bytes, figure) => {
    const profile: Profile = {
      ...PLAIN_PROFILE,
      measures: "resistance",
      framing: {
        kind: "packets",
        length: 5,
        head: [0x55],
        check: "none",
        value: { at: 1, bytes: 4, as, order },
        decimals: 1,
        negative: null,
        overload: null,
        function: null,
        unit: null,
      },
    };
    const begun = beginReading(profile);
    if (!begun.ok) throw new Error("ready");
    expect(readBytes(begun.value, new Uint8Array([0x55, ...bytes])).lines[0]?.shows?.display).toBe(`${figure} Ω`);
  });
});
