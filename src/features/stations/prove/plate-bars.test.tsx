/** @jest-environment jsdom */
import { render } from "@testing-library/react";
import { toHouseFigures } from "@/core/house";
import { judgeAmps } from "@/core/motor";
import { readAt } from "../../../../tests/support/partial-card";
import { PlateBars } from "./PlateBars";

const HOUSE = toHouseFigures({});
const amps = (text: string) => judgeAmps(readAt(text, "current", "2026-11-30T10:00:00.000Z"), 1.9, HOUSE);

test.each(["0", "0.00", "0.01", "1.7", "19"])("%s A are drawn with the foot of what the meter sees, whatever the figure", (text) => {
  const { container } = render(<PlateBars before={amps(text)} after={amps("1.7")} limitFraction={1.1} />);
  expect(container.querySelectorAll("rect")).toHaveLength(2);
  expect(container.innerHTML).not.toMatch(/NaN|Infinity/);
});
