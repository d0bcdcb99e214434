/** @jest-environment jsdom */
import "@testing-library/jest-dom";
import "fake-indexeddb/auto";
import { render, screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { openPage } from "@/components/open-page";
import { database } from "@/store/database";
import { BENCH_STATIONS, benchStationOf } from "../stations/labels";
import { BenchScreen } from "./BenchScreen";

jest.mock("@/components/open-page", () => ({ openPage: jest.fn() }));
let address = new URLSearchParams();
jest.mock("next/navigation", () => ({ useSearchParams: () => address }));

const db = database();
const draft = async (station = "capacitor") => (await db.settings.get(`bench/${station}`))?.value as Record<string, unknown> | undefined;

beforeAll(async () => {
  Object.assign(globalThis, { structuredClone: (value: unknown) => JSON.parse(JSON.stringify(value)) as unknown });
  await db.open();
});
afterAll(() => db.close());
beforeEach(async () => {
  await db.settings.where("key").startsWith("bench/").delete();
  jest.mocked(openPage).mockClear();
});

async function open(station: string, method?: string) {
  address = new URLSearchParams({ station, ...(method ? { method } : {}) });
  render(<BenchScreen />);
  return screen.findByRole("heading", { level: 1 });
}

test("every station of the bench has a letter of its own and a question", () => {
  expect(new Set(BENCH_STATIONS.map(({ letter }) => letter)).size).toBe(BENCH_STATIONS.length);
  for (const { id, letter, question } of BENCH_STATIONS) {
    expect(benchStationOf(letter)).toBe(id);
    expect(question).toMatch(/\?$/);
  }
  expect(benchStationOf("y")).toBeNull();
});

test("a station the bench does not know opens the first one", async () => {
  await open("prove");
  expect(screen.getByRole("heading", { level: 1 })).toHaveTextContent("Capacitor");
});

test("what is keyed is judged at once and kept", async () => {
  await open("capacitor");
  await userEvent.type(await screen.findByLabelText("Label, as printed"), "35 uF 6% 440");
  await userEvent.type(screen.getByLabelText("Meter shows"), "34.8");
  expect(await screen.findByText("Holds")).toBeInTheDocument();
  await waitFor(async () => expect(await draft()).toMatchObject({ label: "35 uF 6% 440", readings: [{ text: "34.8" }] }));
});

test("which lead is which works without a card too", async () => {
  await open("windings");
  for (const [pair, ohms] of [
    ["1 to 2", "8.9"],
    ["2 to 3", "31.4"],
    ["1 to 3", "22.6"],
  ] as const)
    await userEvent.type(await screen.findByLabelText(pair), ohms);
  expect(await screen.findByRole("button", { name: "Post 1, Common" })).toBeInTheDocument();
});

test("a live method is closed until power is declared on, and closes again with another method", async () => {
  await open("capacitor", "running");
  expect(screen.queryByLabelText("Amps in its lead")).toBeNull();
  await userEvent.click(screen.getByRole("button", { name: "Power is on, go to the live test" }));
  expect(await screen.findByLabelText("Amps in its lead")).toBeInTheDocument();
  await userEvent.click(await screen.findByRole("tab", { name: "By meter" }));
  await userEvent.click(screen.getByRole("tab", { name: /Running/ }));
  expect(screen.queryByLabelText("Amps in its lead")).toBeNull();
});

test("nothing can be clipped or thrown away while the bench is empty", async () => {
  await open("capacitor");
  expect(screen.getByRole("button", { name: "Clip to a card" })).toBeDisabled();
  expect(screen.getByRole("button", { name: "Throw away" })).toBeDisabled();
});

test("thrown away and brought back", async () => {
  await open("capacitor");
  await userEvent.type(await screen.findByLabelText("Label, as printed"), "20 µF");
  await userEvent.click(screen.getByRole("button", { name: "Throw away" }));
  await waitFor(async () => expect(await draft()).toBeUndefined());
  await userEvent.click(await screen.findByRole("button", { name: "Bring it back" }));
  await waitFor(async () => expect(await draft()).toMatchObject({ label: "20 µF" }));
});

describe("clipping", () => {
  async function openClip() {
    await open("capacitor");
    await userEvent.type(await screen.findByLabelText("Label, as printed"), "20 µF");
    await waitFor(async () => expect(await draft()).toMatchObject({ label: "20 µF" }));
    await userEvent.click(screen.getByRole("button", { name: "Clip to a card" }));
    const sheet = await screen.findByRole("dialog", { name: "Clip to a card" });
    await within(sheet).findByRole("button", { name: /Milk-tank agitator/ });
    return sheet;
  }

  test("a card that has a reading asks a second press; then the card opens", async () => {
    const sheet = await openClip();
    const card = within(sheet).getByRole("button", { name: /Milk-tank agitator/ });
    await waitFor(() => expect(card).toHaveTextContent("has a capacitor reading"));
    await userEvent.click(card);
    expect(within(sheet).getByRole("alert")).toHaveTextContent("takes the place of what the card has there");
    expect(openPage).not.toHaveBeenCalled();
    await userEvent.click(card);
    await waitFor(() => expect(openPage).toHaveBeenCalledWith("/traveller?id=demo-dairy-agitator&station=capacitor"));
    expect(await db.stations.get("demo-dairy-agitator/capacitor")).toMatchObject({ data: { label: "20 µF" } });
  });

  test("a card without one takes it at once; signed-off cards are not offered", async () => {
    const sheet = await openClip();
    expect(within(sheet).queryByRole("button", { name: /Extract fan/ })).toBeNull();
    await userEvent.click(within(sheet).getByRole("button", { name: /Pool-hall dehumidifier/ }));
    await waitFor(() => expect(openPage).toHaveBeenCalledWith("/traveller?id=demo-lido-dehumidifier&station=capacitor"));
    expect(await draft()).toBeUndefined();
  });

  test("a new card is made for it", async () => {
    const before = await db.travellers.count();
    const sheet = await openClip();
    await userEvent.click(within(sheet).getByRole("button", { name: "A new card" }));
    await waitFor(() => expect(openPage).toHaveBeenCalledTimes(1));
    expect(await db.travellers.count()).toBe(before + 1);
  });
});
