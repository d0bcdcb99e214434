/** @jest-environment jsdom */
import "@testing-library/jest-dom";
import { render, screen } from "@testing-library/react";
import { plainAssessment } from "@/core/station";
import { OfBefore } from "@/components/OfBefore";
import { useLast } from "@/components/useLast";
import { Verdict } from "./Verdict";

const HOLDS = plainAssessment("holds", null, {});
const OPEN = plainAssessment("not-done", null, {});

test("while an answer is worked out the last one stands, greyed, and says that it is of before", () => {
  const { rerender } = render(<Verdict assessment={OPEN} sentences={["Working it out …"]} isWaiting />);
  // Nothing was answered before: nothing stands.
  expect(screen.getByText("Working it out")).toHaveClass("stamp-open");
  expect(screen.queryByText(/of before/)).not.toBeInTheDocument();
  rerender(<Verdict assessment={HOLDS} sentences={["Common is 1."]} />);
  expect(screen.getByText("Holds")).toBeInTheDocument();
  rerender(<Verdict assessment={OPEN} sentences={["Working it out …"]} isWaiting />);
  expect(screen.getByText("Common is 1.").parentElement).toHaveClass("opacity-50");
  expect(screen.getByText("Holds").parentElement).toHaveClass("opacity-50");
  expect(screen.getByText("Working it out; this is of before")).toBeInTheDocument();
  expect(screen.getByRole("status")).toHaveAttribute("aria-busy", "true");
  rerender(<Verdict assessment={HOLDS} sentences={["Common is 2."]} />);
  expect(screen.queryByText("Common is 1.")).not.toBeInTheDocument();
  expect(screen.getByRole("status")).toHaveAttribute("aria-busy", "false");
});

function Sum({ answer }: { answer: string | null }) {
  const { shown, isOld } = useLast(answer);
  return <OfBefore isOld={isOld}>{shown ?? "On its way."}</OfBefore>;
}

test("so does any other answer that is worked out apart", () => {
  const { rerender } = render(<Sum answer={null} />);
  expect(screen.getByText("On its way.")).not.toHaveClass("opacity-50");
  rerender(<Sum answer="41 in all" />);
  expect(screen.getByText("41 in all")).not.toHaveClass("opacity-50");
  rerender(<Sum answer={null} />);
  expect(screen.getByText("41 in all")).toHaveClass("opacity-50");
  expect(screen.getByRole("status")).toHaveTextContent("of before");
  rerender(<Sum answer="39 in all" />);
  expect(screen.queryByText("41 in all")).not.toBeInTheDocument();
  expect(screen.queryByRole("status")).not.toBeInTheDocument();
});
