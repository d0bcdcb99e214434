import { STATION_LABELS } from "./stations/labels";
import { TESTS } from "@/core/trade";
import { assessTraveller, type StationEntries } from "@/core/traveller";
import { demoCard, demoCards } from "../../tests/support/demo-cards";
import { HOUSE_RULE_IDS, houseRule, toHouseFigures } from "@/core/house";
import { OUTCOME_NAMES } from "@/core/diagnosis";
import type { FailureCode } from "@/core/result";
import { STATION_IDS, stationOf } from "@/core/stations";
import { readRows } from "./house-rules/meter-rows";
import { evidenceWords, reasonFor } from "./line-up/evidence";
import { nextMoveWords } from "./line-up/next-move-words";
import { toSentence } from "./messages/failure-sentences";
import { toFileSentence } from "./messages/file-sentences";
import { toKeptSentence } from "./messages/kept-sentences";
import { toPhotoSentence } from "./messages/photo-sentences";
import { toSoundSentence } from "./messages/sound-sentences";
import { toMeterSentence } from "./messages/meter-sentences";
import { toMachineSentence } from "./messages/machine-sentences";
import { cardFacts } from "./cards/card-facts";
import { dayAndTime } from "./vocabulary/clock";
import { cautionWords } from "./stations/caution-words";
import { saidAt } from "./stations/registry";
import { stampWord } from "./stations/stamp-word";
import { stretchesOf } from "@/core/traveller";
import { OUTCOME_WORDS, SUSPECT_WORDS } from "./vocabulary/words";

const HOUSE = toHouseFigures({});
const NOW = new Date("2026-11-23T18:00:00.000Z");
const cards = demoCards(NOW);
const cardOf = (id: string) => demoCard(cards, id);

describe("every word is there", () => {
  test.each(STATION_IDS)("%s has a view with a title and a letter of its own", (id) => {
    const view = STATION_LABELS[id];
    expect(view.title).not.toBe("");
    expect(STATION_IDS.filter((other) => STATION_LABELS[other].letter === view.letter)).toEqual([id]);
    expect("rghnjk/?").not.toContain(view.letter);
  });
  test.each(STATION_IDS)("every caution of %s has its sentence", (id) => {
    const { cautions, methods = [] } = stationOf(id).definition;
    for (const code of [...cautions, ...methods.flatMap((method) => method.cautions)])
      expect(cautionWords(id, code)).toMatch(/^[A-Z].+\.$/);
  });
  test("every outcome of every test has its words", () => {
    for (const test of TESTS) for (const outcome of OUTCOME_NAMES[test]) expect(OUTCOME_WORDS).toHaveProperty([`${test}/${outcome}`]);
  });
  test("every house rule has a default within its bounds, and a source", () => {
    for (const id of HOUSE_RULE_IDS) {
      const rule = houseRule(id);
      expect(rule.source.length).toBeGreaterThan(3);
      if (rule.kind === "number") expect(rule.fallback >= rule.min && rule.fallback <= rule.max).toBe(true);
      if (rule.kind === "choice") expect(rule.options.map((option) => option.id)).toContain(rule.fallback);
    }
  });
});

const FAILURES: { readonly [Code in FailureCode]: Parameters<typeof toSentence>[0] & { code: Code } } = {
  "reading-empty": { code: "reading-empty", quantity: "resistance" },
  "reading-not-a-number": { code: "reading-not-a-number", text: "abc", quantity: "current" },
  "reading-no-figure": { code: "reading-no-figure", text: "OL", quantity: "money" },
  "reading-two-points": { code: "reading-two-points", text: "1.2.3" },
  "reading-gap": { code: "reading-gap", text: "12 5", quantity: "capacitance" },
  "reading-two-ways": { code: "reading-two-ways", text: "1,200", quantity: "resistance", values: [1.2, 1200] },
  "reading-less-than": { code: "reading-less-than", text: "<1", quantity: "resistance" },
  "reading-plus": { code: "reading-plus", text: "+550", quantity: "insulation" },
  "reading-unit-needed": { code: "reading-unit-needed", text: "1/3", quantity: "power" },
  "reading-fahrenheit": { code: "reading-fahrenheit", text: "70 °F", celsius: 21.1 },
  "reading-not-whole": { code: "reading-not-whole", text: "2.5", quantity: "count" },
  "reading-out-of-range": { code: "reading-out-of-range", text: "1e9", quantity: "money", value: 1e9, min: 0, max: 100000 },
  "reading-negative": { code: "reading-negative", text: "-3", quantity: "resistance" },
  "reading-wrong-unit": { code: "reading-wrong-unit", text: "12 V", unit: "V", quantity: "resistance" },
  "reading-unit-ambiguous": { code: "reading-unit-ambiguous", text: "5m", unit: "m", quantity: "resistance" },
  "label-empty": { code: "label-empty" },
  "label-no-capacitance": { code: "label-no-capacitance", text: "abc" },
  "label-not-a-capacitor": { code: "label-not-a-capacitor", text: "Motor 0.75 kW", what: "motor" },
  "label-two-ways": { code: "label-two-ways", text: "1/2 µF", readings: ["0.5 µF", "1+2 µF"] },
  "label-no-volts": { code: "label-no-volts", text: "35 µF" },
  "price-of-both": { code: "price-of-both", text: "38 for the pair, 20 each" },
  "label-two-parts": { code: "label-two-parts", text: "20+130" },
  "label-range-reversed": { code: "label-range-reversed", lowUf: 227, highUf: 189 },
  "running-volts-too-low": { code: "running-volts-too-low", volts: 0 },
  "running-no-current": { code: "running-no-current" },
  "bearing-empty": { code: "bearing-empty" },
  "bearing-unknown": { code: "bearing-unknown", text: "NU206", meant: [] },
  "bearing-two": { code: "bearing-two", text: "6203 6202", numbers: ["6203", "6202"] },
  "bearing-size-misfit": { code: "bearing-size-misfit", text: "6203 15x35x11", number: "6203", boreMm: 17, outsideMm: 40, widthMm: 12 },
  "seat-far-off": { code: "seat-far-off", valueMm: 1.7, nominalMm: 17, number: "6203" },
  "search-failed": { code: "search-failed", detail: "worker gone" },
  "study-failed": { code: "study-failed", detail: "worker gone" },
  "model-does-not-converge": { code: "model-does-not-converge" },
  "motor-without-model": { code: "motor-without-model", motorType: "shaded-pole" },
  "motor-hardly-known": { code: "motor-hardly-known" },
  "motor-amps-too-low": { code: "motor-amps-too-low", fullLoadA: 0.4, leastA: 1.2, powerW: 250 },
  "motor-ohms-too-high": { code: "motor-ohms-too-high", mainOhm: 210, mostOhm: 38 },
  "photo-unreadable": { code: "photo-unreadable" },
  "photo-not-a-picture": { code: "photo-not-a-picture", sort: "heic" },
  "photo-nothing-on-it": { code: "photo-nothing-on-it" },
  "photo-work-failed": { code: "photo-work-failed", detail: "no memory" },
  "photo-reader-missing": { code: "photo-reader-missing" },
  "photo-reader-failed": { code: "photo-reader-failed", detail: "no WebAssembly" },
  "plate-locked-amps": { code: "plate-locked-amps", text: "LRA 32" },
  "plate-service-amps": { code: "plate-service-amps", text: "SFA 8.1" },
  "plate-not-ours": { code: "plate-not-ours", text: "230/400 V 3~", sort: "three-phase" },
  "plate-speed-point": { code: "plate-speed-point", text: "1.725", withoutPoint: "1725" },
  "plate-fraction": { code: "plate-fraction", text: "11/2 HP", readings: ["1 1/2 HP", "5.5 HP"] },
  "rpm-above-synchronous": { code: "rpm-above-synchronous", rpm: 3500, maxRpm: 3000, frequencyHz: 50 },
  "file-too-large": { code: "file-too-large", bytes: 1e9, maxBytes: 67108864 },
  "file-not-json": { code: "file-not-json" },
  "file-foreign": { code: "file-foreign" },
  "file-newer": { code: "file-newer", recordType: "traveller", found: 2, known: 1 },
  "file-no-versions": { code: "file-no-versions" },
  "file-no-team": { code: "file-no-team" },
  "file-own": { code: "file-own" },
  "folder-failed": { code: "folder-failed", detail: "NotAllowedError" },
  "profile-no-value": { code: "profile-no-value" },
  "profile-no-function": { code: "profile-no-function" },
  "profile-unknown-group": { code: "profile-unknown-group", group: "volume" },
  "profile-group-twice": { code: "profile-group-twice", group: "value" },
  "profile-groups-touch": { code: "profile-groups-touch" },
  "meter-way-missing": { code: "meter-way-missing", way: "serial" },
  "meter-not-chosen": { code: "meter-not-chosen" },
  "meter-refused": { code: "meter-refused" },
  "meter-taken": { code: "meter-taken" },
  "meter-bridge-silent": { code: "meter-bridge-silent", address: "ws://localhost:8765/" },
  "meter-failed": { code: "meter-failed", detail: "no service" },
  "import-cancelled": { code: "import-cancelled" },
  "export-cancelled": { code: "export-cancelled" },
  "mock-code": { code: "mock-code", text: "ABC" },
  "sound-not-wav": { code: "sound-not-wav" },
  "sound-too-coarse": { code: "sound-too-coarse", sampleRateHz: 4000 },
  "sound-too-short": { code: "sound-too-short", seconds: 0.4 },
  "sound-too-long": { code: "sound-too-long", seconds: 3600 },
  "storage-blocked": { code: "storage-blocked" },
  "storage-full": { code: "storage-full" },
  "storage-newer": { code: "storage-newer" },
  "storage-failed": { code: "storage-failed", detail: "" },
  "card-gone": { code: "card-gone" },
  "change-misfit": {
    code: "change-misfit",
    fault: { recordType: "station", name: null, station: "plate", field: "volts", reason: "too-long", most: 200 },
  },
};

const isOfMeter = ({ code }: { readonly code: FailureCode }): boolean => /^(profile|meter)-/.test(code);
const isOfPhoto = ({ code }: { readonly code: FailureCode }): boolean => /^photo-(?!unreadable)/.test(code);
const isOfSound = ({ code }: { readonly code: FailureCode }): boolean => code.startsWith("sound-");

test.each(Object.values(FAILURES))("$code says what to do, in plain sentences", (failure) => {
  const sentence = isOfMeter(failure)
    ? toMeterSentence(failure)
    : isOfPhoto(failure)
      ? toPhotoSentence(failure)
      : isOfSound(failure)
        ? toSoundSentence(failure)
        : toFileSentence(failure);
  expect(sentence).toMatch(/^[“A-Z0-9]/);
  expect(sentence).not.toMatch(/undefined|NaN|!/);
  expect(sentence).toMatch(
    /Type|type|[Cc]hoose|Export|Update|Reload|open it|Swap|Try again|try again|Change|not kept|Write|Leave one|Plug|Unplug|Allow|Close that|Start the|Open the program/,
  );
});

test("what is keyed or kept fails in the same words without the sentences of files", () => {
  const ofFiles = Object.values(FAILURES).filter(
    (failure) =>
      !isOfMeter(failure) &&
      !isOfPhoto(failure) &&
      !isOfSound(failure) &&
      ![toMachineSentence, toKeptSentence].some((say) => say(failure) === toFileSentence(failure)),
  );
  expect(ofFiles.map(({ code }) => code).filter((code) => !/^(file|folder|import|export)-/.test(code))).toEqual([]);
  for (const failure of ofFiles) expect(toMachineSentence(failure)).toMatch(/Try again, or choose another file/);
});

test("what is keyed in any field but those of plates and bearings fails in the same words without theirs", () => {
  const ofMachines = Object.values(FAILURES).filter((failure) => toSentence(failure) !== toMachineSentence(failure));
  expect(ofMachines.every(({ code }) => /^(plate|bearing|motor|rpm|seat|model|search|study)-/.test(code))).toBe(true);
});

describe("a card in words", () => {
  test.each(cards.map((card) => [card.traveller.machine, card] as const))(
    "%s: no gap, no NaN, no exclamation in anything it says",
    (_machine, card) => {
      const { assessment, entries } = card;
      const said = STATION_IDS.flatMap((id) => [...saidAt(id, entries[id]?.data, assessment, HOUSE), stampWord(id, assessment)]);
      const facts = cardFacts(card, assessment, HOUSE);
      const words = [
        ...said,
        reasonFor(assessment.standing, assessment.actions[0]),
        facts.complaint,
        facts.stands,
        facts.stampWord,
        ...Object.values(nextMoveWords(assessment)).filter((word) => word !== null),
      ];
      for (const sentence of words) {
        expect(sentence).not.toMatch(/undefined|NaN|\[object|!|null/);
        expect(sentence.trim()).not.toBe("");
      }
    },
  );

  test("a station nobody came to says nothing of the motor", () => {
    const empty = assessTraveller({}, HOUSE);
    for (const id of STATION_IDS) expect(saidAt(id, undefined, empty, HOUSE).join(" ")).not.toMatch(/Out|fault|holds\b/);
  });

  test.each([
    ["bakery-proofer", "Supply voltage", "Power back on first"],
    ["ventilator-interrupted", "Winding ohms", "Go to windings"],
    ["nursery-fan-weak", "How it ends", "Go to how it ends"],
  ])("%s: the next move is %s, by %s", (id, title, button) => {
    expect(nextMoveWords(cardOf(id).assessment)).toMatchObject({ title, button });
  });

  test("evidence is told for and against", () => {
    const top = cardOf("laundrette-exhaust").assessment.standing.suspects[0];
    if (!top) throw new Error("empty line-up");
    expect(SUSPECT_WORDS[top.suspect]).toBe("Run capacitor");
    expect(evidenceWords(top).forIt).toContain("capacitor out of limits or wrong part");
  });
});

test("the printed words follow the house rules", () => {
  const { entries } = cardOf("bakery-proofer");
  const said = (recheckDays: number) => {
    const house = toHouseFigures({ recheckDays });
    return saidAt("capacitor", entries.capacitor?.data, assessTraveller(entries, house), house).join(" ");
  };
  expect(said(30)).toContain("look again by 23 Dec 2026");
  expect(said(365)).toContain("look again by 23 Nov 2027");
});

describe("the tape", () => {
  test("changes state only at a station of its own, and shows the present: dead while it is, passed once power is back", () => {
    const tape = (entries: StationEntries) => {
      const stretches = stretchesOf(assessTraveller(entries, HOUSE));
      return [...new Set(STATION_IDS.map((id) => stretches[id]))];
    };
    const { entries } = cardOf("nursery-fan-weak");
    expect(tape(entries)).toEqual(["live", "to-dead", "dead-passed", "to-live-done"]);
    const before = Object.fromEntries(Object.entries(entries).filter(([id]) => id !== "power-back"));
    expect(tape(before)).toEqual(["live", "to-dead-done", "dead", "to-live"]);
  });
  test("its dead stretch is shut until it was made safe", () => {
    const stretches = stretchesOf(assessTraveller({}, HOUSE));
    expect(STATION_IDS.filter((id) => stretches[id] === "dead-closed")).toEqual(
      STATION_IDS.filter((id) =>
        ["look", "hand-turn", "capacitor", "windings", "frame", "insulation", "start-gear", "bearing", "take-apart"].includes(
          stationOf(id).definition.id,
        ),
      ),
    );
  });
});

describe("rows of a meter's data sheet", () => {
  test("are read with prefixes, in rising order", () => {
    expect(readRows("4M: 0.8% + 2 x 0.001M; 400: 0.5% + 3 × 0.1")).toEqual({
      ranges: [
        { upTo: 400, percent: 0.5, digits: 3, resolution: 0.1 },
        { upTo: 4e6, percent: 0.8, digits: 2, resolution: 1000 },
      ],
    });
  });
  test.each(["about 1%", "10: 1% + 3", "0: 1% + 3 x 0.1", "10: 99% + 3 x 0.1"])("%s is refused with an example", (text) => {
    expect(readRows(text)).toMatchObject({ problem: expect.stringMatching(/Type/) as string });
  });
});

test.each([
  ["2026-11-23T09:00:00.000Z", /^today \d\d:\d\d$/],
  ["2026-11-22T09:00:00.000Z", /^yesterday/],
  ["2026-11-19T09:00:00.000Z", /^Thursday/],
  ["2026-10-01T09:00:00.000Z", /^1 Oct 2026$/],
])("%s is said as a person would", (moment, words) => {
  expect(dayAndTime(moment, NOW)).toMatch(words);
});

test("a verdict on a capacitor, insulation, start gear, supply or run shows the sum behind it", () => {
  const summed = ["capacitor", "insulation", "start-gear", "supply", "run-test", "prove"] as const;
  const judged = cards.flatMap(({ traveller, assessment }) =>
    summed
      .map((id) => ({ card: `${traveller.id} ${id}`, ...assessment.stations[id] }))
      .filter(({ stamp }) => /^(holds|out|too-close)$/.test(stamp)),
  );
  expect(judged.length).toBeGreaterThan(20);
  expect(judged.filter(({ working }) => working.length === 0).map(({ card }) => card)).toEqual([]);
});
