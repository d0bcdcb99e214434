/** @jest-environment jsdom */
import { ACTIONS, COMPLAINTS } from "@/core/trade";
import { assessTraveller, type StationEntries } from "@/core/traveller";
import { render, screen } from "@testing-library/react";
import "@testing-library/jest-dom";
import userEvent from "@testing-library/user-event";
import { type Finding } from "@/core/diagnosis";
import { CAUSES, CUSTOM_WAYS, HINGE_FIGURES, MEASURES } from "@/core/decision";
import { toHouseFigures } from "@/core/house";
import { STATION_IDS, STATIONS } from "@/core/stations";
import { toHouse, UNSET_HOUSE, withRule } from "@/records";
import { LineUp } from "./line-up/LineUp";
import { contradictionSentence } from "./line-up/evidence";
import { caseWords } from "./line-up/case-words";
import { lineUpWords } from "./line-up/line-up-words";
import { otherMoves, outcomeLines } from "./line-up/next-move-words";
import { customerOptions, PLAIN_ACTIONS, PLAIN_COMPLAINTS } from "./print/customer-words";
import { renewedRecords } from "./traveller/callback";
import { CAUSE_WORDS, CUSTOM_WORDS, HINGE_WORDS, MEASURE_WORDS } from "./vocabulary/decision-words";

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

test("what comes back starts anew where a part was replaced, the old figures in the note", () => {
  const entries: StationEntries = {
    ...worn,
    decide: entry({ ...STATIONS.decide.blank, action: "replace-bearings", reason: "Rough", machineYears: "4" }),
  };
  const renewed = renewedRecords({ entries, assessment: assessTraveller(entries, HOUSE), house: toHouse(UNSET_HOUSE) });
  expect(renewed["hand-turn"]).toMatchObject({
    turn: null,
    radialPlay: null,
    note: expect.stringMatching(/^Before it came back: Radial play/) as string,
  });
  expect(renewed.decide).toMatchObject({
    action: null,
    machineYears: "4",
    earlier: expect.stringMatching(/^Replace bearings\. Rough/) as string,
  });
  expect(renewed).not.toHaveProperty("plate");
});

test.each([
  ["replace-run-capacitor", ["capacitor"]],
  ["replace-start-capacitor", ["capacitor"]],
  ["service-start-switch", ["start-gear"]],
  ["replace-start-relay", ["start-gear"]],
  ["replace-bearings", ["hand-turn"]],
  ["replace-motor", ["capacitor", "frame", "hand-turn", "insulation", "start-gear", "windings"]],
  ["repair-wiring-or-supply", ["supply"]],
  ["repair-control", ["supply"]],
  ["free-load", ["hand-turn"]],
  ["no-repair", []],
] as const)("after %s these start anew, and every run with them: %j", (action, stations) => {
  const blank = Object.fromEntries(STATION_IDS.map((id) => [id, entry(STATIONS[id].blank)])) as StationEntries;
  const entries: StationEntries = { ...blank, decide: entry({ ...STATIONS.decide.blank, action, reason: "x" }) };
  const renewed = renewedRecords({ entries, assessment: assessTraveller(entries, HOUSE), house: toHouse(UNSET_HOUSE) });
  const runs = ["decide", "prove", "run-test", "take-apart", "uncoupled-run"];
  expect(Object.keys(renewed).sort()).toEqual([...stations, ...runs].sort());
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
