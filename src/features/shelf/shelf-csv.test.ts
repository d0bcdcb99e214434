import fc from "fast-check";
import Papa from "papaparse";
import { demoParts } from "@/records/demo";
import { readShelfCsv, toShelfCsv } from "./shelf-csv";
import { listToBuy, toBuyText } from "./to-buy";

const PARTS = demoParts(new Date("2026-11-23T18:00:00.000Z"));
const rowsOf = (text: string) => {
  const read = readShelfCsv(text, PARTS);
  if (!read.ok) throw new Error(read.problem);
  return read.rows;
};

describe("the shelf as a table", () => {
  test("what is written comes back as the same lines, motors with their sheets", () => {
    const rows = rowsOf(`\uFEFF${toShelfCsv(PARTS)}`);
    expect(rows.map(({ problem }) => problem).filter(Boolean)).toEqual([]);
    expect(rows).toHaveLength(PARTS.length);
    for (const [index, { part, changes }] of rows.entries()) {
      const { id, kind, label, maker, place, quantity, lowest, price, state, sheet } = PARTS[index] ?? {};
      expect(part).toMatchObject({ kind, label, maker, place, quantity, lowest, price, state, sheet });
      expect(changes?.id).toBe(id);
    }
  });
  test("no text is run by a spreadsheet as a formula, and its mark goes when it is read", () => {
    const evil = { ...PARTS[0]!, label: "=HYPERLINK(1)", note: "@sum", place: "+1" };
    const text = toShelfCsv([evil]);
    for (const cell of Papa.parse<string[]>(text).data.flat()) expect(cell).not.toMatch(/^[=+\-@]/);
    const { rows } = readShelfCsv(text, []) as { rows: ReturnType<typeof rowsOf> };
    expect(rows[0]?.part).toMatchObject({ label: "=HYPERLINK(1)", note: "@sum", place: "+1" });
  });
  test("two lines of one part at one place each get their own count, in whatever order they stand", () => {
    const [line] = PARTS;
    if (!line) throw new Error("no line");
    const two = [
      { ...line, id: "a", quantity: 2, state: "new" as const },
      { ...line, id: "b", quantity: 7, state: "used" as const },
    ];
    for (const order of [two, [...two].reverse()]) {
      const read = readShelfCsv(toShelfCsv(order), two);
      if (!read.ok) throw new Error(read.problem);
      expect(read.rows.map(({ changes, part }) => [changes?.id, part?.quantity])).toEqual(order.map(({ id, quantity }) => [id, quantity]));
    }
    const more = readShelfCsv(toShelfCsv([...two, { ...line, id: "c", quantity: 1 }]), two);
    expect(more.ok && more.rows.map(({ changes }) => changes?.id ?? null)).toEqual(["a", "b", null]);
  });
  test.each([
    ["quantity", "1,000", /quantity “1,000” can be 1000 or 1\. Write it without a comma/],
    ["price", "1,250", /price “1,250” can be 1250 or 1.25\. Write it without a comma/],
  ])("%s “%s” is not guessed at", (column, figure, problem) => {
    expect(rowsOf(`label,${column}\n10 µF,"${figure}"\n`)[0]?.problem).toMatch(problem);
  });
  test.each([
    ["12,5", 12.5],
    ["8.80", 8.8],
  ])("a price of %s is %d", (figure, price) => expect(rowsOf(`label,price\n10 µF,"${figure}"\n`)[0]?.part?.price).toBe(price));
  test("whatever a line says comes back as it was", () => {
    const texts = fc.string({ maxLength: 30 }).map((text) => text.replace(/\r/g, ""));
    const marks = fc.constantFrom("", "=", "'=", "'", "''", "@", "-", "+", "\t", "'-1");
    const line = fc.record({
      label: fc.tuple(marks, texts).map(([mark, text]) => `${mark}${text}x`),
      maker: fc.tuple(marks, texts).map(([mark, text]) => `${mark}${text}`),
      note: fc.tuple(marks, texts).map(([mark, text]) => `${mark}${text}`),
      quantity: fc.integer({ min: 0, max: 10_000 }),
      price: fc.integer({ min: 0, max: 9_999_900 }).map((cents) => cents / 100),
    });
    fc.assert(
      fc.property(fc.array(line, { minLength: 1, maxLength: 4 }), (lines) => {
        const parts = lines.map((each, index) => ({ ...PARTS[0]!, ...each, id: `p${index}` }));
        const read = readShelfCsv(toShelfCsv(parts), []);
        expect(read.ok && read.rows.map(({ part }) => part)).toEqual(lines.map((each) => expect.objectContaining(each) as unknown));
      }),
      { seed: 37, numRuns: 200 },
    );
  });
  test("few columns are enough; the rest is as on a blank line", () => {
    expect(rowsOf("label,quantity\n10 µF 450 V,3\n")[0]).toMatchObject({
      row: 2,
      part: { kind: "capacitor", label: "10 µF 450 V", quantity: 3, price: 0, state: "new" },
      changes: null,
    });
    expect(rowsOf("kind;label;quantity\nbearing;6205;2\n")[0]?.part).toMatchObject({ kind: "bearing", label: "6205" });
  });
  test.each([
    ["label,quantity\n10 µF,-2\n", /quantity “-2” is not what belongs there/],
    ["label,quantity\n10 µF,two\n", /quantity “two” is not a figure/],
    ["label,quantity\n10 µF,1.5\n", /quantity “1.5” is not what belongs there/],
    ["label,quantity\n,4\n", /It has no label/],
    ["kind,label\nengine,V8\n", /kind “engine” is not what belongs there/],
    ["kind,label,motor_mount\nmotor,Tessky,velcro\n", /motor_mount cannot be read/],
  ])("%j is told by its row, and the others are taken", (text, problem) => {
    const rows = rowsOf(
      `${text}${
        text
          .split("\n")[0]
          ?.split(",")
          .map((name) => (name === "label" ? "good" : ""))
          .join(",") ?? ""
      }\n`,
    );
    expect(rows[0]?.problem).toMatch(problem);
    expect(rows[1]?.part?.label).toBe("good");
  });
  test.each(["", "a photo\u0000\u0001", "name,count\nx,1\n", "label,quantity\n"])("%j is no list of parts, in words", (text) => {
    expect(readShelfCsv(text, PARTS)).toMatchObject({
      ok: false,
      problem: expect.stringContaining("for example: kind,label,quantity") as string,
    });
  });
});

test("a column the file has not leaves its line as it is", () => {
  const row = rowsOf("kind,label,place,quantity\nbearing,6202-2RS C3,Truck,7\n")[0];
  expect(row?.part).toMatchObject({ quantity: 7, lowest: 2, price: 6.4 });
  expect(row?.changes?.quantity).toBe(1);
});

describe("the list to buy", () => {
  const used = (label: string, count: number, kind: "bearing" | "capacitor" = "bearing") => ({
    kind,
    label,
    count,
    lastAt: "2026-11-01T00:00:00.000Z",
  });
  test("what was used, or is to be held, less what is there; never less than nothing", () => {
    const rows = listToBuy([used("6203-2rs c3", 6), used("6201-ZZ", 1), used("6309", 1)], PARTS);
    const buy = Object.fromEntries(rows.map((row) => [row.label, row.buy]));
    expect(buy).toMatchObject({ "6203-2rs c3": 2, "6202-2RS C3": 1, "6201-ZZ": 0, "6309": 1 });
    expect(rows.every((row) => row.buy >= 0)).toBe(true);
    expect(toBuyText(rows).split("\n")).toEqual(expect.arrayContaining(["2 × 6203-2rs c3", "1 × 6202-2RS C3"]));
    expect(toBuyText(rows)).not.toContain("6201-ZZ");
  });
  test("lines of one part at two places count together, parts kept from scrap do not", () => {
    const [line] = PARTS.filter(({ label }) => label === "6202-2RS C3");
    if (!line) throw new Error("no line");
    const two = [line, { ...line, id: "p2", place: "Van", quantity: 5 }, { ...line, id: "p3", state: "for-parts" as const, quantity: 9 }];
    expect(listToBuy([used("6202-2RS C3", 4)], two)).toEqual([{ label: "6202-2RS C3", used: 4, there: 6, lowest: 2, buy: 0 }]);
  });
});
