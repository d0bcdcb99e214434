/** @jest-environment jsdom */
import "@testing-library/jest-dom";
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useState } from "react";
import { BLANK_SHEET } from "@/core/match";
import type { Candidate } from "@/core/stations/out-in";
import { CandidateFields } from "./CandidateFields";

const PLATE_READ = { ...BLANK_SHEET, volts: "230", amps: "1.9" };

function Typed() {
  const [candidate, setCandidate] = useState<Candidate>({ id: "c1", source: "", price: "", sheet: PLATE_READ });
  return (
    <CandidateFields
      candidate={candidate}
      onCandidate={(apply) => setCandidate((now) => apply(now, "2026-11-23T09:00:00.000Z"))}
      onStrike={() => undefined}
    />
  );
}

test("a supplier typed into an empty From stays in sight, and every letter goes into the field", async () => {
  const { container } = render(<Typed />);
  const field = screen.getByLabelText("From");
  await userEvent.type(field, "Pennock Electrical");
  expect(field).toHaveValue("Pennock Electrical");
  expect(field).toHaveFocus();
  expect(container.querySelector("details")).toHaveAttribute("open");
});
