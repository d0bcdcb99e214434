/** @jest-environment jsdom */
import { ACTIONS, COMPLAINTS, type ActionId } from "@/core/trade";
import { assessTraveller, outlasting, takenOver, type StationEntries } from "@/core/traveller";
import { render, screen } from "@testing-library/react";
import "@testing-library/jest-dom";
import userEvent from "@testing-library/user-event";
import { type Finding } from "@/core/diagnosis";
import { CAUSES, CUSTOM_WAYS, HINGE_FIGURES, MEASURES } from "@/core/decision";
import { toHouseFigures } from "@/core/house";
import { STATION_IDS, STATIONS } from "@/core/stations";
import { UNSET_HOUSE, withRule, type StationRecord, type TravellerId } from "@/records";
import { NO_STUDY } from "@/core/study";
import { demoCards } from "../../tests/support/demo-cards";
import { lastVisit } from "./traveller/last-visit";
import { readAt } from "../../tests/support/partial-card";
import { LineUp } from "./line-up/LineUp";
import { contradictionSentence } from "./line-up/evidence";
import { caseWords } from "./line-up/case-words";
import { lineUpWords } from "./line-up/line-up-words";
import { otherMoves, outcomeLines } from "./line-up/next-move-words";
import { customerOptions, PLAIN_ACTIONS } from "./print/customer-words";
import { carriedOver } from "./traveller/callback";
import { CAUSE_WORDS, CUSTOM_WORDS, HINGE_WORDS, MEASURE_WORDS } from "./vocabulary/decision-words";
import { PLAIN_COMPLAINTS } from "@/features/vocabulary/complaint-words";

const HOUSE = toHouseFigures({});
const AT = "2026-11-25T08:00:00.000Z";
const entry = <Data,>(data: Data) => ({ skippedReason: null, data });
const worn: StationEntries = {
  complaint: entry({ ...STATIONS.complaint.blank, complaints: ["rumbles"] }),
  plate: entry({ ...STATIONS.plate.blank, motorType: "psc", machineKind: "fan" }),
  "hand-turn": entry({ ...STATIONS["hand-turn"].blank, turn: "rough", radialPlay: true }),
};

test("every word of the decision is there, and plain", () => {
  const words = [
    ...CAUSES.flatMap((id) => [CAUSE_WORDS[id].name, CAUSE_WORDS[id].ask]),
    ...MEASURES.flatMap((id) => [MEASURE_WORDS[id].name, MEASURE_WORDS[id].honest]),
    ...CUSTOM_WAYS.map((id) => CUSTOM_WORDS[id]),
    ...HINGE_FIGURES.map((id) => HINGE_WORDS[id].name("supply")),
    ...ACTIONS.map((id) => PLAIN_ACTIONS[id]),
    ...COMPLAINTS.map((id) => PLAIN_COMPLAINTS[id]),
  ];
  for (const word of words) expect(word).not.toMatch(/undefined|!|^\s*$/);
  for (const id of ACTIONS) expect(PLAIN_ACTIONS[id]).not.toMatch(/capacitor|winding|PTC|µF/i);
});

describe("the line-up", () => {
  test("opens a suspect to its evidence, and leaves a finding out", async () => {
    const left = jest.fn();
    const went = jest.fn();
    const assessment = assessTraveller(worn, HOUSE);
    render(<LineUp words={lineUpWords(assessment, null)} onLeaveOut={left} onGo={went} />);
    await userEvent.click(screen.getByRole("button", { name: /^Bearing worn/ }));
    expect(screen.getByText(/There should be no radial play to feel/)).toBeInTheDocument();
    await userEvent.click(screen.getByRole("button", { name: "Leave it out" }));
    expect(left).toHaveBeenCalledWith("hand-turn//rough-with-play");
    await userEvent.click(screen.getByRole("button", { name: "Turn by hand" }));
    expect(went).toHaveBeenCalledWith("hand-turn");
  });
  test("says what is left out, and how each standing moved", () => {
    const whole = assessTraveller(worn, HOUSE);
    const without = assessTraveller(worn, HOUSE, [], undefined, { leaveOut: new Set(["hand-turn//rough-with-play"]) });
    expect(without.leftOut).toHaveLength(1);
    expect(without.findings).toHaveLength(0);
    render(<LineUp words={lineUpWords(without, whole)} onLeaveOut={jest.fn()} onGo={jest.fn()} />);
    expect(screen.getByRole("list", { name: "Left out" })).toHaveTextContent("Left out: radial play");
    expect(screen.getByRole("button", { name: /^Bearing worn.*→/ })).toBeInTheDocument();
  });
  test("a bar by what was found stays, though the finding is left out", () => {
    const seized: StationEntries = { ...worn, "hand-turn": entry({ ...STATIONS["hand-turn"].blank, turn: "seized" }) };
    const { next } = assessTraveller(seized, HOUSE, [], undefined, { leaveOut: new Set(["hand-turn//seized"]) });
    const offered = next.kind === "move" ? next.move.others.map(({ test: id }) => id) : [];
    expect(offered).not.toContain("run-amps");
  });
});

test("ways on that cannot be right are not listed, and likely costs have no cents", () => {
  const { stop } = caseWords(assessTraveller(worn, HOUSE), null);
  expect(stop.length).toBeGreaterThan(0);
  for (const [index, { cost, cures }] of stop.entries()) {
    expect(cost).toMatch(/^\d+$/);
    if (index > 0) expect(cures).not.toMatch(/^(< 1|1) %$/);
  }
});

test("contradictions are told with what to do", () => {
  const holds: Finding = { test: "capacitor-meter", about: "run-capacitor", weights: { holds: 1 } };
  const low: Finding = { test: "start-winding-amps", weights: { low: 1 } };
  expect(contradictionSentence({ suspect: "run-capacitor", speaksFor: low, speaksAgainst: holds })).toMatch(
    /^Passes cold, but the current says otherwise/,
  );
  const turns: Finding = { test: "hand-turn", weights: { free: 1 } };
  const rumble: Finding = { test: "noise", weights: { rumble: 1 } };
  expect(contradictionSentence({ suspect: "bearing-worn", speaksFor: rumble, speaksAgainst: turns })).toMatch(
    /“rumbles” speaks for bearing worn, “turns free, no play” against it/,
  );
});

test("the next move tells its outcomes, and the others by name", () => {
  const assessment = assessTraveller({ complaint: worn.complaint, plate: worn.plate } as StationEntries, HOUSE);
  const lines = outcomeLines(assessment);
  expect(lines.length).toBeGreaterThan(0);
  for (const line of lines) expect(line).toMatch(/^[A-Z].*\(.*%\): .*%, /);
  const others = otherMoves(assessment);
  expect(others.map(({ title }) => title)).not.toContain("One push");
  expect(others.every(({ caption }) => /^\d+ min · power (on|off)$/.test(caption))).toBe(true);
});

test("three options at most for the customer, with prices and no chance dressed up", () => {
  const { actions } = assessTraveller(worn, HOUSE);
  const options = customerOptions(actions, HOUSE);
  expect(options.length).toBeGreaterThan(0);
  expect(options.length).toBeLessThanOrEqual(3);
  expect(options[0]?.title).toBe("Renew the bearings the motor turns on");
  for (const { price, lines } of options) {
    expect(price).toMatch(/^\d+\.\d\d$/);
    expect(lines.join(" ")).not.toMatch(/NaN|undefined|0 times in 10/);
  }
});

describe("the next visit starts with", () => {
  const blank = Object.fromEntries(STATION_IDS.map((id) => [id, entry(STATIONS[id].blank)])) as StationEntries;
  const after = (action: ActionId, part: object = {}): StationEntries => ({
    ...blank,
    decide: entry({ ...STATIONS.decide.blank, action, reason: "x", ...part }),
  });
  test.each([
    ["replace-run-capacitor", ["plate", "windings", "start-gear", "bearing"]],
    ["replace-bearings", ["plate", "capacitor", "windings", "start-gear"]],
    ["replace-motor", []],
    ["no-repair", ["plate", "capacitor", "windings", "start-gear", "bearing"]],
  ] as const)("what outlasts %s", (action, stations) => {
    expect([...outlasting(after(action))].sort()).toEqual([...stations].sort());
  });
  test("the plate of the motor that is in there, what was said of the machine, and no reading", () => {
    const carried = carriedOver({ ...worn, ...after("replace-bearings", { machineYears: "4" }), plate: worn.plate });
    expect(carried.plate).toEqual(worn.plate?.data);
    expect(carried.decide).toMatchObject({ action: null, machineYears: "4", reason: "" });
    expect(Object.keys(carriedOver(after("replace-motor")))).toEqual([]);
    const namedEnd = { ...STATIONS.bearing.blank.ends["drive-end"], stamped: "6203-2RS", shaft: "16.99" };
    const bearing = { ...STATIONS.bearing.blank, ends: { "drive-end": namedEnd, "other-end": namedEnd }, price: "9", note: "rumbles" };
    expect(takenOver("bearing", bearing)).toMatchObject({ price: "", note: "", ends: { "drive-end": { stamped: "6203-2RS", shaft: "" } } });
    const board = {
      ...STATIONS.windings.blank,
      pairs: [{ a: 0, b: 1, entry: readAt("4.5", "resistance", AT) }],
      posts: STATIONS.windings.blank.posts.slice(0, 2),
    };
    expect(takenOver("windings", board)).toEqual({ ...STATIONS.windings.blank, posts: board.posts });
  });
});

describe("who changed a house rule", () => {
  const ivo = { ...UNSET_HOUSE, technician: "Ivo Marrable" };
  const later = "2026-11-25T09:00:00.000Z";
  test("keystrokes are one change, another time is another", () => {
    const typed = withRule(withRule(ivo, "motorPrice", 3, AT), "motorPrice", 310, AT);
    expect(typed.changes).toEqual([{ rule: "motorPrice", at: AT, by: "Ivo Marrable", from: null, to: 310 }]);
    expect(withRule(typed, "motorPrice", 290, later).changes.at(-1)).toMatchObject({ from: 310, to: 290 });
  });
  test("put back while still at it, nothing was changed; set to what it is, neither", () => {
    expect(withRule(withRule(ivo, "motorPrice", 3, AT), "motorPrice", undefined, AT).changes).toEqual([]);
    expect(withRule(ivo, "motorPrice", undefined, AT)).toBe(ivo);
  });
});

describe("the visit before this one, in words", () => {
  const now = new Date("2026-11-23T18:00:00.000Z");
  const cards = demoCards(now);
  const rowsOf = (of: (typeof cards)[number]) =>
    Object.entries(of.entries).map(([stationId, { data, skippedReason }]) => ({
      id: `${of.traveller.id}/${stationId}`,
      travellerId: of.traveller.id,
      stationId,
      data,
      skippedReason,
      updatedAt: of.traveller.createdAt,
    })) as unknown as StationRecord[];
  const weak = cards.find(({ traveller }) => traveller.id === "demo-nursery-fan-weak");
  if (!weak) throw new Error("no demo card");
  const before = { id: weak.traveller.id, at: weak.traveller.createdAt, rows: rowsOf(weak) };
  const card = { traveller: { ...weak.traveller, id: "next" as TravellerId, callbackOf: null }, rows: [], earlier: [before] };

  test("says what was done, what each station came to, and what may be taken over; never that it was safe then", () => {
    const last = lastVisit(card, HOUSE, NO_STUDY);
    expect(last).toMatchObject({ id: weak.traveller.id, isCallback: false });
    expect(last?.repair.join(" ")).toMatch(/^Replace run capacitor/);
    expect(last?.stations.capacitor).toMatchObject({ stamp: "out", takes: null });
    expect(last?.stations.plate?.takes).toEqual(weak.entries.plate?.data);
    expect(last?.stations).not.toHaveProperty("make-safe");
    expect(lastVisit({ ...card, earlier: [] }, HOUSE, NO_STUDY)).toBeNull();
  });
  test("brings its photos along, and the card it came back from counts before a later visit", () => {
    const board = { ...STATIONS.windings.blank, photo: "photo:a/b" };
    const rows = [{ id: "old/windings", travellerId: "old", stationId: "windings", data: board, skippedReason: null, updatedAt: AT }];
    const old = { id: "old" as TravellerId, at: "2026-10-01T08:00:00.000Z", rows: rows as unknown as StationRecord[] };
    const last = lastVisit({ ...card, traveller: { ...card.traveller, callbackOf: old.id }, earlier: [old, before] }, HOUSE, NO_STUDY);
    expect(last).toMatchObject({ id: "old", isCallback: true, repair: [] });
    expect(last?.stations.windings?.photos).toEqual(["photo:a/b"]);
  });
});
