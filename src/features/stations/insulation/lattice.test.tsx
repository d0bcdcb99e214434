/** @jest-environment jsdom */
import { NO_FACTS, type Facts } from "@/core/facts";
import { NO_STUDY } from "@/core/study";
import "@testing-library/jest-dom";
import { render, screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useState } from "react";
import { BLANK_INSULATION, insulationStation, type InsulationRecord } from "@/core/stations/insulation";
import { BLANK_START_GEAR, startGearStation, type StartGearRecord } from "@/core/stations/start-gear";
import { toHouse, UNSET_HOUSE } from "@/records";
import GearInstrument from "../start-gear/Instrument";
import Instrument from "./Instrument";
import { NOTHING_WEIGHED } from "../../station/contract";

const HOUSE = toHouse(UNSET_HOUSE);
const NOTHING = NOTHING_WEIGHED;

function Held({ facts = {} }: { facts?: Partial<Facts> }) {
  const [record, setRecord] = useState<InsulationRecord>(BLANK_INSULATION);
  const all = { ...NO_FACTS, ...facts };
  return (
    <Instrument
      record={record}
      assessment={insulationStation.assess(record, { facts: all, house: HOUSE.figures, earlier: [], study: NO_STUDY, findings: [] })}
      facts={all}
      house={HOUSE}
      method={null}
      weighed={NOTHING}
      change={(apply) => setRecord((now) => apply(now, "2026-11-23T10:00:00.000Z"))}
    />
  );
}

test("a lattice with one bad cell: its own stamp, and which pair it is in words", async () => {
  render(<Held facts={{ windingGroups: ["main", "start"] }} />);
  await userEvent.type(screen.getByLabelText("Tester leads together"), "0");
  await userEvent.type(screen.getByLabelText("Tester leads apart"), ">550M");
  await userEvent.click(screen.getAllByLabelText("Yes")[0] ?? document.body);
  await userEvent.type(screen.getByLabelText("Main winding to start winding"), ">550");
  await userEvent.type(screen.getByLabelText("Main winding to frame"), "OL");
  await userEvent.type(screen.getByLabelText("Start winding to frame"), "0.2");
  expect(screen.getByText(/^Start winding to frame: 0.2 MΩ, limit 1 MΩ. Leaks to the frame/)).toBeInTheDocument();
  expect(screen.getAllByText("Holds")).toHaveLength(2);
  expect(screen.getAllByText("Out")).toHaveLength(2);
});

test("in a vacuum there is nothing to key, and the reason stands there", async () => {
  render(<Held facts={{ machineKind: "hermetic-compressor" }} />);
  expect(screen.getByRole("table", { name: "Lattice" })).toBeInTheDocument();
  const vacuum = screen.getByRole("group", { name: "System in a vacuum" });
  await userEvent.click(vacuum.querySelector("input") ?? vacuum);
  expect(screen.queryByRole("table", { name: "Lattice" })).toBeNull();
  expect(screen.getByText(/In a vacuum no test voltage/)).toBeInTheDocument();
});

function Gear() {
  const [record, setRecord] = useState<StartGearRecord>(BLANK_START_GEAR);
  return (
    <GearInstrument
      record={record}
      assessment={startGearStation.assess(record, { facts: NO_FACTS, house: HOUSE.figures, earlier: [], study: NO_STUDY, findings: [] })}
      facts={NO_FACTS}
      house={HOUSE}
      method={null}
      weighed={NOTHING}
      change={(apply) => setRecord((now) => apply(now, "2026-11-23T10:00:00.000Z"))}
    />
  );
}

test.each([
  ["Centrifugal switch", [["At rest", "OL"]], /clean|Clean/],
  [
    "Potential relay",
    [
      ["Coil 2–5", "8.2k"],
      ["Contacts 1–2", "OL"],
    ],
    /start capacitor never comes in/,
  ],
  [
    "Current relay",
    [
      ["Coil L–R", "0.4"],
      ["Contacts L–S", "0.3"],
    ],
    /welded/,
  ],
  ["PTC", [["Cold", "25"]], /the start gear works/],
] as const)("%s: its own drawing, fields and meaning", async (sort, fields, meaning) => {
  render(<Gear />);
  await userEvent.click(screen.getByLabelText(sort));
  expect(screen.getByRole("img")).toBeInTheDocument();
  if (/relay$/.test(sort)) {
    // In its circuit nothing is judged, nor before a person says that it is out of it.
    await userEvent.type(screen.getByLabelText(fields[0][0]), fields[0][1]);
    expect(screen.getByText(/Say whether it was unplugged/)).toBeInTheDocument();
    await userEvent.clear(screen.getByLabelText(fields[0][0]));
    await userEvent.click(within(screen.getByRole("group", { name: "Unplugged from the circuit" })).getByLabelText("Yes"));
  }
  for (const [label, text] of fields) await userEvent.type(screen.getByLabelText(label), text);
  expect(screen.getAllByText(meaning).length).toBeGreaterThan(0);
});
