/** @jest-environment jsdom */
import "@testing-library/jest-dom";
import "fake-indexeddb/auto";
import { render, screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { database } from "@/store/database";
import { ShelfScreen } from "./ShelfScreen";

const db = database();
const own = async () => (await db.parts.toArray()).filter(({ isDemo }) => !isDemo);

beforeAll(async () => {
  // A browser without this function cannot run the program at all; the test's one lacks it.
  Object.assign(globalThis, { structuredClone: (value: unknown) => JSON.parse(JSON.stringify(value)) as unknown });
  await db.open();
});
afterAll(() => db.close());
beforeEach(async () => {
  await db.parts.filter(({ isDemo }) => !isDemo).delete();
});

async function openShelf() {
  render(<ShelfScreen />);
  return screen.findByRole("heading", { name: /On the shelf/ });
}

async function add(label: string, price = "9.90") {
  const form = screen.getByRole("form", { name: "New line" });
  await userEvent.clear(within(form).getByLabelText("Label, as printed"));
  await userEvent.type(within(form).getByLabelText("Label, as printed"), label);
  await userEvent.clear(within(form).getByLabelText("Price each"));
  await userEvent.type(within(form).getByLabelText("Price each"), price);
  await userEvent.click(screen.getByRole("button", { name: "Put on the shelf" }));
}
const lineOf = (label: string) => screen.getByText(label).closest("li");

describe("the shelf", () => {
  test("the demo's lines lie there in the order of their values", async () => {
    await openShelf();
    const labels = screen.getAllByRole("listitem").map((line) => line.querySelector("p")?.textContent ?? "");
    expect(labels.length).toBeGreaterThan(10);
    expect(labels.slice(0, 3).map((label) => parseFloat(label))).toEqual([2, 2.5, 4]);
  });

  test("a label that cannot be read, or a price that is none, is refused beside its field; nothing is lost", async () => {
    await openShelf();
    await add("something", "cheap");
    expect(screen.getByText(/No capacitance found/)).toBeInTheDocument();
    expect(screen.getByText("A price, for example 8.80.")).toBeInTheDocument();
    expect(screen.getByLabelText("Label, as printed")).toHaveValue("something");
    expect(await own()).toEqual([]);
  });

  test("a line is put on, and the open line is ready for the next", async () => {
    await openShelf();
    await add("14 µF ±5 % 450 V");
    await screen.findByText("14 µF ±5 % 450 V");
    await waitFor(() => expect(screen.getByLabelText("Label, as printed")).toHaveValue(""));
    expect(await own()).toMatchObject([{ label: "14 µF ±5 % 450 V", quantity: 1, price: 9.9, place: "Truck" }]);
  });

  test("a figure that cannot be kept yet stays as typed, the kept one stays kept", async () => {
    await openShelf();
    await add("14 µF ±5 % 450 V");
    await screen.findByText("14 µF ±5 % 450 V");
    const line = lineOf("14 µF ±5 % 450 V");
    if (!line) throw new Error("no line");
    await userEvent.click(within(line).getByRole("button", { name: /^Change/ }));
    const pieces = await within(line).findByLabelText("Pieces");
    await userEvent.type(pieces, "x");
    expect(within(line).getByText("Type a whole number, for example 2.")).toBeInTheDocument();
    expect(pieces).toHaveValue("1x");
    expect(await own()).toMatchObject([{ quantity: 1 }]);
    await userEvent.type(pieces, "{Backspace}2");
    await waitFor(async () => expect(await own()).toMatchObject([{ quantity: 12 }]));
    await userEvent.type(within(line).getByLabelText("Diameter, mm"), "40");
    await waitFor(async () => expect(await own()).toMatchObject([{ diameterMm: 40 }]));
  });

  test("what is looked for is found by label, maker or place; nothing found is said", async () => {
    await openShelf();
    await userEvent.type(screen.getByRole("searchbox"), "dosbrook truck");
    await waitFor(() => expect(screen.getAllByRole("listitem").length).toBeLessThan(8));
    for (const line of screen.getAllByRole("listitem")) expect(line).toHaveTextContent(/Dosbrook · Truck/);
    await userEvent.type(screen.getByRole("searchbox"), " nowhere");
    expect(screen.getByText(/No line has “dosbrook truck nowhere”/)).toBeInTheDocument();
  });

  test("a line taken off can be put back", async () => {
    await openShelf();
    await add("14 µF ±5 % 450 V");
    await screen.findByText("14 µF ±5 % 450 V");
    await userEvent.click(screen.getByRole("button", { name: "Take off 14 µF ±5 % 450 V" }));
    await waitFor(async () => expect(await own()).toEqual([]));
    await userEvent.click(await screen.findByRole("button", { name: "Put it back" }));
    await waitFor(async () => expect(await own()).toHaveLength(1));
  });
});
