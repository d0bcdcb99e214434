/** @jest-environment jsdom */
import { NO_FACTS, type Facts } from "@/core/facts";
import { NO_STUDY } from "@/core/study";
import "@testing-library/jest-dom";
import "fake-indexeddb/auto";
import { render, screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useState } from "react";
import { searchCombinations, type Joinable, type JoinTarget, type ParallelCombination } from "@/core/capacitor";
import { fail, ok, type Failure, type Result } from "@/core/result";
import { BLANK_CAPACITOR, capacitorStation, type CapacitorRecord } from "@/core/stations/capacitor";
import { toHouse, UNSET_HOUSE } from "@/records";
import { database } from "@/store/database";
import WhatFits from "./WhatFits";
import { NOTHING_WEIGHED } from "../../station/contract";

/* The browser tests run the real worker; here the same search runs in place, or fails when told to. */
let doFail = false;
jest.mock("@/workers/combinations", () => ({
  searchInWorker: (parts: readonly Joinable[], target: JoinTarget, count: number) => ({
    answer: Promise.resolve<Result<readonly ParallelCombination[], Failure>>(
      doFail ? fail({ code: "search-failed", detail: "no answer" }) : ok(searchCombinations(parts, target, count)),
    ),
    stop: () => undefined,
  }),
}));

const HOUSE = toHouse(UNSET_HOUSE);
const db = database();

beforeAll(async () => {
  Object.assign(globalThis, { structuredClone: (value: unknown) => JSON.parse(JSON.stringify(value)) as unknown });
  await db.open();
});
beforeEach(() => {
  doFail = false;
});
afterAll(() => db.close());

function Held({ label, facts }: { label: string; facts: Facts }) {
  const [record, setRecord] = useState<CapacitorRecord>({ ...BLANK_CAPACITOR, label });
  const assessment = capacitorStation.assess(record, { facts, house: HOUSE.figures, earlier: [], study: NO_STUDY, findings: [] });
  const { detail } = assessment;
  if (detail.state !== "label") return null;
  const weighed = NOTHING_WEIGHED;
  const rest = { record, assessment, facts, house: HOUSE, method: "meter", weighed, detail };
  return <WhatFits {...rest} change={(apply) => setRecord((now) => apply(now, "2026-11-23T10:00:00.000Z"))} onClose={() => undefined} />;
}

async function open(label: string, facts: Partial<Facts> = {}, shelf = /of 20 lines/) {
  render(<Held label={label} facts={{ ...NO_FACTS, frequencyHz: 60, supplyV: 230, ...facts }} />);
  await screen.findByText(shelf);
}
const region = (name: RegExp) => screen.getByRole("region", { name });

test("a part that fits is named with maker, place, pieces and what to know of it", async () => {
  await open("35 µF ±6 % 370 V");
  expect(within(region(/^Fits/)).getByRole("listitem")).toHaveTextContent(
    /35 µF ±6 % 440 V.*14.20.*Dosbrook, truck, 1 there.*bears more volts, which is right/,
  );
});

test("what does not fit is told with every reason, the fewest first", async () => {
  await open("35 µF ±6 % 440 V", { frequencyHz: 50 });
  const [first] = within(region(/Does not fit/)).getAllByRole("listitem");
  expect(first).toHaveTextContent(/60 Hz for 50 Hz|for 35 µF/);
  expect(within(region(/Does not fit/)).getByText(/lines farther off/)).toBeInTheDocument();
});

test("the place can be keyed, and refuses what is too large for it", async () => {
  await open("35 µF ±6 % 440 V");
  await userEvent.type(screen.getByLabelText("Height free"), "90");
  expect(within(region(/^Fits/)).getByText("No line of the shelf fits as it is.")).toBeInTheDocument();
  expect(region(/Does not fit/)).toHaveTextContent("104 mm high, there is room for 90 mm");
  await userEvent.type(screen.getByLabelText("Hottest air around it"), "85");
  expect(region(/Does not fit/)).toHaveTextContent("made for 70 °C, the air is 85 °C");
  await userEvent.type(screen.getByLabelText("Coldest air around it"), "-40");
  expect(region(/Does not fit/)).toHaveTextContent("made for -25 °C and warmer, it gets -40 °C");
});

test("a missing value is made from parts, the closest and fewest first, with joint limits and the lowest volts", async () => {
  await open("22.5 µF ±6 % 440 V");
  const items = await within(region(/Make it/)).findAllByRole("listitem");
  expect(items[0]).toHaveTextContent(/12.5 µF \+ 10 µF|20 µF \+ 2.5 µF/);
  expect(items[0]).toHaveTextContent(/22.5 µF \(on the value\) · .* to .* µF with all tolerances · 450 V/);
});

test("start parts are never joined with run parts", async () => {
  await open("145 µF 165 V start");
  const made = screen.queryByRole("region", { name: /Make it/ });
  for (const item of made ? within(made).queryAllByRole("listitem") : []) expect(item).not.toHaveTextContent(/(^|\s)(35|20|10) µF/);
});

test("series opens behind its warning, with the volts each part bears", async () => {
  await open("5 µF ±6 % 370 V");
  expect(screen.queryByText(/share the volts by their values/)).toBeNull();
  await userEvent.click(screen.getByRole("button", { name: "Parts in series, with care" }));
  expect(screen.getByText(/share the volts by their values/)).toBeInTheDocument();
  expect(screen.getAllByText(/of 370 V they bear \d+ V/).length).toBeGreaterThan(0);
});

test("a search that fails says so, and the rest of the sheet stands", async () => {
  doFail = true;
  await open("22.5 µF ±6 % 440 V");
  expect(await screen.findByText(/The search stopped \(no answer\)/)).toBeInTheDocument();
  expect(region(/Does not fit/)).toBeInTheDocument();
});

test("a dual is fetched whole or by sections, not joined", async () => {
  await open("40+5 µF ±6 % 440 V");
  expect(within(region(/^Fits/)).getByRole("listitem")).toHaveTextContent("40+5 µF");
  expect(screen.queryByRole("region", { name: /Make it/ })).toBeNull();
});

test("an empty shelf leads to the shelf", async () => {
  const lines = await db.parts.toArray();
  await db.parts.clear();
  await open("35 µF ±6 % 440 V", {}, /of 0 lines/);
  expect(await screen.findByRole("link", { name: "Put your parts on it" })).toHaveAttribute("href", "/shelf");
  await db.parts.bulkPut(lines);
});
