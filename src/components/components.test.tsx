/** @jest-environment jsdom */
import "@testing-library/jest-dom";
import { act, fireEvent, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useState } from "react";
import { PickOne, TickList, YesNo } from "./Choice";
import { FieldFlow } from "./FieldFlow";
import { FigureField } from "./FigureField";
import { KeyPad } from "./KeyPad";
import { LimitRule } from "./LimitRule";
import { LineField } from "./LineField";
import { Stamp } from "./Stamp";
import { TickTimes } from "./TickTimes";
import { useNow } from "./useNow";

function Bench() {
  const [texts, setTexts] = useState(["", ""]);
  return (
    <FieldFlow>
      {texts.map((text, index) => (
        <FigureField
          key={index}
          label={`Figure ${index + 1}`}
          text={text}
          unit="Ω"
          onText={(next) => setTexts((now) => now.map((old, at) => (at === index ? next : old)))}
        />
      ))}
      <KeyPad extras={["k", "M", "OL"]} />
    </FieldFlow>
  );
}

const press = async (user: ReturnType<typeof userEvent.setup>, ...keys: string[]) => {
  for (const key of keys) await user.click(screen.getByRole("button", { name: key }));
};

describe("the pad", () => {
  test("types into the first empty field when none is in hand, and goes on to the next", async () => {
    const user = userEvent.setup();
    render(<Bench />);
    await press(user, "4", ".", "7", "k");
    expect(screen.getByLabelText("Figure 1")).toHaveValue("4.7k");
    await press(user, "Next", "8", "9");
    expect(screen.getByLabelText("Figure 2")).toHaveValue("89");
    expect(screen.getByLabelText("Figure 2")).toHaveFocus();
  });
  test("OL replaces what stands there; the last sign can be taken back", async () => {
    const user = userEvent.setup();
    render(<Bench />);
    await user.type(screen.getByLabelText("Figure 1"), "12");
    await press(user, "OL");
    expect(screen.getByLabelText("Figure 1")).toHaveValue("OL");
    await press(user, "Delete the last sign");
    expect(screen.getByLabelText("Figure 1")).toHaveValue("O");
  });
  test("keeps away from what a meter's line fills, and comes for a finger", async () => {
    const { unmount } = render(<Bench />);
    document.documentElement.dataset.meter = "open";
    const field = screen.getByLabelText("Figure 1");
    const instrument = field.closest<HTMLElement>("[data-instrument]");
    act(() => field.focus());
    expect(instrument?.dataset.pad).toBeUndefined();
    act(() => field.blur());
    fireEvent.pointerDown(field);
    act(() => field.focus());
    expect(instrument?.dataset.pad).toBe("open");
    delete document.documentElement.dataset.meter;
    unmount();
  });
  test("types at the caret", async () => {
    const user = userEvent.setup();
    render(<Bench />);
    const field = screen.getByLabelText<HTMLInputElement>("Figure 1");
    await user.type(field, "19");
    field.setSelectionRange(1, 1);
    await press(user, ".");
    expect(field).toHaveValue("1.9");
  });
});

test("Enter goes to the next field, and out of the last", async () => {
  const user = userEvent.setup();
  render(<Bench />);
  await user.type(screen.getByLabelText("Figure 1"), "1{Enter}");
  expect(screen.getByLabelText("Figure 2")).toHaveFocus();
  await user.keyboard("{Enter}");
  expect(document.body).toHaveFocus();
});

describe("a field whose text is kept elsewhere", () => {
  function Kept({ text, heard }: { text: string; heard: (text: string) => void }) {
    return <LineField label="Label" text={text} onText={heard} />;
  }
  test("shows at once what is typed, though the echo comes late", async () => {
    const heard = jest.fn();
    const user = userEvent.setup();
    const { rerender } = render(<Kept text="" heard={heard} />);
    await user.type(screen.getByLabelText("Label"), "35");
    expect(screen.getByLabelText("Label")).toHaveValue("35");
    expect(heard).toHaveBeenLastCalledWith("35");
    // The echo of the first key arrives after the second was typed: it must not take the second away.
    rerender(<Kept text="3" heard={heard} />);
    expect(screen.getByLabelText("Label")).toHaveValue("35");
    rerender(<Kept text="35" heard={heard} />);
    expect(screen.getByLabelText("Label")).toHaveValue("35");
  });
  test("takes over what another tab wrote once nobody types here", () => {
    const { rerender } = render(<Kept text="35" heard={() => undefined} />);
    rerender(<Kept text="40" heard={() => undefined} />);
    expect(screen.getByLabelText("Label")).toHaveValue("40");
    fireEvent.focus(screen.getByLabelText("Label"));
    fireEvent.change(screen.getByLabelText("Label"), { target: { value: "41" } });
    act(() => screen.getByLabelText("Label").blur());
    fireEvent.blur(screen.getByLabelText("Label"));
    rerender(<Kept text="42" heard={() => undefined} />);
    expect(screen.getByLabelText("Label")).toHaveValue("42");
  });
  test("a problem is tied to its field for a screen reader", () => {
    render(<LineField label="Volts" text="x" onText={() => undefined} problem="Type 230." hint="never shown" />);
    expect(screen.getByLabelText("Volts")).toBeInvalid();
    expect(screen.getByLabelText("Volts")).toHaveAccessibleDescription("Type 230.");
    expect(screen.queryByText("never shown")).toBeNull();
  });
});

describe("choices", () => {
  const OPTIONS = [
    { id: "a", label: "Free" },
    { id: "b", label: "Rough" },
  ] as const;
  test("several can be ticked", async () => {
    const toggled = jest.fn();
    render(<TickList legend="Seen" options={OPTIONS} ticked={["a"]} onToggle={toggled} />);
    expect(screen.getByRole("group", { name: "Seen" })).toBeInTheDocument();
    expect(screen.getByLabelText("Free")).toBeChecked();
    await userEvent.click(screen.getByLabelText("Rough"));
    expect(toggled).toHaveBeenCalledWith("b");
  });
  test("one can be picked, and taken back by picking it again", async () => {
    const picked = jest.fn();
    render(<PickOne legend="Turns" options={OPTIONS} picked="a" onPick={picked} />);
    await userEvent.click(screen.getByLabelText("Rough"));
    expect(picked).toHaveBeenLastCalledWith("b");
    await userEvent.click(screen.getByLabelText("Free"));
    expect(picked).toHaveBeenLastCalledWith(null);
  });
  test("yes, no, or not answered", async () => {
    const valued = jest.fn();
    render(<YesNo legend="Play" value={null} onValue={valued} />);
    await userEvent.click(screen.getByLabelText("No"));
    expect(valued).toHaveBeenLastCalledWith(false);
  });
  test("steps show when they were ticked", async () => {
    const toggled = jest.fn();
    render(<TickTimes legend="Isolate" steps={[...OPTIONS]} times={{ a: "t1" }} show={(moment) => `at ${moment}`} onToggle={toggled} />);
    expect(screen.getByText("at t1")).toBeInTheDocument();
    await userEvent.click(screen.getByLabelText(/Rough/));
    expect(toggled).toHaveBeenCalledWith("b");
  });
});

describe("the limit rule", () => {
  const rule = (value: number, halfWidth: number) =>
    render(
      <LimitRule
        description="allowed"
        low={{ at: 16.45, label: "−6 %", figure: "16.45" }}
        high={{ at: 18.55, label: "+6 %", figure: "18.55" }}
        rated={{ at: 17.5, label: "rated 17.5" }}
        pointers={[{ at: value, halfWidth, label: "meter", tone: "too-close" }]}
      />,
    ).container;
  /** Stops and foot of the first (desk) drawing, in drawing units. */
  function places(container: HTMLElement) {
    const [low, high] = [...container.querySelectorAll("svg")[0]!.querySelectorAll('rect[width="6"]')].map((stop) =>
      Number(stop.getAttribute("x")),
    );
    const foot = [...container.querySelectorAll("svg")[0]!.querySelectorAll("path")]
      .map((path) => /^M([\d.]+) 134H([\d.]+)M/.exec(path.getAttribute("d") ?? ""))
      .find(Boolean);
    return { low: (low ?? 0) + 6, high: high ?? 0, from: Number(foot?.[1]), to: Number(foot?.[2]) };
  }
  test("is drawn to scale: the foot is as wide as the uncertainty", () => {
    const { low, high, from, to } = places(rule(16.56, 0.25));
    const perUf = (high - low) / (18.55 - 16.45);
    expect((to - from) / perUf).toBeCloseTo(0.5, 6);
    expect((from + to) / 2).toBeCloseTo(low + (16.56 - 16.45) * perUf, 6);
  });
  test("a figure far outside is still on the ruler", () => {
    for (const value of [0.4, 4.1, 60]) {
      const { from, to } = places(rule(value, 0.3));
      expect(from).toBeGreaterThanOrEqual(0);
      expect(to).toBeLessThanOrEqual(680);
    }
  });
  test("says in words what it shows", () => {
    rule(16.56, 0.25);
    expect(screen.getAllByRole("img", { name: "allowed" }).length).toBeGreaterThan(0);
  });
});

test("a stamp carries its word and its shape", () => {
  render(<Stamp tone="out">Out</Stamp>);
  expect(screen.getByText("Out")).toHaveClass("stamp-out");
});

test("several pointers stand on lines of their own; what lies far off is drawn at the edge", () => {
  const stop = (at: number) => ({ at, label: "", figure: String(at) });
  const { container } = render(
    <LimitRule
      description="three"
      low={stop(9)}
      high={stop(11)}
      rated={{ at: 10, label: "rated" }}
      pointers={[
        { at: 10, halfWidth: 0.2, label: "meter", tone: "holds" },
        { at: 8, halfWidth: 0.3, label: "running", tone: "out" },
        { at: 500, halfWidth: 300, label: "swing", tone: "noted" },
      ]}
      marks={[{ at: 10.4, label: "2024" }]}
    />,
  );
  const svg = container.querySelector("svg");
  const texts = [...(svg?.querySelectorAll("text") ?? [])];
  const heights = ["meter", "running", "swing"].map((word) => Number(texts.find((t) => t.textContent === word)?.getAttribute("y")));
  expect(new Set(heights).size).toBe(3);
  const width = Number(svg?.getAttribute("viewBox")?.split(" ")[2]);
  for (const text of texts) expect(Number(text.getAttribute("x"))).toBeLessThanOrEqual(width);
  expect(texts.some((t) => t.textContent === "2024")).toBe(true);
});

test("a clock ticks while something is counted and stands still otherwise", () => {
  jest.useFakeTimers({ now: 1000 });
  const Clock = ({ every }: { every: number | null }) => <output>{useNow(every)}</output>;
  const { rerender } = render(<Clock every={100} />);
  act(() => jest.advanceTimersByTime(250));
  expect(screen.getByRole("status")).toHaveTextContent("1200");
  rerender(<Clock every={null} />);
  act(() => jest.advanceTimersByTime(1000));
  expect(screen.getByRole("status")).toHaveTextContent("1200");
  jest.useRealTimers();
});
