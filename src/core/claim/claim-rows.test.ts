import { assessParts, type Parts } from "../../../tests/support/partial-card";
import type { StationId } from "../stations";
import type { TravellerAssessment } from "../traveller";
import { claimsOf, type Claim } from "./index";

const BASE = assessParts({ plate: { motorType: "psc", machineKind: "fan", volts: "230", hertz: "50", amps: "1.9" } } as Parts);

interface Other {
  readonly stamp?: string;
  readonly detail?: object;
}
/** A card of which one station says something else: what it claims is asked apart from how it came to that. */
function saying(station: StationId, { stamp, detail = {} }: Other, facts: object = {}): TravellerAssessment {
  const own = BASE.stations[station];
  const changed = { ...own, stamp: stamp ?? own.stamp, detail: { ...(own.detail as object), ...detail } };
  return { ...BASE, facts: { ...BASE.facts, ...facts }, stations: { ...BASE.stations, [station]: changed } } as TravellerAssessment;
}
const said = (claims: readonly Claim[], station: StationId): string[] =>
  claims
    .filter((claim) => claim.station === station && claim.code !== "at-fault" && claim.code !== "puts-it-right")
    .map(({ code, about, chance }) => [code, about, chance].filter((each) => each !== null).join(" "));

const SECTION = {
  contradictions: [],
  overLimit: null,
  swing: null,
  joint: { conformity: { decision: "holds", probabilityWithin: 0.99 } },
};
const part = (section: object = {}, more: object = {}) => ({
  state: "label",
  label: { kind: "run" },
  mismatches: [],
  other: null,
  sections: [{ ...SECTION, ...section }],
  ...more,
});
const joint = (decision: string, probabilityWithin = 0.4) => ({ joint: { conformity: { decision, probabilityWithin } } });

test.each<[string, Other, string[]]>([
  ["holds", { stamp: "holds", detail: part() }, ["capacitor-holds run"]],
  ["out", { stamp: "out", detail: part(joint("out")) }, ["capacitor-out run"]],
  ["too close", { stamp: "too-close", detail: part(joint("too-close", 0.4)) }, ["capacitor-within run 0.4"]],
  ["nothing read", { stamp: "not-done", detail: part({ joint: null }) }, []],
  ["no label", { stamp: "not-done", detail: { ...part(), state: "none" } }, []],
  ["a figure in doubt", { stamp: "unsure", detail: part() }, []],
  ["methods that contradict", { stamp: "contradicts", detail: part() }, []],
  ["a section that contradicts itself", { stamp: "holds", detail: part({ contradictions: ["dead"] }) }, []],
  ["two sections", { stamp: "holds", detail: part({}, { sections: [SECTION, SECTION] }) }, []],
  ["no section", { stamp: "holds", detail: part({}, { sections: [] }) }, []],
  ["shorted on its range", { stamp: "out", detail: part({ joint: null, overLimit: "shorted" }) }, ["capacitor-shorted run"]],
  ["open on its range", { stamp: "out", detail: part({ joint: null, overLimit: "open" }) }, []],
  ["swing stays low", { stamp: "out", detail: part({ joint: null, swing: { behaviour: "stays-low" } }) }, ["capacitor-shorted run"]],
  [
    "swing stays low, and a figure beside it",
    { stamp: "holds", detail: part({ swing: { behaviour: "stays-low" } }) },
    ["capacitor-holds run"],
  ],
  ["swing climbs", { stamp: "noted", detail: part({ joint: null, swing: { behaviour: "climbs" } }) }, []],
  [
    "another than the plate asks for",
    { stamp: "out", detail: part({}, { mismatches: ["value"] }) },
    ["capacitor-holds run", "capacitor-is-not-asked-for run"],
  ],
  [
    "two parts",
    { stamp: "out", detail: part({}, { other: part(joint("out"), { label: { kind: "start" } }) }) },
    ["capacitor-holds run", "capacitor-out start"],
  ],
  [
    "the other part without a label",
    { stamp: "holds", detail: part({}, { other: { ...part(), state: "none" } }) },
    ["capacitor-holds run"],
  ],
])("a capacitor: %s", (_, other, expected) => expect(said(claimsOf(saying("capacitor", other)), "capacitor")).toEqual(expected));

const leads = (more: object = {}) => ({
  measured: 3,
  roles: [["common"], ["run"], ["start"]],
  board: null,
  three: null,
  lowStart: false,
  ...more,
});
const NAMED = ["lead-is 0:common", "lead-is 1:run", "lead-is 2:start"];
test.each<[string, Other, object, string[]]>([
  ["named", { stamp: "holds", detail: leads() }, {}, [...NAMED, "windings-hold"]],
  ["named, and more is wanted", { stamp: "open", detail: leads() }, {}, NAMED],
  ["in doubt", { stamp: "unsure", detail: leads() }, {}, []],
  ["contradicting", { stamp: "contradicts", detail: leads() }, {}, []],
  ["nothing measured", { stamp: "not-done", detail: leads({ measured: 0 }) }, {}, []],
  ["of a motor that is not ours", { stamp: "holds", detail: leads() }, { notOurs: { sort: "three-phase" } }, []],
  [
    "a lead of two roles, and of none",
    { stamp: "open", detail: leads({ roles: [["common"], ["run", "start"], null] }) },
    {},
    ["lead-is 0:common"],
  ],
  [
    "likely alone",
    { stamp: "holds", detail: leads({ board: { state: "likely", answers: [{ probability: 0.8 }] } }) },
    {},
    [...NAMED.map((each) => `${each} 0.8`), "windings-hold 0.8"],
  ],
  [
    "settled on a board",
    { stamp: "holds", detail: leads({ board: { state: "settled", answers: [{ probability: 0.8 }] } }) },
    {},
    [...NAMED, "windings-hold"],
  ],
  ["a lead without a path", { stamp: "out", detail: leads({ three: { kind: "lead-open", lead: 2 } }) }, {}, [...NAMED, "lead-open 2"]],
  ["shorted", { stamp: "out", detail: leads({ three: { kind: "shorted" } }) }, {}, [...NAMED, "windings-shorted"]],
  ["turns lost", { stamp: "out", detail: leads({ lowStart: true }) }, {}, [...NAMED, "start-winding-lost-turns"]],
  ["low, and not out", { stamp: "holds", detail: leads({ lowStart: true }) }, {}, [...NAMED, "windings-hold"]],
])("windings: %s", (_, other, facts, expected) => expect(said(claimsOf(saying("windings", other, facts)), "windings")).toEqual(expected));

test.each<[StationId, string, Other, string[]]>([
  ["frame", "clear", { detail: { state: "clear" } }, ["frame-clear"]],
  ["frame", "grounded", { detail: { state: "grounded" } }, ["grounded"]],
  ["frame", "a beep", { detail: { state: "beeped" } }, ["grounded"]],
  ["frame", "nothing", { detail: { state: "none" } }, []],
  ["insulation", "holds", { stamp: "holds" }, ["insulation-holds"]],
  ["insulation", "out", { stamp: "out" }, ["insulation-out"]],
  ["insulation", "to be watched", { stamp: "too-close" }, []],
  ["start-gear", "a switch that works", { stamp: "holds", detail: { sort: "switch" } }, ["gear-works switch"]],
  [
    "start-gear",
    "a relay that rests right",
    { stamp: "holds", detail: { sort: "potential-relay" } },
    ["relay-rests-right potential-relay"],
  ],
  ["start-gear", "welded", { stamp: "out", detail: { sort: "switch", verdict: "welded" } }, ["gear-failed welded"]],
  ["start-gear", "a path beside it", { stamp: "out", detail: { sort: "switch", verdict: "other-path" } }, []],
  ["start-gear", "out without a verdict", { stamp: "out", detail: { sort: "switch", verdict: null } }, []],
  ["start-gear", "welded, and nobody is sure", { stamp: "unsure", detail: { sort: "switch", verdict: "welded" } }, []],
  ["supply", "good", { stamp: "holds", detail: { outcome: "good", isForAnother: false } }, ["supply-good"]],
  ["supply", "good, and not yet a stamp", { stamp: "open", detail: { outcome: "good", isForAnother: false } }, []],
  ["supply", "low", { stamp: "out", detail: { outcome: "low", isForAnother: false } }, ["supply-low"]],
  ["supply", "low, too close to call", { stamp: "too-close", detail: { outcome: "low", isForAnother: false } }, []],
  ["supply", "low, in doubt", { stamp: "unsure", detail: { outcome: "low", isForAnother: false } }, []],
  ["supply", "low for the other connection", { stamp: "out", detail: { outcome: "low", isForAnother: true } }, []],
  ["supply", "nothing", { stamp: "not-done", detail: { outcome: null, isForAnother: false } }, []],
  ["run-test", "as it should", { stamp: "holds", detail: { amps: { verdict: "near" } } }, ["draws-as-it-should"]],
  ["run-test", "without amps", { stamp: "holds", detail: { amps: null } }, []],
  ["run-test", "out", { stamp: "out", detail: { amps: { verdict: "above" } } }, []],
  ["prove", "holds", { stamp: "holds" }, ["proved"]],
  ["prove", "out, and it idles low alone", { stamp: "out", detail: { doubts: ["idle-low"] } }, []],
  ["prove", "out", { stamp: "out", detail: { doubts: ["idle-low", "amps-high"] } }, ["not-put-right"]],
  ["prove", "in doubt", { stamp: "unsure", detail: { doubts: ["amps-high"] } }, []],
  ["end", "repaired", { detail: { lacks: [], end: "repaired" } }, ["works-again"]],
  ["end", "a spare", { detail: { lacks: [], end: "tested-spare" } }, ["spare-starts"]],
  ["end", "without load", { detail: { lacks: [], end: "proved-without-load" } }, ["runs-without-load"]],
  ["end", "left as it is", { detail: { lacks: [], end: "left" } }, []],
  ["end", "repaired, and something lacks", { detail: { lacks: ["proof"], end: "repaired" } }, []],
])("%s: %s", (station, _, other, expected) => expect(said(claimsOf(saying(station, other)), station)).toEqual(expected));

test.each<[string, string, string, string[]]>([
  ["measured, and still dead", "measured", "dead", ["dead"]],
  ["measured, and live again", "measured", "live", []],
  ["declared, not measured", "declared", "dead", []],
])("power: %s", (_, state, power, expected) =>
  expect(said(claimsOf(saying("make-safe", { detail: { state } }, { power })), "make-safe")).toEqual(expected),
);

test("what would put it right is named with what it goes with, and with its chance", () => {
  const offer = (also: string | null) => ({
    ...BASE,
    actions: [{ ...BASE.actions[0], action: "replace-bearings", also, cureProbability: 0.7 }],
  });
  const cure = (also: string | null) => claimsOf(offer(also) as TravellerAssessment).find(({ code }) => code === "puts-it-right");
  expect(cure(null)).toMatchObject({ about: "replace-bearings", chance: 0.7 });
  expect(cure("replace-run-capacitor")).toMatchObject({ about: "replace-bearings+replace-run-capacitor" });
  expect(claimsOf({ ...BASE, actions: [] }).some(({ code }) => code === "puts-it-right")).toBe(false);
});

test("a motor that is not ours is named by its sort", () =>
  expect(said(claimsOf(saying("plate", {}, { notOurs: { sort: "brushes" } })), "plate")).toEqual(["not-ours brushes"]));
