/** @jest-environment jsdom */
import type { TravellerId } from "@/records";
import { assessTraveller, type StationEntries } from "@/core/traveller";
import "@testing-library/jest-dom";
import { act, render, renderHook, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { houseRule, toHouseFigures } from "@/core/house";
import { STATION_IDS, STATIONS } from "@/core/stations";
import { RuleField } from "./house-rules/RuleField";
import { Case } from "./line-up/Case";
import { caseWords } from "./line-up/case-words";
import { isReadyToFinish } from "@/core/traveller";
import { fetchHand, useHand } from "./stations/hands";
import { viewOf } from "./stations/registry";
import { ScreenError } from "./shell/ScreenError";
import { Strip } from "./traveller/Strip";
import { placesOf } from "./traveller/answer-card";

const HOUSE = toHouseFigures({});
const noop = () => undefined;
const entriesOf = (parts: Record<string, object>): StationEntries =>
  Object.fromEntries(
    Object.entries(parts).map(([id, part]) => [
      id,
      { skippedReason: null, data: { ...STATIONS[id as keyof typeof STATIONS].blank, ...part } },
    ]),
  );

test("a broken screen keeps the data and offers the export", async () => {
  const retried = jest.fn();
  render(<ScreenError error={new Error("boom <b>")} onRetry={retried} />);
  expect(screen.getByText("boom <b>")).toBeInTheDocument();
  expect(await screen.findByRole("button", { name: "Export everything" })).toBeEnabled();
  await userEvent.click(screen.getByRole("button", { name: "Try again" }));
  expect(retried).toHaveBeenCalled();
});

const NAMED = { id: "t1" as TravellerId, machine: "Fan", site: "Minnow Lido" };
const CASE = {
  names: NAMED,
  onNames: noop,
  callbackOf: null,
  cameBackAt: [],
  motor: null,
  putOff: [],
  finished: null,
  onGo: noop,
  onFinish: noop,
  onCameBack: noop,
  onLeaveOut: noop,
} as const;

/** Turned by hand, found in order, and nothing decided but that. */
const SOUND = entriesOf({ "hand-turn": { turn: "free" }, decide: { action: "no-repair", reason: "sound" } });

describe("the case", () => {
  test("offers the next move, and names a change of power state first", async () => {
    const went = jest.fn();
    const assessment = assessTraveller(entriesOf({ complaint: { complaints: ["hums-no-start"] }, plate: { motorType: "psc" } }), HOUSE);
    render(<Case {...CASE} words={caseWords(assessment, null)} onGo={went} />);
    await userEvent.click(screen.getByRole("button", { name: "Make safe first" }));
    expect(went).toHaveBeenCalledWith("make-safe", null);
    expect(screen.getByText("Run capacitor")).toBeInTheDocument();
  });
  test("offers to sign off only when how it ends has all that it asks for", async () => {
    const finished = jest.fn();
    // Nothing was looked at: that nothing was found says nothing.
    expect(isReadyToFinish(assessTraveller(entriesOf({ decide: { action: "no-repair", reason: "sound" } }), HOUSE))).toBe(false);
    const assessment = assessTraveller(SOUND, HOUSE);
    expect(isReadyToFinish(assessment)).toBe(true);
    render(<Case {...CASE} words={caseWords(assessment, null)} onFinish={finished} />);
    await userEvent.click(await screen.findByRole("button", { name: "Sign off" }));
    expect(finished).toHaveBeenCalled();
  });
});

test("a machine that nobody named is asked for at sign-off, once, and not demanded", async () => {
  const named = jest.fn();
  const finished = jest.fn();
  const words = caseWords(assessTraveller(SOUND, HOUSE), null);
  const props = { ...CASE, words, onNames: named, onFinish: finished };
  const { rerender } = render(<Case {...props} names={{ ...NAMED, machine: "", site: "" }} />);
  await userEvent.type(await screen.findByLabelText("Machine"), "B");
  expect(named).toHaveBeenCalledWith({ machine: "B" });
  // It does not go while it is typed.
  rerender(<Case {...props} names={{ ...NAMED, machine: "B", site: "" }} />);
  expect(screen.getByLabelText("Machine")).toBeInTheDocument();
  await userEvent.click(await screen.findByRole("button", { name: "Sign off" }));
  expect(finished).toHaveBeenCalled();
  rerender(<Case key="named" {...props} names={NAMED} />);
  expect(screen.queryByLabelText("Machine")).not.toBeInTheDocument();
});

test("the strip lists every station with its stamp and marks the one in hand", () => {
  const assessment = assessTraveller(entriesOf({ complaint: { complaints: ["dead", "squeals"] } }), HOUSE);
  render(<Strip places={placesOf(assessment, {})} current="plate" onGo={noop} />);
  expect(screen.getAllByRole("button")).toHaveLength(Object.keys(STATIONS).length);
  expect(screen.getByRole("button", { name: "Complaint 2 noted" })).toBeInTheDocument();
  expect(screen.getByRole("button", { name: /^Plate/ })).toHaveAttribute("aria-current", "step");
});

test.each(STATION_IDS)("all it takes to work at %s is fetched when it is opened", async (id) => {
  const { result } = renderHook(() => useHand(id));
  expect(result.current).toBeNull();
  await act(() => fetchHand(id));
  expect(result.current).toMatchObject({ definition: { id }, blank: STATIONS[id].blank });
  // What a page at work shows is part of what the station says anywhere.
  expect(viewOf(id)).toMatchObject({ ...result.current?.view });
  expect(typeof result.current?.Instrument).toBe("function");
});

describe("a house rule", () => {
  const rule = { kind: "number", label: "Safe volts", unit: "V", fallback: 30, min: 5, max: 50, source: "house" } as const;
  test.each([
    ["24", 24],
    ["12,5", 12.5],
  ])("takes %s", async (text, value) => {
    const valued = jest.fn();
    render(<RuleField rule={rule} changed={null} own={undefined} onValue={valued} />);
    await userEvent.type(screen.getByLabelText("Safe volts"), text);
    expect(valued).toHaveBeenLastCalledWith(value);
  });
  test.each(["4", "51", "dead", "1e9"])("refuses %s and says what to type", async (text) => {
    const valued = jest.fn();
    render(<RuleField rule={rule} changed={null} own={undefined} onValue={valued} />);
    await userEvent.clear(screen.getByLabelText("Safe volts"));
    await userEvent.type(screen.getByLabelText("Safe volts"), text);
    expect(screen.getByText(/Type a number from 5 to 50 V, or leave it empty for 30/)).toBeInTheDocument();
    expect(screen.getByLabelText("Safe volts")).toHaveValue(text);
  });
  test("that is yes or no, or a choice, is picked, and goes back to the default when it is pressed again", async () => {
    const valued = jest.fn();
    const owns = { kind: "yes-no", label: "Clamp meter", fallback: true, source: "house" } as const;
    const { rerender } = render(<RuleField rule={owns} changed={null} own={undefined} onValue={valued} />);
    expect(screen.getByRole("radio", { name: "Yes" })).toBeChecked();
    expect(screen.getByText("Default yes: house")).toBeInTheDocument();
    await userEvent.click(screen.getByRole("radio", { name: "No" }));
    expect(valued).toHaveBeenLastCalledWith(false);
    rerender(<RuleField rule={owns} changed={null} own={false} onValue={valued} />);
    await userEvent.click(screen.getByRole("radio", { name: "No" }));
    expect(valued).toHaveBeenLastCalledWith(undefined);
    rerender(<RuleField rule={houseRule("tooCloseReplace")} changed={null} own="replace" onValue={valued} />);
    expect(screen.getByRole("radio", { name: "Replace it now" })).toBeChecked();
    expect(screen.getByText(/^The house's own; default leave it and look again: /)).toBeInTheDocument();
    await userEvent.click(screen.getByRole("radio", { name: "Leave it and look again" }));
    expect(valued).toHaveBeenLastCalledWith("leave");
  });
  test("an emptied line goes back to the default", async () => {
    const valued = jest.fn();
    render(<RuleField rule={rule} changed={null} own={24} onValue={valued} />);
    await userEvent.clear(screen.getByLabelText("Safe volts"));
    expect(valued).toHaveBeenLastCalledWith(undefined);
  });
});
