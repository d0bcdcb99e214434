import { TEST_TABLE } from "../diagnosis";
import { MOTOR_TYPES } from "../trade";
import {
  contactState,
  GEAR_REPAIRS,
  judgeCurrentRelay,
  judgePotentialRelay,
  judgePtc,
  alsoWrong,
  GEAR_SORTS,
  gearRow,
  judgeSwitch,
  usualGear,
  type SwitchSigns,
} from ".";

const LIMITS = { closedOhm: 1, leadOhm: 0.2 };
test.each([
  [0.3, false, "closed"],
  [1.2, false, "closed"],
  [1.3, false, "high"],
  [80, false, "high"],
  [99_999, false, "high"],
  [100_000, false, "open"],
  [2e6, false, "open"],
  [null, true, "open"],
  [null, false, "unknown"],
] as const)("%d Ω, over limit %s: %s", (ohm, isOpen, state) => expect(contactState(ohm, isOpen, LIMITS)).toBe(state));

const SOUND: SwitchSigns = { atRest: "closed", actuated: "open", isCoverSeated: true, travel: "moves", contacts: "clean" };
test.each<[string, Partial<SwitchSigns>, string, string]>([
  ["closed at rest, open when actuated", {}, "works", "none"],
  ["open at rest under a loose cover", { atRest: "open", isCoverSeated: false }, "not-pressed", "seat"],
  ["open at rest, cover seated", { atRest: "open" }, "open-at-rest", "clean"],
  ["ohms at rest", { atRest: "high" }, "contacts-dirty", "clean"],
  ["burnt to the eye", { atRest: "high", contacts: "burnt" }, "contacts-burnt", "replace"],
  ["weights gummed", { travel: "gummed" }, "gummed", "free"],
  ["stays closed", { actuated: "closed" }, "welded", "replace"],
  ["welded counts before a loose cover", { actuated: "closed", isCoverSeated: false }, "welded", "replace"],
  [
    "open at rest, closes when it is pressed, cover loose",
    { atRest: "open", actuated: "closed", isCoverSeated: false },
    "not-pressed",
    "seat",
  ],
  ["open at rest, closes when it is pressed", { atRest: "open", actuated: "closed", isCoverSeated: null }, "not-pressed", "seat"],
  ["ohms of a winding across it", { actuated: "high" }, "other-path", "none"],
  ["half measured", { actuated: "unknown" }, "more-needed", "none"],
])("centrifugal switch, %s", (_, signs, verdict, repair) => {
  const found = judgeSwitch({ ...SOUND, ...signs });
  expect([found, GEAR_REPAIRS[found]]).toEqual([verdict, repair]);
});

test.each<[string, Partial<SwitchSigns>, readonly string[]]>([
  ["gummed and pitted", { travel: "gummed", contacts: "dirty" }, ["contacts-dirty"]],
  ["gummed, ohms at rest", { travel: "gummed", atRest: "high" }, ["contacts-dirty"]],
  ["gummed and burnt", { travel: "gummed", atRest: "open", contacts: "burnt" }, ["contacts-burnt"]],
  ["not pressed, nothing seen of its contacts", { atRest: "high", isCoverSeated: false, contacts: null }, []],
  ["not pressed, and pitted to the eye", { atRest: "open", isCoverSeated: false, contacts: "dirty" }, ["contacts-dirty"]],
  ["works, though its contacts look dirty", { contacts: "dirty" }, ["contacts-dirty"]],
  ["works", {}, []],
])("a switch that is %s has %j beside its verdict", (_, signs, also) => {
  const all = { ...SOUND, ...signs };
  expect(alsoWrong(judgeSwitch(all), all)).toEqual(also);
});

test.each([
  [8200, "closed", "works"],
  [8200, "open", "contact-open"],
  [8200, "high", "contact-open"],
  [Infinity, "closed", "coil-open"],
  [900, "closed", "coil-low"],
  [31000, "closed", "coil-high"],
  [2999, "closed", "coil-low"],
  [3000, "closed", "works"],
  [20000, "closed", "works"],
  [20001, "closed", "coil-high"],
  [200_000, "closed", "coil-high"],
  [200_001, "closed", "coil-open"],
  [null, "closed", "more-needed"],
  [8200, "unknown", "more-needed"],
] as const)("potential relay, coil %d Ω, contacts %s: %s", (coil, contact, verdict) => {
  expect(judgePotentialRelay(coil, contact, 3000, 20000)).toBe(verdict);
});

test.each([
  ["closed", "open", "works"],
  ["closed", "closed", "welded"],
  ["open", "open", "coil-open"],
  ["unknown", "open", "more-needed"],
] as const)("current relay, coil %s, contacts %s: %s", (coil, contact, verdict) => expect(judgeCurrentRelay(coil, contact)).toBe(verdict));

test.each([
  [25, null, true, "works"],
  [25, 40000, true, "works"],
  [25, 60, true, "ptc-cold-when-hot"],
  [Infinity, null, true, "ptc-open"],
  [Infinity, null, null, "ptc-hot"],
  [0.4, null, true, "ptc-low"],
  [4000, null, true, "ptc-high"],
  [4000, null, false, "ptc-hot"],
  [null, null, null, "more-needed"],
] as const)("PTC cold %d Ω, hot %d Ω, told cold %s: %s", (coldOhm, hotOhm, isCold, verdict) => {
  expect(judgePtc({ coldOhm, hotOhm, isCold }, { low: 3, high: 100, hot: 5000 })).toBe(verdict);
});

test.each(GEAR_SORTS)("%s: its outcomes are those of its test, and a verdict shows its sum", (sort) => {
  const { test: made, outcomes, working, measuredAs } = gearRow(sort);
  expect([made === null, working === undefined]).toEqual([measuredAs === null, measuredAs === null]);
  if (made === null) expect(outcomes).toEqual({});
  else for (const outcome of Object.values(outcomes)) expect(TEST_TABLE[made].outcomes).toHaveProperty([outcome]);
});
test.each(MOTOR_TYPES)("some start gear, or none, is usual on a motor of type %s", (type) =>
  expect(usualGear(type).length).toBeGreaterThan(0),
);
