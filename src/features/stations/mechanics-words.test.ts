import { DUE_KINDS } from "@/core/due";
import { NO_FACTS } from "@/core/facts";
import { NOISES } from "@/core/motor";
import { demoCard, demoCards } from "../../../tests/support/demo-cards";
import { NOTHING_FELT, BEARING_SIZES, CLOSURES, JOB_LOSSES, JOB_TOOLS, orderNumber, SEAT_REPAIRS, SUFFIX_CODES } from "@/core/bearing";
import { toHouseFigures } from "@/core/house";
import { STATIONS } from "@/core/stations";
import type { BearingDetail, NameState } from "@/core/stations/bearing";
import { MOTOR_PARTS, TRAP_IDS, type TakeApartDetail } from "@/core/stations/take-apart";
import { DUE_WORDS } from "../due/due";
import { handPair } from "../vocabulary/hand-words";
import { NOISE_CAUSES } from "../vocabulary/run-words";
import { LOSS_WORDS, SUFFIX_WORDS, suffixSentence, TOOL_WORDS } from "./bearing/panel-words";
import { CLOSURE_WORDS, nameSentences, REPAIR_WORDS } from "./bearing/words";
import { sentences as proofSentences } from "./prove/words";
import { listedAt, saidAt } from "./registry";
import { lackWords, PART_WORDS, TRAP_WORDS } from "./take-apart/words";

const HOUSE = toHouseFigures({});
const NOW = new Date("2026-11-25T18:00:00.000Z");
const demo = demoCards(NOW);

const cardOf = (id: string) => {
  const { assessment, ...card } = demoCard(demo, id);
  return { card, assessment };
};

test("everything the bench of mechanics can say is said, plainly", () => {
  const words = [
    ...SUFFIX_CODES.map((id) => SUFFIX_WORDS[id]),
    ...CLOSURES.map((id) => CLOSURE_WORDS[id]),
    ...SEAT_REPAIRS.flatMap((id) => [REPAIR_WORDS[id].name, REPAIR_WORDS[id].honest]),
    ...JOB_TOOLS.map((id) => TOOL_WORDS[id]),
    ...JOB_LOSSES.map((id) => LOSS_WORDS[id]),
    ...MOTOR_PARTS.map((id) => PART_WORDS[id]),
    ...TRAP_IDS.map((id) => TRAP_WORDS[id]),
    ...NOISES.map((id) => NOISE_CAUSES[id]),
    ...DUE_KINDS.map((id) => DUE_WORDS[id]),
  ];
  for (const word of words) expect(word).toMatch(/^[^!]{3,}$/);
});

describe("a bearing in words", () => {
  const { blank } = STATIONS.bearing;
  const endOf = (end: Partial<(typeof blank)["ends"]["drive-end"]>, around: (typeof blank)["around"] = []) => {
    const record = { ...blank, around, ends: { ...blank.ends, "drive-end": { ...blank.ends["drive-end"], ...end } } };
    const assessment = STATIONS.bearing.assess(record, { facts: NO_FACTS, house: HOUSE, earlier: [], findings: [], study: () => null });
    return (assessment.detail as BearingDetail).ends["drive-end"];
  };
  test.each([
    ["named", { stamped: "6203-2RSH/C3" }, /^6203-2RS\/C3, 17 × 40 × 12 mm, two seals, clearance C3 \(11 to 25 µm new\)/],
    ["named", { stamped: "6803 ZZ" }, /^6803-2Z \(61803\), 17 × 26 × 5 mm/],
    ["several", { stamped: "62?3" }, /^It can be 2 sizes: 6203 .*; 6213/],
    ["slip", { bore: "1.7", outside: "4", width: "1.2" }, /centimetres typed for millimetres it is 6203/],
    ["slip", { bore: "17", outside: "400", width: "12" }, /a decimal point in the wrong place \(outside\) it is 6203/],
    ["conflict", { stamped: "6203", bore: "20", outside: "47", width: "14" }, /do not belong together/],
    ["misfit", { bore: "18.5", outside: "43.2", width: "13" }, /No size of the table/],
    ["unread", { stamped: "NU206" }, /No deep-groove size/],
    ["nothing", {}, /Key what is stamped/],
    ["named", { kind: "sleeve" as const }, /^Sleeve bearing/],
  ] as const satisfies readonly (readonly [NameState, object, RegExp])[])("%s: %j", (state, end, said) => {
    const found = endOf(end);
    expect(found.state).toBe(state);
    expect(nameSentences(found)[0]).toMatch(said);
  });
  test("every size of the table can be said and asked for", () => {
    for (const { number } of BEARING_SIZES) {
      const found = endOf({ stamped: number }, ["dusty"]);
      expect(nameSentences(found).join(" ")).not.toMatch(/undefined|NaN/);
      expect(found.size && orderNumber(found.size, found.advice)).toBe(`${number}-2RS/C3`);
    }
  });
  test("a suffix nobody knows here is kept and said to be unknown", () => {
    expect(suffixSentence({ text: "XQ7", meanings: [] })).toMatch(/^XQ7: not known here/);
    expect(suffixSentence({ text: "2R?", meanings: [["2RS"], ["2RZ"]] })).toMatch(/one of: .*; or /);
  });
});

describe("before and after in the same words", () => {
  test("as a pair, only where both were felt", () => {
    const before = { ...NOTHING_FELT, turn: "rough" as const, radialPlay: true, radialMm: "0.11" };
    const after = { ...NOTHING_FELT, turn: "free" as const, radialPlay: false };
    expect(handPair(before, after)).toEqual([
      "By hand: before rough, like sand, radial play 0.11 mm; after free and silent, no radial play.",
    ]);
    expect(handPair(before, null)).toEqual([]);
  });
  test("the finished bearing job tells its whole story", () => {
    const { card, assessment } = cardOf("nursery-fan-bearing");
    const said = (["bearing", "take-apart", "prove"] as const)
      .flatMap((id) => [...saidAt(id, card.entries[id]?.data, assessment, HOUSE), ...listedAt(id, card.entries[id]?.data)])
      .join(" ");
    expect(said).toMatch(/62\?3 2RS|6203-2RS/);
    expect(said).toMatch(/Came off, in order: 1\. Wheel/);
    expect(said).toMatch(/By hand: before rough/);
    expect(said).toMatch(/Coast-down time/);
    expect(said).not.toMatch(/undefined|NaN/);
  });
  test("noises and the hottest place stand as pairs at the proof", () => {
    const facts = { ...NO_FACTS, noisesFound: ["squeal", "rumble"], hotPlaceFound: "drive-end" } as const;
    const record = { ...STATIONS.prove.blank, afterNoises: ["quiet" as const], afterHotPlace: "middle" as const };
    const { detail } = STATIONS.prove.assess(record, { facts, house: HOUSE, earlier: [], findings: [], study: () => null });
    expect(proofSentences(detail)).toEqual([
      "Heard: before squeal, rumble; after quiet.",
      "Hottest: before drive end; after middle, over the winding.",
    ]);
  });
  test("an open ledger names what is left", () => {
    const { assessment } = cardOf("laundrette-folding");
    const { lacks } = assessment.stations["take-apart"].detail as TakeApartDetail;
    const words = lacks.map(lackWords);
    expect(words).toContain("Key, shaft is left over");
    expect(words).toContain("wire blue is not back at Common");
    expect(words.at(-1)).toBe("turn it by hand and say how it turns");
  });
});
