/** @jest-environment jsdom */
import { NO_FACTS, type Facts } from "@/core/facts";
import "@testing-library/jest-dom";
import { render, screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useState } from "react";
import { studyNow } from "@/core/study/answer";
import { BLANK_WINDINGS, windingsStation, type WindingsRecord } from "@/core/stations/windings";
import { LAYOUTS } from "@/core/winding";
import { layoutWord, roleWord } from "@/features/vocabulary/board-words";
import { toHouse, UNSET_HOUSE } from "@/records";
import { windingsView } from ".";
import { EMPTY_HAND, tapPost } from "./hand";
import Instrument from "./Instrument";
import { addPost, dropPost, layPattern, PATTERNS, setFrame, usedPosts } from "./patterns";
import { windingSentences } from "./sentences";
import { shownAt, toPairEntry } from "./words";
import { setPair } from "@/core/stations/windings";
import { NOTHING_WEIGHED } from "../../station/contract";

const HOUSE = toHouse(UNSET_HOUSE);
const NOTHING = NOTHING_WEIGHED;
const context = (facts: Partial<Facts> = {}) => ({
  facts: { ...NO_FACTS, ...facts },
  house: HOUSE.figures,
  earlier: [],
  study: studyNow,
  findings: [],
});

/** Readings as "01 12.0": posts by number. */
function recordOf(posts: number, readings: readonly string[]): WindingsRecord {
  let record: WindingsRecord = {
    ...BLANK_WINDINGS,
    posts: Array.from({ length: posts }, (_, post) => ({
      name: "ABCDEFGHIJKL"[post] ?? "",
      mark: null,
      x: (post + 1) / (posts + 1),
      y: 0.4,
    })),
  };
  for (const reading of readings) {
    const [ends = "", text = ""] = reading.split(" ");
    record = setPair(record, [Number(ends[0]), Number(ends[1])], toPairEntry(text, HOUSE));
  }
  return record;
}

function Held({ first, method = "sketch", facts = {} }: { first: WindingsRecord; method?: string; facts?: Partial<Facts> }) {
  const [record, setRecord] = useState(first);
  return (
    <Instrument
      record={record}
      assessment={windingsStation.assess(record, context(facts))}
      facts={{ ...NO_FACTS, ...facts }}
      house={HOUSE}
      method={method}
      weighed={NOTHING}
      change={(apply) => setRecord((now) => apply(now, "2026-11-23T10:00:00.000Z"))}
    />
  );
}

const BLOWER = ["01 12.0", "02 17.2", "03 22.4", "04 31.2", "12 5.4", "13 10.6", "14 43.1", "23 5.4", "24 48.2", "34 53.5"];

describe("words", () => {
  test.each(LAYOUTS.map((layout) => [layout.id, layout] as const))("%s and its roles have words", (id, layout) => {
    expect(layoutWord(id)).toMatch(/^[A-Z][a-z]/);
    expect(layoutWord(id)).not.toContain("_");
    for (const role of layout.roles) expect(roleWord(role)).not.toBe(role);
  });
  test.each([
    [recordOf(5, []), /^Probe A to B, or tap two posts/],
    [recordOf(5, BLOWER.slice(0, 4)), /ways to understand it are left|Looks like/],
    [recordOf(5, BLOWER), /^Three speeds, start winding from common: common A, high B, medium C, low D, capacitor lead E\.$/],
    [recordOf(5, [...BLOWER.slice(0, 6), "14 23.1", ...BLOWER.slice(7)]), /does not belong: B to E/],
    [recordOf(4, ["01 3.2", "23 9.1", "02 OL", "03 OL", "12 OL", "13 OL"]), /^Main and start winding on posts of their own/],
    [recordOf(3, ["01 8.9", "12 31.4", "02 22.6"]), /^Common is A, run is B \(8.7\sΩ\), start is C \(22.4\sΩ\)/],
  ])("a board in words (%#)", (record, pattern) => {
    const said = windingSentences(windingsStation.assess(record, context()).detail, false);
    expect(said.join(" ")).not.toMatch(/undefined|NaN|null|!/);
    expect(said[0]).toMatch(pattern);
  });
  test("posts without a path ask for the capacitance range", () => {
    const record = recordOf(5, ["01 9.0", "02 22.6", "12 31.4", "03 OL", "04 OL", "13 OL", "14 OL", "23 OL", "24 OL", "34 OL"]);
    expect(windingSentences(windingsStation.assess(record, context()).detail, false).join(" ")).toMatch(
      /D, E: no path .* capacitance range/,
    );
  });
});

test("the next move says what each outcome would mean", () => {
  const assessment = windingsStation.assess(recordOf(5, BLOWER.slice(0, 4)), context({ motorType: "psc" }));
  const move = windingsView.move?.(assessment);
  if (assessment.detail.next === null) throw new Error("nothing is asked for");
  expect(move?.title).toMatch(/^Probe [A-E] to [A-E]$/);
  expect(move?.reason).toMatch(/(About [\d.]+\sΩ|OL): [A-E] [a-z ]+, [A-E] [a-z ]+\. (About|OL)|settles most/);
  expect(windingsView.move?.(windingsStation.assess(recordOf(5, BLOWER), context()))).toBeNull();
});

describe("patterns", () => {
  test.each(PATTERNS.map((pattern) => [pattern.id, pattern] as const))(
    "%s lays its posts on the board, apart from each other",
    (_, pattern) => {
      const { posts } = layPattern(BLANK_WINDINGS, pattern);
      expect(posts.length).toBe(pattern.places.length);
      for (const { x, y } of posts) expect([x > 0.02 && x < 0.98, y > 0.05 && y < 0.95]).toEqual([true, true]);
      posts.forEach((one, index) =>
        posts.slice(index + 1).forEach((other) => expect(Math.hypot(one.x - other.x, one.y - other.y)).toBeGreaterThan(0.1)),
      );
    },
  );
  test("a smaller pattern keeps every post with a reading, a larger one every name", () => {
    const five = recordOf(5, ["04 31.2"]);
    const two = PATTERNS.find(({ id }) => id === "leads-2");
    const eight = PATTERNS.find(({ id }) => id === "box-8");
    if (!two || !eight) throw new Error("patterns");
    expect(layPattern(five, two).posts).toHaveLength(5);
    expect(
      layPattern(five, eight)
        .posts.map(({ name }) => name)
        .join(""),
    ).toBe("ABCDE678");
  });
  test("readings to the frame go along when posts come or go", () => {
    const framed = setPair(setFrame(recordOf(3, ["01 9.0"]), true), [0, 3], toPairEntry("OL", HOUSE));
    const grown = addPost(framed);
    expect(shownAt(grown, [0, 4])).toBe("OL");
    expect(shownAt(dropPost(grown), [0, 3])).toBe("OL");
    expect(usedPosts(grown)).toBe(2);
    expect(setFrame(framed, false).pairs).toHaveLength(1);
  });
  test("a post with a reading is not taken away", () => {
    const three = recordOf(3, ["02 9.0"]);
    expect(dropPost(three)).toBe(three);
  });
});

test.each([
  ["12.4", "resistance"],
  ["OL", "resistance"],
  ["4k7", "resistance"],
  ["17.5u", "capacitance"],
  ["17.5 µF", "capacitance"],
  ["inf", "resistance"],
])("%s on a pair is %s", (text, quantity) => expect(toPairEntry(text, HOUSE)?.reading?.quantity).toBe(quantity));

test.each([
  [[2], { waiting: 2, selected: null, asks: 0 }],
  [[2, 2], { waiting: null, selected: null, asks: 0 }],
  [[4, 1], { waiting: null, selected: [1, 4], asks: 1 }],
  [[4, 1, 3], { waiting: 3, selected: [1, 4], asks: 1 }],
  [[4, 1, 3, 0], { waiting: null, selected: [0, 3], asks: 2 }],
])("posts tapped in turn, however fast: %j", (posts, hand) => {
  expect(posts.reduce(tapPost, EMPTY_HAND)).toMatchObject(hand);
});

describe("the instrument", () => {
  test("on a larger board one field stands for the pair in hand; Next goes where the advice goes", async () => {
    render(<Held first={recordOf(5, BLOWER.slice(0, 4))} />);
    const field = screen.getByLabelText(/meter shows$/);
    const first = screen.getByText(/meter shows$/).textContent;
    await userEvent.type(field, "10.6");
    // The advice has moved on, the field has not: the figure may not be finished.
    expect(screen.getByText(/meter shows$/).textContent).toBe(first);
    await userEvent.click(screen.getByRole("button", { name: "Next" }));
    expect(screen.getByText(/meter shows$/).textContent).not.toBe(first);
    expect(screen.getByLabelText(/meter shows$/)).toHaveValue("");
    await waitFor(() => expect(screen.getByLabelText(/meter shows$/)).toHaveFocus());
  });
  test("two posts by keyboard choose their pair, whatever the advice says", async () => {
    render(<Held first={recordOf(5, BLOWER.slice(0, 4))} />);
    screen.getByRole("button", { name: /^Post B/ }).focus();
    await userEvent.keyboard("{Enter}");
    expect(screen.getByRole("button", { name: /^Post B/ })).toHaveAttribute("aria-pressed", "true");
    screen.getByRole("button", { name: /^Post E/ }).focus();
    await userEvent.keyboard("{Enter}");
    expect(screen.getByText("B to E, meter shows")).toBeInTheDocument();
  });
  test("roles are set on the posts once they are settled", () => {
    render(<Held first={recordOf(5, BLOWER)} />);
    for (const name of ["Post A, Common", "Post B, High", "Post C, Medium", "Post D, Low", "Post E, Capacitor lead"])
      expect(screen.getByRole("button", { name })).toBeInTheDocument();
  });
  test("the table is another view of the same readings", async () => {
    render(<Held first={recordOf(5, BLOWER)} method="pairs" />);
    expect(screen.getAllByRole("row")).toHaveLength(11);
    const field = screen.getByLabelText("B to E");
    await userEvent.clear(field);
    await userEvent.type(field, "23.1");
    expect(screen.getByText(/does not belong: B to E/)).toBeInTheDocument();
    expect(within(screen.getByLabelText("B to E").closest("tr") ?? document.body).getByText("does not belong")).toBeInTheDocument();
    await userEvent.clear(field);
    await userEvent.type(field, "43.1");
    expect(screen.queryByText("does not belong")).toBeNull();
  });
  test("the connection is drawn once the roles are settled, with the convention printed", async () => {
    render(
      <Held
        first={recordOf(4, ["01 3.2", "23 9.1", "02 OL", "03 OL", "12 OL", "13 OL"])}
        method="connection"
        facts={{ motorType: "cap-start" }}
      />,
    );
    expect(
      screen.getByRole("img", { name: /^L1, A, main winding, B, L2\. L1, C, start winding, D, switch or relay, start capacitor, L2$/ }),
    ).toBeInTheDocument();
    expect(screen.getByText(/exchange the start winding's two ends, C and D/)).toHaveTextContent("looking at the shaft end");
    await userEvent.click(screen.getByLabelText("Looking at the lead end"));
    expect(screen.getByText(/exchange the start winding's two ends/)).toHaveTextContent("looking at the lead end");
  });
  test.each([
    [recordOf(3, []), "No connection yet"],
    [recordOf(4, ["01 9.0", "02 22.6", "12 31.4", "03 OL", "13 OL", "23 OL"]), "not connected|No connection yet|no connection is drawn"],
  ])("no connection is drawn before its time (%#)", (record, words) => {
    render(<Held first={record} method="connection" />);
    expect(screen.getByText(new RegExp(words))).toBeInTheDocument();
  });
  test("three leads show both ways of finding common", () => {
    render(<Held first={recordOf(3, ["01 8.9", "12 31.4", "02 22.6"])} />);
    const ways = screen.getByRole("figure", { name: "Two ways to find common" });
    expect(ways).toHaveTextContent("Largest: B to C, 31.4 Ω. The lead that is not in it is A: common.");
    expect(ways).toHaveTextContent("22.6 Ω + 8.9 Ω = 31.5 Ω, against 31.4 Ω.");
  });
  test("temperature, known figures and hot ohms are keyed in one place", async () => {
    render(<Held first={recordOf(3, ["01 8.9", "12 31.4", "02 22.6"])} method="compare" facts={{ hotSpotC: 105 }} />);
    await userEvent.type(screen.getByLabelText("Winding temperature"), "20");
    await userEvent.click(screen.getByLabelText("Sister motor"));
    await userEvent.type(screen.getByLabelText("Main winding"), "10.2");
    await userEvent.type(screen.getByLabelText("At"), "20");
    expect(screen.getByText(/lower than a sister motor, both at 20 °C/)).toBeInTheDocument();
    await userEvent.type(screen.getByLabelText("Reads hot"), "12.9");
    expect(screen.getByText(/A to B says 1\d\d °C/)).toHaveTextContent("Above 105 °C");
  });
  test("a board has at most twelve posts, and says so", async () => {
    render(<Held first={recordOf(12, [])} />);
    await userEvent.click(screen.getByText(/^Board: 12 posts/));
    await userEvent.click(screen.getByRole("button", { name: "Add a post" }));
    expect(screen.getByRole("alert")).toHaveTextContent("at most 12 posts");
  });
});

describe("readings of three leads that do not add up", () => {
  // 10.2 and 25.8 add up to 36: one digit from 46, but so is either of the others.
  const first = recordOf(3, ["01 10.2", "12 46.0", "02 25.8"]);
  const asked = () => screen.findByRole("group", { name: "Not sure of a figure" });
  beforeEach(() => {
    // jsdom lays nothing out, and cannot scroll.
    Element.prototype.scrollIntoView = jest.fn();
  });
  test("each way to mend them is offered, none put first; one press takes it", async () => {
    render(<Held first={first} />);
    const group = await asked();
    expect(within(group).getAllByRole("button")).toHaveLength(4);
    expect(within(group).getByRole("button", { name: /^A to B: 20\.2\s.+, not 10\.2$/ })).toBeVisible();
    await userEvent.click(within(group).getByRole("button", { name: /^B to C: 36\s.+, not 46\.0$/ }));
    expect(screen.getByLabelText("B to C")).toHaveValue("36.0");
    expect(screen.queryByRole("group", { name: "Not sure of a figure" })).not.toBeInTheDocument();
  });
  test("all are right: they stand, and are not asked about again", async () => {
    render(<Held first={first} />);
    await userEvent.click(within(await asked()).getByRole("button", { name: "All are right" }));
    expect(screen.getByLabelText("B to C")).toHaveValue("46.0");
    expect(screen.queryByRole("group", { name: "Not sure of a figure" })).not.toBeInTheDocument();
  });
});

describe("a board of no known layout", () => {
  const apart = ["01 10.3", "23 3.9", "45 20.2"];
  const open = [0, 1, 2, 3, 4, 5].flatMap((a) =>
    [1, 2, 3, 4, 5].flatMap((b) => (b > a && !apart.some((each) => each.startsWith(`${a}${b}`)) ? [`${a}${b} OL`] : [])),
  );
  const first = recordOf(6, [...apart, ...open]);
  test("its groups and ohms are told, nothing is accused, and no connection is drawn", () => {
    const facts = { motorType: "split-phase", machineKind: "drum" } as const;
    const assessment = windingsStation.assess(first, context(facts));
    expect([assessment.stamp, assessment.findings]).toEqual(["noted", []]);
    expect(windingSentences(assessment.detail, false).slice(0, 4)).toEqual([
      "No layout known here fits this board, though its readings agree among themselves. Nothing is said against a winding.",
      "Apart: A to B 10.1\u00a0Ω.",
      "Apart: C to D 3.7\u00a0Ω.",
      "Apart: E to F 20\u00a0Ω.",
    ]);
    render(<Held first={first} method="connection" facts={facts} />);
    expect(screen.getByText(/connect it by the motor's own diagram/)).toBeInTheDocument();
  });
});
