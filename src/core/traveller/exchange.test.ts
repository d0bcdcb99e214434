import type { ActionId } from "../trade";
import { toHouseFigures } from "../house";
import { BLANK_SHEET, type MotorSheet } from "../match";
import type { Quantity } from "../quantity";
import { STATIONS } from "../stations";
import { BLANK_EXCHANGE, BLANK_PIECE, type OutInRecord, type PartExchange, type Piece } from "../stations/out-in";
import { readAt, entriesOf, type Parts } from "../../../tests/support/partial-card";
import { assessTraveller, fittedPlate, isReadyToFinish } from ".";

const HOUSE = toHouseFigures({});
const read = (text: string, quantity: Quantity, at = "2026-11-28T10:00:00.000Z") => readAt(text, quantity, at);
const assess = (stations: Parts) => assessTraveller(entriesOf(stations), HOUSE);

const PLATE = {
  motorType: "psc",
  machineKind: "blower",
  volts: "230",
  hertz: "60",
  power: "1/3 hp",
  amps: "2.4",
  rpm: "1075",
  capacitor: "10 µF 370 V",
} as const;
const SHEET: MotorSheet = {
  ...BLANK_SHEET,
  volts: "208-230",
  hertz: "60",
  power: "1/2 hp",
  amps: "3.3",
  rpm: "1100",
  capacitor: "15 µF 370 V",
};
const decided = (action: ActionId, also: ActionId | null = null) => ({
  action,
  also,
  reason: "as found",
  decidedAt: "2026-11-28T09:00:00.000Z",
});
type PieceIn = Partial<Piece> & { readonly fittedAt?: string | null };
const swap = ({ fittedAt = null, ...part }: PieceIn, out: Partial<PartExchange["out"]> = {}): PartExchange => ({
  ...BLANK_EXCHANGE,
  out: { ...BLANK_EXCHANGE.out, ...out },
  pieces: [{ ...BLANK_PIECE, ...part }],
  fittedAt,
});
const outIn = (part: Partial<OutInRecord>): Partial<OutInRecord> => part;
const FITTED = "2026-11-28T10:00:00.000Z";

describe("a work and its pair of parts", () => {
  test("two works on one visit have two pairs; what a work lacks is told in its order", () => {
    const { stations } = assess({ plate: PLATE, decide: decided("replace-run-capacitor", "replace-bearings") });
    const { works } = stations["out-in"].detail;
    expect(works.map(({ action }) => action)).toEqual(["replace-run-capacitor", "replace-bearings"]);
    expect(works[0]?.lacks).toEqual(["fate", "part-in"]);
    expect(stations["out-in"].stamp).toBe("not-done");
  });
  test("a part that holds before it goes in closes the station; one that is out never does", () => {
    const at = (uf: string) =>
      assess({
        plate: PLATE,
        decide: decided("replace-run-capacitor"),
        "out-in": outIn({
          works: {
            "replace-run-capacitor": swap(
              { label: "10 µF ±5 % 450 V", reading: read(uf, "capacitance"), fittedAt: FITTED },
              { fate: "return" },
            ),
          },
          seenTo: { "strap-holds": FITTED, "terminals-covered": FITTED },
        }),
      }).stations["out-in"].stamp;
    expect(at("9.98")).toBe("holds");
    expect(at("7.1")).toBe("out");
  });
  test("a capacitor that goes in with another motor is judged by that one's plate", () => {
    const verdict = (label: string, motor: PieceIn | null) =>
      assess({
        plate: PLATE,
        decide: decided("replace-motor", "replace-run-capacitor"),
        "out-in": outIn({
          works: {
            ...(motor === null ? {} : { "replace-motor": swap(motor) }),
            "replace-run-capacitor": swap({ label, reading: read(label.startsWith("15") ? "15.1" : "10.1", "capacitance") }),
          },
        }),
      }).stations["out-in"].detail.works.find(({ action }) => action === "replace-run-capacitor")?.incoming.verdict;
    expect(verdict("10 µF ±5 % 450 V", null)).toBe("right");
    expect(verdict("10 µF ±5 % 450 V", { sheet: SHEET })).toBe("wrong");
    expect(verdict("15 µF ±5 % 450 V", { sheet: SHEET })).toBe("right");
    // Its plate does not say: the old motor's value is no answer for it.
    expect(verdict("10 µF ±5 % 450 V", { sheet: { ...SHEET, capacitor: "" } })).toBe("unsure");
  });
  test("a motor that asks for another capacitor lacks one until it is among the works", () => {
    const lacks = (works: OutInRecord["works"]) =>
      assess({ plate: PLATE, decide: decided("replace-motor"), "out-in": outIn({ works }) }).stations["out-in"].detail.lacksCapacitor;
    const motor = { "replace-motor": swap({ sheet: SHEET }) };
    expect(lacks({})).toBe(false);
    expect(lacks(motor)).toBe(true);
    expect(lacks({ ...motor, "replace-run-capacitor": BLANK_EXCHANGE })).toBe(false);
  });
  test("a part that is not right bars the proof once it is in, whatever the amps say", () => {
    const doubts = (uf: string, fittedAt: string | null) =>
      assess({
        plate: PLATE,
        decide: decided("replace-run-capacitor"),
        "out-in": outIn({
          works: { "replace-run-capacitor": swap({ label: "10 µF ±5 % 450 V", reading: read(uf, "capacitance"), fittedAt }) },
        }),
        prove: { after: { ...STATIONS.prove.blank.after, lineAmps: read("2.2", "current") } },
      }).stations.prove;
    expect(doubts("7.1", FITTED)).toMatchObject({ stamp: "out", detail: { doubts: ["wrong-part-in"] } });
    expect(doubts("7.1", null).detail.doubts).toEqual([]);
    expect(doubts("9.98", FITTED).detail.doubts).toEqual([]);
  });
  test("the old one that stays is open, and due on its day", () => {
    const { stations } = assess({
      plate: PLATE,
      decide: decided("replace-motor"),
      "out-in": outIn({ works: { "replace-motor": { ...BLANK_EXCHANGE, isOldKept: true, expectedOn: "2026-12-04" } } }),
    });
    expect(stations["out-in"].stamp).toBe("open");
    expect(stations["out-in"].due).toEqual([{ kind: "part-expected", when: { on: "2026-12-04" } }]);
  });
  test("a condemned motor is not closed before it is made unusable and says why", () => {
    const lacks = (out: Partial<PartExchange["out"]>) =>
      assess({
        plate: PLATE,
        decide: decided("replace-motor"),
        "out-in": outIn({ works: { "replace-motor": swap({ label: "Tessky", fittedAt: FITTED }, out) } }),
      }).stations["out-in"].detail.works[0]?.lacks;
    expect(lacks({ fate: "scrap" })).toEqual(["why-scrapped", "made-unusable"]);
    expect(lacks({ fate: "scrap", why: "ground fault", unusableAt: FITTED })).toEqual([]);
  });
});

describe("the motor that went in", () => {
  const card = (part: PieceIn, prove: Parts["prove"], rest: Parts = {}) =>
    assess({
      plate: PLATE,
      decide: decided("replace-motor"),
      "out-in": outIn({
        works: { "replace-motor": swap({ sheet: SHEET, fittedAt: FITTED, ...part }, { fate: "return" }) },
        rotationBefore: "ccw",
      }),
      prove,
      ...rest,
    });
  const amps = (lineAmps: string) => ({ after: { ...STATIONS.prove.blank.after, lineAmps: read(lineAmps, "current") } });

  test("later figures are held against its own plate, the old one's stay as they were", () => {
    const run = { lineAmps: read("4.9", "current", "2026-11-28T09:10:00.000Z") };
    const { detail } = card({}, { ...amps("3.2"), afterRotation: "ccw" }, { "run-test": run }).stations.prove;
    expect(detail.plateA).toBe(3.3);
    expect(detail.after?.conformity?.decision).toBe("holds");
    expect(detail.before?.fractionOfPlate).toBeCloseTo(4.9 / 2.4, 6);
    // 3.2 A would be far above the old plate.
    expect(card({ fittedAt: null }, { ...amps("3.2"), afterRotation: "ccw" }).stations.prove.detail.plateA).toBe(2.4);
  });
  test("rotation bars the sign-off until it was looked at, and the wrong way is no proof", () => {
    const open = card({}, amps("3.2"));
    expect(open.stations.prove.detail.lacks).toEqual(["rotation"]);
    expect([open.stations.prove.stamp, isReadyToFinish(open)]).toEqual(["open", false]);
    const right = card({}, { ...amps("3.2"), afterRotation: "ccw" });
    expect([right.stations.prove.stamp, isReadyToFinish(right)]).toEqual(["holds", true]);
    const wrong = card({}, { ...amps("3.2"), afterRotation: "cw" });
    expect(wrong.stations.prove.detail.doubts).toContain("rotation-wrong");
    expect([wrong.stations.prove.stamp, isReadyToFinish(wrong)]).toEqual(["out", false]);
  });
  test("what ran backwards has to run the other way; what was asked for goes before both", () => {
    const wanted = (rest: Parts, asked: "cw" | "ccw" | null = null) =>
      assess({
        plate: PLATE,
        decide: decided("replace-motor"),
        "out-in": outIn({ rotationBefore: "ccw", rotationAsked: asked }),
        ...rest,
      }).stations.prove.detail.rotation.wanted;
    expect(wanted({})).toBe("ccw");
    expect(wanted({ complaint: { complaints: ["runs-backwards"] } })).toBe("cw");
    expect(wanted({ complaint: { complaints: ["runs-backwards"] } }, "ccw")).toBe("ccw");
  });
  test.each([
    ["replace-run-capacitor", "psc", false, false],
    ["replace-bearings", "psc", true, true],
    ["replace-bearings", "psc", false, false],
    ["replace-bearings", "shaded-pole", false, true],
    ["replace-motor", "psc", false, true],
    ["no-repair", "psc", false, false],
  ] as const)("%s on a %s motor, wires off %s: may have turned %s", (action, motorType, hasWires, may) => {
    const wires = hasWires ? [{ mark: "blue", post: "1", backAt: FITTED }] : [];
    const { detail } = assess({ plate: { ...PLATE, motorType }, decide: decided(action), "take-apart": { wires } }).stations.prove;
    expect(detail.rotation.mayHaveTurned).toBe(may);
  });
  test("without any figure nothing is proved by a word alone", () => {
    const word = assess({ plate: PLATE, decide: decided("replace-run-capacitor"), prove: { afterBehaviour: "starts" } });
    expect(word.stations.prove.detail.lacks).toEqual(["figure"]);
    expect([word.stations.prove.stamp, isReadyToFinish(word)]).toEqual(["open", false]);
    const nothingDone = assess({ plate: PLATE, decide: decided("no-repair"), prove: { afterBehaviour: "starts" } });
    expect(isReadyToFinish(nothingDone)).toBe(true);
  });
  test("a proof that was kept before these were asked for stays as it was", () => {
    const old = card({}, { ...amps("3.2"), isOfBefore: true });
    expect([old.stations.prove.stamp, old.stations.prove.detail.lacks]).toEqual(["holds", []]);
  });
  test("a run that was measured once the part was in is after, whoever keyed it at the run test", () => {
    const figures = (at: string) => ({ lineAmps: read("3.2", "current", at) });
    const row = (at: string) =>
      card({}, { afterRotation: "ccw" }, { "run-test": figures(at) }).stations.prove.detail.rows.find(({ field }) => field === "lineAmps");
    expect(row("2026-11-28T09:30:00.000Z")).toMatchObject({ before: 3.2, after: null });
    expect(row("2026-11-28T10:30:00.000Z")).toMatchObject({ before: null, after: 3.2 });
  });
  test("the next visit starts with its plate, on the same machine", () => {
    const entries = entriesOf({
      plate: { ...PLATE, drive: "direct", burnsGas: true },
      "out-in": { works: { "replace-motor": swap({ sheet: SHEET, fittedAt: FITTED }) } },
    });
    expect(fittedPlate(entries)).toMatchObject({
      machineKind: "blower",
      drive: "direct",
      burnsGas: true,
      volts: "208-230",
      amps: "3.3",
      rpm: "1100",
      motorType: "unknown",
    });
    expect(fittedPlate(entriesOf({ plate: PLATE }))).toBeNull();
  });
});

describe("what is quoted on the job turns the decision", () => {
  const worn: Parts = {
    complaint: { complaints: ["rumbles"] },
    plate: PLATE,
    "hand-turn": { turn: "rough", radialPlay: true, endPlay: false, rubs: false },
  };
  const quote = (of: "motor" | "bearings", price: string, days = "") => ({
    id: of,
    of,
    supplier: "",
    price,
    postage: "",
    minutes: "",
    days,
    isTaken: false,
  });
  const costOf = (outInPart: Partial<OutInRecord> | null, action: ActionId) =>
    assess({ ...worn, ...(outInPart ? { "out-in": outInPart } : {}) }).actions.find((each) => each.action === action && each.also === null);

  test("a price stands before the house's, and the days of waiting cost what standing still costs", () => {
    expect(costOf(null, "replace-motor")?.partCost).toBe(HOUSE.motorPrice);
    expect(costOf({ quotes: [quote("motor", "60")] }, "replace-motor")?.partCost).toBe(60);
    const waits = costOf({ quotes: [quote("motor", "60", "2")], standstill: "3" }, "replace-motor");
    expect(waits).toMatchObject({ partCost: 60, waitCost: 144 });
    expect(waits?.cost).toBeCloseTo(60 + 144 + (waits?.labourCost ?? 0), 9);
  });
  test("bearings that cost more than a motor that lies here are not proposed", () => {
    const first = (part: Partial<OutInRecord> | null) => assess({ ...worn, ...(part ? { "out-in": part } : {}) }).actions[0]?.action;
    expect(first(null)).toBe("replace-bearings");
    expect(first({ quotes: [quote("motor", "5"), quote("bearings", "260 for the pair", "10")], standstill: "1" })).toBe("replace-motor");
  });
});

describe("what was read once the part is in", () => {
  const BEFORE = "2026-11-28T09:10:00.000Z";
  const AFTER = "2026-11-28T10:30:00.000Z";
  const fittedCapacitor = outIn({
    works: { "replace-run-capacitor": swap({ label: "10 µF ±5 % 450 V", fittedAt: FITTED }, { fate: "scrap" }) },
  });
  const withCapacitor = (parts: Parts) =>
    assess({ plate: PLATE, decide: decided("replace-run-capacitor"), "out-in": fittedCapacitor, ...parts });
  const fromOf = ({ findings }: ReturnType<typeof assess>, id: string) => findings.filter(({ from }) => from === id);

  test("a run made after it weighs for no suspect; one made before does", () => {
    const run = (at: string) => withCapacitor({ "run-test": { behaviour: "starts", lineAmps: read("2.3", "current", at) } });
    expect(fromOf(run(BEFORE), "run-test")).not.toEqual([]);
    expect(fromOf(run(AFTER), "run-test")).toEqual([]);
    expect(run(AFTER).standing).toEqual(withCapacitor({}).standing);
    expect(run(AFTER).stations["run-test"].stamp).toBe("holds");
  });
  test("figures of before and after on one run are told apart", () => {
    const both = withCapacitor({
      "run-test": { behaviour: "starts", lineAmps: read("3.4", "current", BEFORE), speed: read("1080", "speed", AFTER) },
    });
    const alone = withCapacitor({ "run-test": { behaviour: "starts", lineAmps: read("3.4", "current", BEFORE) } });
    expect(fromOf(both, "run-test")).toEqual(fromOf(alone, "run-test"));
  });
  test("a new capacitor read at the old one's station does not clear the old one; what was not exchanged weighs whenever it is read", () => {
    const capacitor = (at: string) =>
      withCapacitor({ capacitor: { label: "10 µF ±5 % 450 V", readings: [read("9.98", "capacitance", at)], isIsolated: true } });
    expect(fromOf(capacitor(BEFORE), "capacitor")).not.toEqual([]);
    expect(fromOf(capacitor(AFTER), "capacitor")).toEqual([]);
    const frame = withCapacitor({ frame: { readings: [read("58", "resistance", AFTER)] } });
    expect(fromOf(frame, "frame")).not.toEqual([]);
  });
  test("a run of the motor that went in is held against its own plate, at the connection it is on", () => {
    const dual = { ...SHEET, volts: "115/230", amps: "6.6/3.3" };
    const run = (sheet: MotorSheet, at: string) =>
      assess({
        plate: PLATE,
        decide: decided("replace-motor"),
        "out-in": outIn({ works: { "replace-motor": swap({ sheet, fittedAt: FITTED }) } }),
        "run-test": { behaviour: "starts", lineAmps: read("3.2", "current", at) },
      }).stations["run-test"].detail.amps;
    expect(run(SHEET, AFTER)?.fractionOfPlate).toBeCloseTo(3.2 / 3.3, 6);
    expect(run(dual, AFTER)?.fractionOfPlate).toBeCloseTo(3.2 / 3.3, 6);
    expect(run(SHEET, BEFORE)?.fractionOfPlate).toBeCloseTo(3.2 / 2.4, 6);
  });
  test("what is heard on a run after it stands on the side of after", () => {
    const { heard } = withCapacitor({ "run-test": { behaviour: "starts", noises: ["quiet"], lineAmps: read("2.3", "current", AFTER) } })
      .stations.prove.detail;
    expect(heard).toEqual({ before: [], after: ["quiet"] });
  });
});
