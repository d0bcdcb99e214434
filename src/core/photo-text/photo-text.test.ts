import { isLikeWhatWasAsked, readCapacitorLabel, readPlate, readStamp, type FieldReading, type ReadLine } from ".";
import { misreadCost } from "./misreading";
import { splitName } from "./read-line";
import { unlikeAMotor } from "./together";

const BOX = { x: 0, y: 0, width: 100, height: 20 };
/** A line whose renderings all read the same, or as listed. */
const line = (...texts: readonly string[]): ReadLine => ({
  box: BOX,
  texts: (texts.length === 1 ? [texts[0]!, texts[0]!] : texts).map((text) => ({ part: "whole", text })),
});
const split = (name: string, figure: string): ReadLine => ({
  box: BOX,
  texts: [
    { part: "whole", text: `${name} ${figure}` },
    { part: "name", text: name },
    { part: "figure", text: figure },
    { part: "whole", text: `${name} ${figure}` },
  ],
});
const plateOf = (...lines: readonly ReadLine[]) => readPlate([lines]);
const first = <Id extends string>(fields: readonly FieldReading<Id>[], id: Id): string | undefined =>
  fields.find(({ field }) => field === id)?.candidates[0]?.text;
const isSure = <Id extends string>(fields: readonly FieldReading<Id>[], id: Id): boolean =>
  fields.find(({ field }) => field === id)?.isSure ?? false;

/** A fan's plate, every line read rightly. */
const FAN = {
  volts: split("V", "230"),
  hertz: split("HZ", "50"),
  amps: split("A", "3.2"),
  rpm: split("RPM", "955"),
  power: split("kW", "0.37"),
  capacitor: split("CAP", "10 uF 450 VAC"),
} as const;
const OTHERS = [
  line("BRAMWIT"),
  line("FAN MOTOR TF6143"),
  split("FR", "63"),
  split("INS", "F"),
  split("AMB", "40°C"),
  split("PH", "1"),
  split("SER", "44438-R"),
];
const fan = (change: Partial<Record<keyof typeof FAN, ReadLine | null>> = {}) =>
  plateOf(...Object.values({ ...FAN, ...change }).filter((each) => each !== null), ...OTHERS);

describe("how a text is misread", () => {
  test.each([
    ["230", "230", 0],
    ["230", "23O", 1],
    ["0.37", "O.37", 1],
    ["115", "lls", 3],
  ])("%s as %s costs little", (meant, read, most) => expect(misreadCost(meant, read)).toBeLessThanOrEqual(most));
  test.each([
    ["230", "23O", "240"],
    ["1/3", "13", "1/8"],
    ["2.4", "24", "9.4"],
    ["208-230", "208.230", "220-240"],
    ["25uF", "25pF", "26uF"],
  ])("%s is likelier than %s's neighbour", (meant, read, other) => expect(misreadCost(meant, read)).toBeLessThan(misreadCost(other, read)));
  test("more that is wrong never costs less", () => {
    for (const word of ["230", "1725", "0.37kW", "12.5uF440V"])
      for (let at = 0; at < word.length; at += 1) {
        const one = `${word.slice(0, at)}x${word.slice(at + 1)}`;
        const two = `${one.slice(0, -1)}y`;
        expect(misreadCost(word, one)).toBeGreaterThan(0);
        if (at < word.length - 1) expect(misreadCost(word, two)).toBeGreaterThan(misreadCost(word, one));
      }
  });
});

test.each([
  ["v 230", "v", "230"],
  ["FLA3.2", "FLA", "3.2"],
  ["Al.6", "A", "l.6"],
  ["wl/8", "w", "l/8"],
  ["cl6 uF 440V", "c", "l6 uF 440V"],
  ["r/min 1360", "r/min", "1360"],
  ["[|v 110", "v", "110"],
  ["car ¥6 uF", "car", "¥6 uF"],
  ["kw O.37", "kw", "O.37"],
])("%s is the name %s and the figure %s", (text, name, figure) => expect(splitName(text)).toEqual({ name, figure }));

describe("a plate", () => {
  test("read rightly is sure in every field", () => {
    const fields = fan();
    expect(Object.fromEntries(fields.map(({ field, candidates }) => [field, candidates[0]?.text]))).toEqual({
      volts: "230",
      hertz: "50",
      amps: "3.2",
      rpm: "955",
      power: "0.37 kW",
      capacitor: "10 µF 450 V",
    });
    for (const field of ["volts", "hertz", "amps", "power"] as const) expect([field, isSure(fields, field)]).toEqual([field, true]);
  });
  test.each([
    ["a point lost", "amps", { amps: split("FLA", "32") }, "3.2"],
    ["O for 0", "volts", { volts: split("V", "23O") }, "230"],
    ["the name misread", "rpm", { rpm: split("rem", "955") }, "955"],
    ["S for 5", "rpm", { rpm: split("RPM", "9SS") }, "955"],
    ["p for µ", "capacitor", { capacitor: split("cae", "10 pF 450 VAC") }, "10 µF 450 V"],
    ["name and figure glued", "amps", { amps: line("A3.2") }, "3.2"],
    ["l for 1, run together", "capacitor", { capacitor: line("cl0uF450V") }, "10 µF 450 V"],
    ["a dot for the dash of a band", "volts", { volts: split("V", "220.240") }, "220-240"],
    ["a rim read as signs", "hertz", { hertz: line("[|hz 50", "|Hz 50|") }, "50"],
  ] as const)("%s: mended", (_name, field, change, expected) => expect(first(fan(change), field)).toBe(expected));
  test("the motor decides between 24 A and 2.4 A", () => {
    const unclear = { amps: line("A 24", "A 2 4") };
    expect(first(fan({ ...unclear, power: split("kW", "0.25") }), "amps")).toBe("2.4");
    expect(first(fan({ ...unclear, power: split("kW", "3") }), "amps")).toMatch(/^24(\.0)?$/);
  });
  test("a stroke that is lost: a third of a horsepower, not thirteen", () => {
    const american = { hertz: split("HZ", "60"), volts: split("V", "115"), amps: split("FLA", "6.1"), rpm: split("RPM", "1725") };
    expect(first(fan({ ...american, power: split("HP", "13") }), "power")).toBe("1/3 HP");
  });
  test.each(["volts", "hertz", "amps", "rpm", "power", "capacitor"] as const)("what is not printed is not offered as sure: %s", (field) =>
    expect(isSure(fan({ [field]: null }), field)).toBe(false),
  );
  test("two renderings that differ leave both, and are not sure", () => {
    const amps = fan({ amps: line("A 3.2", "A 8.2") }).find(({ field }) => field === "amps");
    expect(
      amps?.candidates
        .slice(0, 2)
        .map(({ text }) => text)
        .sort(),
    ).toEqual(["3.2", "8.2"]);
    expect(amps?.isSure).toBe(false);
  });
  test("the order of its lines says nothing", () => {
    const lines = [...Object.values(FAN), ...OTHERS];
    const chances = (some: readonly ReadLine[]) => plateOf(...some).map(({ candidates }) => candidates[0]?.chance.toFixed(6));
    expect(chances([...lines].reverse())).toEqual(chances(lines));
  });
  test("chances of a field add up to one at most", () => {
    for (const { candidates } of fan({ amps: line("A 8.2", "A 3 2") }))
      expect(candidates.reduce((sum, { chance }) => sum + chance, 0)).toBeLessThanOrEqual(1 + 1e-9);
  });
  test("two connections are one field each: volts and amps by their strokes", () => {
    const fields = fan({
      volts: split("V", "115/230"),
      amps: split("A", "6.4/3.2"),
      hertz: split("HZ", "60"),
      power: split("HP", "1/2"),
      rpm: split("RPM", "1630"),
    });
    expect([first(fields, "volts"), first(fields, "amps")]).toEqual(["115/230", "6.4/3.2"]);
  });
  test("nothing is read of a page of a book", () => {
    const page = ["It was a bright day in", "April, and the clocks of", "the town of Quillhaven", "Chapter 14", "and 37 miles further"].map(
      (text) => line(text),
    );
    for (const { field, isSure: sure } of plateOf(...page)) expect([field, sure]).toEqual([field, false]);
    expect(isLikeWhatWasAsked(plateOf(...page))).toBe(false);
  });
  test("one field that happens to fit makes no plate, two do; a stamp has but one", () => {
    const [likely, none] = [{ candidates: [{ text: "7 W", chance: 0.56 }] }, { candidates: [] }];
    expect(isLikeWhatWasAsked([likely, none, none])).toBe(false);
    expect(isLikeWhatWasAsked([likely, likely, none])).toBe(true);
    expect([isLikeWhatWasAsked([likely]), isLikeWhatWasAsked([none])]).toEqual([true, false]);
  });
});

describe("a second picture of the same plate", () => {
  const blurred = [split("V", "230"), line("A ?.2")];
  const clear = [split("A", "3.2"), split("HZ", "50")];
  test("adds to the first: what either shows is there", () => {
    const fields = readPlate([blurred, clear]);
    expect([first(fields, "volts"), first(fields, "amps"), first(fields, "hertz")]).toEqual(["230", "3.2", "50"]);
  });
  test("two that agree are surer than one; two that do not are less", () => {
    const chance = (...pictures: readonly (readonly ReadLine[])[]): number =>
      readPlate(pictures)
        .find(({ field }) => field === "amps")
        ?.candidates.find(({ text }) => text === "3.2")?.chance ?? 0;
    const unclear = [line("A 3.2", "A 8.2")];
    expect(chance(unclear, [split("A", "3.2")])).toBeGreaterThan(chance(unclear));
    expect(chance([split("A", "3.2")], [split("A", "8.2")])).toBeLessThan(chance([split("A", "3.2")]));
  });
});

test.each([
  [["7.5 MFD +10%", "370 V~", "60 Hz -25°C +85°C", "KELVANE P2 2419"], "7.5 µF", "±10 %", "370 V"],
  [["40/5 uF £6%", "400 VAC", "50/60 Hz", "DOSBROOK SH 4915"], "40/5 µF", "±6 %", "400 V"],
  [["130-156 MFD", "220 V-", "CBB65A"], "130-156 µF", undefined, "220 V"],
  [["12.S pF *10%", "44O V~", "25/85/21"], "12.5 µF", "±10 %", "440 V"],
])("label %j: %s, %s, %s", (texts, capacitance, tolerance, volts) => {
  const fields = readCapacitorLabel([texts.map((text) => line(text))]);
  expect([first(fields, "capacitance"), first(fields, "tolerance"), first(fields, "volts")]).toEqual([capacitance, tolerance, volts]);
});
test("a label without volts offers none as sure: its class and date are none", () => {
  const fields = readCapacitorLabel([["35 uF ±5%", "50/60 Hz", "DOSBROOK 10000 AFC 1822", "25/85/21"].map((text) => line(text))]);
  expect(isSure(fields, "volts")).toBe(false);
});

test.each([
  ["6203-2RS C3", "6203 2RS C3"],
  ["62022Z C3", "6202 2Z C3"],
  ["6O02DDU", "6002 DDU"],
  ["6303 2RSI.", "6303 2RS1"],
  ["608ZZ", "608 ZZ"],
])("stamp %s: %s", (text, expected) =>
  expect(first(readStamp([[line(text), line("QUILL"), line("04 19")]]), "designation")).toBe(expected),
);
test("a date alone is no bearing that is sure", () =>
  expect(isSure(readStamp([[line("04 19"), line("QUILL")]]), "designation")).toBe(false));

describe("fields beside one another", () => {
  const plate = { volts: "230", hertz: "50", amps: "3.2", rpm: "1400", power: "0.37 kW" };
  test("amps ten times off are less like a motor", () => {
    expect(unlikeAMotor({ ...plate, amps: "32" })).toBeGreaterThan(unlikeAMotor(plate) + 3);
    expect(unlikeAMotor({ ...plate, amps: "0.32" })).toBeGreaterThan(unlikeAMotor(plate) + 3);
  });
  test.each([
    ["at no slip of its hertz", { rpm: "1500" }],
    ["above two poles", { rpm: "3450" }],
    ["horsepower at 50 Hz", { power: "1/2 HP" }],
    ["one volt and two amps", { amps: "6.4/3.2" }],
  ])("%s", (_name, change) => expect(unlikeAMotor({ ...plate, ...change })).toBeGreaterThan(unlikeAMotor(plate)));
  test("a field that is not known speaks against nothing", () => expect(unlikeAMotor({ volts: "230", amps: "3.2" })).toBe(0));
});
