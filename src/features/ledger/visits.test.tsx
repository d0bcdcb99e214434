/** @jest-environment jsdom */
import "@testing-library/jest-dom";
import "fake-indexeddb/auto";
import { render, screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { rememberStudy } from "@/core/study";
import { studyNow } from "@/core/study/answer";
import { database } from "@/store/database";
import { deriveAll } from "@/store/derive";
import { wipeEverything } from "@/store/wipe";
import { deriverOf } from "../cards/deriver";
import { LedgerScreen } from "./LedgerScreen";

jest.mock("next/navigation", () => ({ useSearchParams: () => new URLSearchParams() }));

const db = database();
beforeAll(async () => {
  // A browser without these cannot run the program at all; the test's one lacks them.
  Object.assign(globalThis, { structuredClone: (value: unknown) => JSON.parse(JSON.stringify(value)) as unknown });
  Object.assign(globalThis, {
    ResizeObserver: class {
      observe() {}
      unobserve() {}
      disconnect() {}
    },
  });
  window.scrollTo = () => undefined;
  await db.open();
  const study = rememberStudy(studyNow);
  await deriveAll(db, () => deriverOf(db, study));
});
afterAll(() => db.close());

const count = () => screen.getByRole("heading", { name: /^Visits/ }).textContent ?? "";

test("all visits are counted, and what is asked for leaves only what has all of it", async () => {
  render(<LedgerScreen />);
  const all = await db.travellers.count();
  await waitFor(() => expect(count()).toBe(`Visits ${all}`));
  await userEvent.type(screen.getByRole("searchbox", { name: "Find" }), "tollgate");
  const cinema = (await db.travellers.toArray()).filter(({ site }) => site === "Tollgate Cinema").length;
  await waitFor(() => expect(count()).toBe(`Visits ${cinema}`));
  await userEvent.selectOptions(screen.getByLabelText("Station"), "supply");
  await waitFor(() => expect(count()).toBe("Visits 1"));
  await userEvent.type(screen.getByRole("searchbox", { name: "Find" }), " zeppelin");
  expect(await screen.findByText("No visit has all of that. Take a word or a choice away.")).toBeVisible();
  await userEvent.click(screen.getByRole("button", { name: "Show all" }));
  await waitFor(() => expect(count()).toBe(`Visits ${all}`));
});

test("days the wrong way round are told, with what to do", async () => {
  render(<LedgerScreen />);
  await screen.findByRole("heading", { name: /^Visits/ });
  await userEvent.type(screen.getByLabelText("From"), "2026-12-01");
  await userEvent.type(screen.getByLabelText("To"), "2026-11-01");
  expect(screen.getByRole("alert")).toHaveTextContent("“From” is after “To”: no visit can be in between. Change one of them.");
});

test("an empty ledger says what will stand there, and files can come in", async () => {
  await wipeEverything();
  render(<LedgerScreen />);
  expect(await screen.findByText("No visit yet. Every card that is started stands here, and stays.")).toBeVisible();
  expect(await screen.findByLabelText("Choose a file to take in")).toBeInTheDocument();
});
