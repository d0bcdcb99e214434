/** @jest-environment jsdom */
import { NO_FACTS, type Facts } from "@/core/facts";
import { NO_STUDY } from "@/core/study";
import "@testing-library/jest-dom";
import { act, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useState } from "react";
import { BLANK_CAPACITOR, capacitorStation, type CapacitorRecord } from "@/core/stations/capacitor";
import { toHouse, UNSET_HOUSE } from "@/records";
import DischargePanel from "./DischargePanel";
import { KitDrawing } from "./KitDrawing";
import { LabelLine } from "./LabelLine";
import { MeterFields, MeterQuestions } from "./MeterFields";
import { RunningFields } from "./RunningFields";
import { SectionRule } from "./SectionRule";
import StartPartsPanel from "./StartPartsPanel";
import { SwingFields } from "./SwingFields";
import { NOTHING_WEIGHED } from "../../station/contract";

const HOUSE = toHouse(UNSET_HOUSE);
const FACTS: Facts = { ...NO_FACTS, motorType: "psc", supplyV: 230, frequencyHz: 50 };
type Panel = typeof DischargePanel;

/** A part of the instrument with a record that changes as in the real one; hands out what is kept. */
function Held({ panel: Panel, first, kept }: { panel: Panel; first: Partial<CapacitorRecord>; kept: (record: CapacitorRecord) => void }) {
  const [record, setRecord] = useState<CapacitorRecord>({ ...BLANK_CAPACITOR, ...first });
  kept(record);
  return (
    <Panel
      record={record}
      assessment={capacitorStation.assess(record, { facts: FACTS, house: HOUSE.figures, earlier: [], study: NO_STUDY, findings: [] })}
      facts={FACTS}
      house={HOUSE}
      method="meter"
      weighed={NOTHING_WEIGHED}
      change={(apply) => setRecord((now) => apply(now, "2026-11-23T10:00:00.000Z"))}
    />
  );
}

function open(panel: unknown, first: Partial<CapacitorRecord> = {}) {
  let last: CapacitorRecord = BLANK_CAPACITOR;
  render(<Held panel={panel as Panel} first={first} kept={(record) => (last = record)} />);
  return { kept: () => last };
}

describe("discharge", () => {
  beforeEach(() => jest.useFakeTimers({ now: new Date("2026-11-23T10:00:00Z") }));
  afterEach(() => jest.useRealTimers());

  test("the count runs down, can be stopped, and says when it is over", async () => {
    const user = userEvent.setup({ advanceTimers: jest.advanceTimersByTime });
    const { kept } = open(DischargePanel, { label: "50 µF ±5 % 440 V" });
    await user.click(screen.getByRole("button", { name: "Resistor on: start the count" }));
    expect(kept().discharge.startedAt).toBe("2026-11-23T10:00:00.000Z");
    act(() => jest.advanceTimersByTime(1000));
    expect(screen.getByText("2.9 s")).toBeInTheDocument();
    await user.click(screen.getByRole("button", { name: "Stop" }));
    expect(kept().discharge.startedAt).toBeNull();
    await user.click(screen.getByRole("button", { name: "Resistor on: start the count" }));
    act(() => jest.advanceTimersByTime(4100));
    expect(screen.getByText(/Time is up/)).toBeInTheDocument();
    await user.click(screen.getByRole("button", { name: "Once more" }));
    expect(screen.getByText("Hold the resistor on both terminals.")).toBeInTheDocument();
  });

  test("without a label there is nothing to plan", () => {
    open(DischargePanel);
    expect(screen.getByText(/Type the label first/)).toBeInTheDocument();
    expect(screen.queryByRole("button", { name: /start the count/ })).toBeNull();
  });
});

describe("starts", () => {
  afterEach(() => jest.useRealTimers());
  test("the seconds of a try are shown, then that it is time to switch off", async () => {
    jest.useFakeTimers({ now: new Date("2026-11-23T10:00:00Z") });
    const user = userEvent.setup({ advanceTimers: jest.advanceTimersByTime });
    open(StartPartsPanel, { label: "189-227 µF 250 V" });
    await user.click(screen.getByRole("button", { name: "Count a start" }));
    act(() => jest.advanceTimersByTime(2000));
    expect(screen.getByText("2 s")).toBeInTheDocument();
    act(() => jest.advanceTimersByTime(1500));
    expect(screen.getByText(/Off now/)).toBeInTheDocument();
    act(() => jest.advanceTimersByTime(5000));
    expect(screen.queryByText(/Off now/)).toBeNull();
  });

  test("with the allowance used up it says how long to wait", () => {
    const starts = Array.from({ length: 20 }, (_, index) => new Date(Date.now() - (index + 1) * 60_000).toISOString());
    open(StartPartsPanel, { label: "189-227 µF 250 V", starts });
    expect(screen.getByText(/No more for 40 min/)).toBeInTheDocument();
  });

  test("kit and bleed are kept, and taken back by a second press", async () => {
    const { kept } = open(StartPartsPanel);
    await userEvent.click(screen.getByLabelText("PTC kit"));
    expect(kept().kit).toBe("ptc");
    await userEvent.click(screen.getByLabelText("PTC kit"));
    expect(kept().kit).toBeNull();
    await userEvent.click(screen.getByLabelText("No"));
    expect(kept().hasBleed).toBe(false);
    expect(screen.getByText(/Without a bleed the part keeps its charge/)).toBeInTheDocument();
  });

  test.each(["ptc", "potential-relay"] as const)("the %s kit is drawn with its words", (sort) => {
    render(<KitDrawing sort={sort} />);
    expect(screen.getByRole("img")).toHaveAccessibleName(/run capacitor/);
  });
});

describe("the label", () => {
  test("a correction stands over what was read; typed back it is none", async () => {
    const { kept } = open(LabelLine, { label: "35 µF ±6 % 440 V" });
    await userEvent.click(screen.getByRole("button", { name: "Correct it" }));
    await userEvent.clear(await screen.findByLabelText("Volts"));
    await userEvent.type(screen.getByLabelText("Volts"), "370");
    expect(kept().corrections.parts).toEqual({ volts: "370" });
    expect(kept().label).toBe("35 µF ±6 % 440 V");
    expect(screen.getByRole("img")).toHaveTextContent("370 V");
    await userEvent.clear(screen.getByLabelText("Volts"));
    await userEvent.type(screen.getByLabelText("Volts"), "440 V");
    expect(kept().corrections.parts).toEqual({});
  });

  test("what the label does not say is a gap in the drawing", () => {
    open(LabelLine, { label: "12.5uF" });
    expect(screen.getByRole("img")).toHaveTextContent("12.5 µF± ? %? V");
    expect(screen.getByText(/the house rule sets the limits/)).toBeInTheDocument();
  });
});

describe("fields of the methods", () => {
  test("a dual has a field a section; the second can be keyed first", async () => {
    const { kept } = open(MeterFields, { label: "C 40 HERM 5 FAN µF 440 V" });
    await userEvent.type(screen.getByLabelText("Meter shows, C to FAN"), "4.9");
    expect(kept().readings).toMatchObject([null, { text: "4.9", reading: { value: 4.9 } }]);
  });
  test("questions are answered and taken back", async () => {
    const { kept } = open(MeterQuestions);
    const [isolatedYes] = screen.getAllByLabelText("Yes");
    if (!isolatedYes) throw new Error("no answer to press");
    await userEvent.click(isolatedYes);
    expect(kept().isIsolated).toBe(true);
    await userEvent.click(isolatedYes);
    expect(kept().isIsolated).toBeNull();
  });
  test("amps and volts are kept apart, and zero volts is refused in words", async () => {
    const { kept } = open(RunningFields, { label: "10 µF 450 V" });
    await userEvent.type(screen.getByLabelText("Amps in its lead"), "1.1");
    await userEvent.type(screen.getByLabelText("Volts across it"), "0");
    expect(kept().running.sections).toMatchObject([{ amps: { text: "1.1" }, volts: { text: "0" } }]);
    expect(screen.getByText(/0 V across the capacitor/)).toBeInTheDocument();
  });
  test("a climb that is no number asks for seconds", async () => {
    const { kept } = open(SwingFields, { label: "35 µF 440 V" });
    await userEvent.click(screen.getByLabelText("Dips, climbs to OL"));
    await userEvent.type(screen.getByLabelText("Climb to OL took (optional)"), "a while");
    expect(screen.getByText(/Type it as shown, for example 1.2|Type the figure in s/)).toBeInTheDocument();
    expect(kept().swing.sections).toEqual([{ behaviour: "takes-charge", climbS: "a while" }]);
  });
});

test("the ruler tells every pointer, and which is in doubt", () => {
  const record = {
    ...BLANK_CAPACITOR,
    label: "10 µF ±5 % 450 V",
    isIsolated: false,
    readings: [{ text: "12", reading: reading("capacitance", 12, "uf") }],
    running: {
      ...BLANK_CAPACITOR.running,
      sections: [
        { amps: { text: "1.1", reading: reading("current", 1.1, "a") }, volts: { text: "350", reading: reading("voltage", 350, "v") } },
      ],
    },
  };
  const { detail } = capacitorStation.assess(record, { facts: FACTS, house: HOUSE.figures, earlier: [], study: NO_STUDY, findings: [] });
  const section = detail.state === "label" ? detail.sections[0] : undefined;
  if (!section) throw new Error("no section");
  render(<SectionRule section={section} trend={undefined} name="Capacitor" isNamed={false} />);
  expect(screen.getAllByRole("img")[0]).toHaveAccessibleName(
    "Capacitor: allowed from 9.5 to 10.5 µF; meter, in doubt 12 µF; running 10 µF"
      .replaceAll(/(\d) µF(?=;|$)/g, "$1\u00a0µF")
      .replace("10.5\u00a0µF", "10.5 µF"),
  );
});

function reading(quantity: "capacitance" | "current" | "voltage", value: number, unit: string) {
  return {
    quantity,
    kind: "value" as const,
    value,
    unit,
    standardUncertainty: value / 100,
    meter: "test",
    origin: "typed" as const,
    at: "2026-11-23T10:00:00.000Z",
  };
}
