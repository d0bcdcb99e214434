import { LESSONS, MOCK_LEVELS, mockCase, readCaseCode, TIP_TESTS, tipPlaces, worldAfter, type MockAct } from "@/core/mock";
import { MISHAPS } from "@/core/mock/world";
import { FAULT_KINDS, observe, WIDE_KINDS } from "@/core/simulation";
import { STATIONS, type StationData, type StationId } from "@/core/stations";
import { studyNow } from "@/core/study/answer";
import { TESTS } from "@/core/trade";
import {
  blankStationRow,
  recordTypeOf,
  stationRecordId,
  UNSET_HOUSE,
  type StationRecord,
  type Traveller,
  type TravellerId,
} from "@/records";
import type { MockState } from "@/store/mock-cases";
import { toSentence } from "../messages/failure-sentences";
import { debriefOf } from "./debrief";
import { FLAW_WORDS, truthWords } from "./flaw-words";
import { shownText } from "@/core/hold";
import { addressOfCase, caseOfAddress } from "./passed-case";
import { actWords, HAND_ACTS, LESSON_WORDS, LEVEL_WORDS, MISHAP_WORDS, placeWords, seenWords } from "./mock-words";

const AT = "2026-12-02T10:00:00.000Z";
const SENTENCE = /^[A-Z].*[.]$/;
const blank = <Id extends StationId>(id: Id) => STATIONS[id].blank as StationData<Id>;

test("whatever can be hidden has its words", () => {
  for (const { id } of [...FAULT_KINDS, ...WIDE_KINDS]) expect(FLAW_WORDS[id]).toMatch(SENTENCE);
  expect(truthWords([])).toEqual(["Nothing was wrong with it."]);
});

test("the code that is given as an example is one", () => {
  const sentence = toSentence({ code: "mock-code", text: "x" });
  expect(readCaseCode(/for example (\S+)\.$/.exec(sentence)?.[1] ?? "").ok).toBe(true);
});

test("every mishap, lesson, level and act is told", () => {
  for (const mishap of MISHAPS)
    expect([MISHAP_WORDS[mishap].told, MISHAP_WORDS[mishap].kept].every((each) => SENTENCE.test(each))).toBe(true);
  for (const { id } of LESSONS) expect(LESSON_WORDS[id]?.point).toMatch(SENTENCE);
  for (const level of MOCK_LEVELS) expect(LEVEL_WORDS[level]).not.toBe("");
  const acts: MockAct[] = [
    { kind: "off" },
    { kind: "on" },
    { kind: "apart" },
    { kind: "closed" },
    { kind: "work", work: "replace-run-capacitor", label: "" },
    { kind: "work", work: "dry-out", label: "" },
    ...TESTS.map((test): MockAct => ({ kind: "test", test })),
    ...Object.values(HAND_ACTS).flatMap((rows) => rows.map(({ act }) => act)),
  ];
  for (const act of acts) expect(actWords(act)).toMatch(/^[A-Z]/);
});

test("hand, eye, ear and nose answer in sentences, and each place has a name, over many motors", () => {
  for (let seed = 0; seed < 150; seed += 1) {
    const hidden = mockCase({ seed, level: "hard", wish: null });
    for (const test of TESTS) for (const sentence of seenWords(observe(hidden, test, AT, blank))) expect(sentence).toMatch(/^[A-Z].*\.$/);
    const world = worldAfter(hidden, []);
    for (const [station, tests] of Object.entries(TIP_TESTS))
      for (const test of tests)
        for (const place of tipPlaces(world, station as StationId, test, AT)) {
          expect(placeWords(place)).toMatch(/^(?:[A-Z]|\d+ to \d+)/);
          expect(placeWords(place)).not.toMatch(/\./);
          expect(shownText(place.entry)).toMatch(/^(?:OL|[>-]?[\d.]+ \S+)$/);
        }
  }
});

test("a case gone through: what each step told, in bits, what was unsafe, and how it is marked", () => {
  const spec = { seed: 101, level: "plain", wish: "run-open" } as const;
  const id = "case" as TravellerId;
  const traveller = { ...recordTypeOf("traveller").blank(id), createdAt: AT } as unknown as Traveller;
  const hidden = mockCase(spec);
  const row = <Id extends StationId>(station: Id, data: object): StationRecord =>
    ({
      ...blankStationRow(id, station, { ...STATIONS[station].blank, ...data }),
      id: stationRecordId(id, station),
      updatedAt: AT,
    }) as StationRecord;
  const capacitor = row("capacitor", observe(hidden, "capacitor-meter", AT, blank).data);
  const complaint = row("complaint", { complaints: [...hidden.complaints] });
  const decide = row("decide", { action: "replace-run-capacitor", reason: "open", decidedAt: AT });
  const state: MockState = {
    spec,
    story: "",
    acts: [
      { act: { kind: "test", test: "look" }, at: AT },
      { act: { kind: "off" }, at: AT },
      { act: { kind: "tips", test: "capacitor-meter" }, at: AT },
    ],
    snapshots: [{ acts: 0, rows: [complaint] }],
    openedAt: null,
  };
  const debrief = debriefOf({ traveller, rows: [complaint, capacitor, decide], state, house: UNSET_HOUSE }, studyNow);
  expect(debrief.truth).toEqual(["The run capacitor was open."]);
  expect(debrief.family).toBe("run-capacitor");
  expect(debrief.steps.map(({ mishap }) => mishap)).toEqual(["live-hands", null, null]);
  expect(debrief.steps[2]?.bits).toBeGreaterThan(1);
  expect(debrief.steps[0]?.bits).toBeCloseTo(0);
  expect(debrief.steps[2]?.lineUp[0]).toMatchObject({ suspect: "run-capacitor" });
  expect(debrief.marks).toMatchObject({ isRight: true, isSafe: false, isProven: false });
  expect(debrief.others.map(({ technician }) => technician)).toEqual(["follows", "down-the-strip", "capacitor-first"]);
  expect(debrief.others[0]).toMatchObject({ isRight: true, decided: ["replace-run-capacitor"] });
  const { decidedMinutes, minutes } = debrief.others[0] ?? { decidedMinutes: null, minutes: 0 };
  expect(decidedMinutes).toBeLessThan(minutes);
  expect(debrief.steps.every(({ advice, what }) => advice !== "" && what !== "")).toBe(true);
});

test("a square passes a case on with its story, and what is no case is told", () => {
  const passed = { spec: { seed: 77, level: "usual", wish: "grounded" }, story: 'It buzzed & tripped, "twice".' } as const;
  const address = addressOfCase(passed, "https://vemmick.example") ?? "";
  expect(caseOfAddress(new URL(address).searchParams)).toEqual({ ok: true, value: passed });
  expect(caseOfAddress(new URLSearchParams(""))).toBeNull();
  expect(caseOfAddress(new URLSearchParams("case=0000-0000"))).toMatchObject({ ok: false, failure: { code: "mock-code" } });
  expect(addressOfCase({ ...passed, story: "x".repeat(500) }, "https://vemmick.example")).toBeNull();
});
