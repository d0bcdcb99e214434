import { toHouseFigures } from "@/core/house";
import { ENDS } from "@/core/job";
import { NO_STUDY } from "@/core/study";
import { ACTIONS } from "@/core/trade";
import { assessCard } from "@/store/kept-card";
import { assessParts, readAt, type Parts } from "../../../tests/support/partial-card";
import { demoCard, demoCards } from "../../../tests/support/demo-cards";
import { endReached } from "@/core/traveller";
import { customerOptions } from "./customer-words";
import { plainFound } from "./plain-found";
import { costFoot, costLines, costWords, causeSentences, doneOn, doneSentences, nowSentences, watchSentences } from "./report-words";

const HOUSE = toHouseFigures({});
const CARDS = demoCards(new Date("2026-11-30T18:00:00.000Z"));
const pageOf = (card: (typeof CARDS)[number]) => {
  const { assessment, traveller } = card;
  const end = endReached(assessment.stations, card.traveller.finishedAt);
  const isReport = traveller.finishedAt !== null || end !== null;
  const works = doneOn(assessment, end);
  const lines = costLines(card, assessment, works, HOUSE);
  return {
    isReport,
    end,
    found: [...plainFound(assessment, isReport), ...causeSentences(assessment)],
    did: doneSentences(works),
    now: nowSentences(card, assessment, end, works),
    cost: lines.map((line) => costWords(line, card)),
    total: lines.reduce((sum, { amount }) => sum + amount, 0),
    can: customerOptions(assessment.actions, HOUSE).flatMap(({ lines: said }) => said),
  };
};
/** Words of the trade that who owns a machine need not know. */
const TRADE = /\b(?:run capacitor|start capacitor|winding ohms|megohm|ground fault|line-up|suspect|µF\?|NaN|undefined|null)\b/i;

test.each(CARDS.map((card) => [card.traveller.machine, card] as const))("%s: plain sentences, whole and without holes", (_name, card) => {
  const { found, did, now, cost, can } = pageOf(card);
  for (const sentence of [...found, ...did, ...now]) {
    expect(sentence).toMatch(/^[A-Z].*[.]$/);
    expect(sentence).not.toMatch(TRADE);
  }
  for (const line of [...cost, ...can]) expect(line).not.toMatch(TRADE);
  expect(found.length).toBeGreaterThan(0);
  expect(now.length).toBeGreaterThan(0);
});

test("a report of a repaired fan: found with its figure, done, before and after, what was paid", () => {
  const page = pageOf(demoCard(CARDS, "nursery-fan-weak"));
  expect(page).toMatchObject({ isReport: true, end: "repaired" });
  expect(page.found[0]).toMatch(/^The part that helps the motor run reads 8\.91\sµF; it should read/);
  expect(page.did).toEqual(["The part that helps the motor run was replaced."]);
  expect(page.now).toContain("It is quiet now.");
  expect(page.now.join(" ")).toMatch(/It drew 2\.04\sA before, and draws 1\.84\sA now\./);
  // What was keyed for the part, not what such a part usually costs.
  expect(page.total).toBeCloseTo(9.6 + (HOUSE.capacitorMinutes * HOUSE.hourlyRate) / 60, 9);
});

test("a condemned motor: nothing was done, nothing is charged for a new one", () => {
  const page = pageOf(demoCard(CARDS, "cinema-extract"));
  expect(page).toMatchObject({ isReport: true, end: "condemned", did: [], cost: [] });
  expect(page.now.join(" ")).toContain("must not be connected again");
});

test("a part that is not the one asked for is told so, and not as out of its own limits", () => {
  expect(pageOf(demoCard(CARDS, "laundrette-exhaust")).found[0]).toMatch(/is not the one this motor asks for: 20\sµF/);
});

test("a motor that is none of ours: said first, and nothing is proposed", () => {
  const card = demoCard(CARDS, "laundrette-exhaust");
  const { plate } = card.entries;
  if (!plate) throw new Error("the card has no plate");
  const entries = { ...card.entries, plate: { ...plate, data: { ...plate.data, sort: "electronic" as const } } };
  const page = pageOf({ ...card, entries, assessment: assessCard({ ...card, entries }, HOUSE, NO_STUDY) });
  expect(page.found[0]).toMatch(/^It is another kind of motor than those our tests are made for/);
  expect(page.can).toEqual([]);
});

test("travel is in the call-out, or said to be left out", () => {
  expect(costFoot(HOUSE)).toContain("without travel");
  expect(costFoot({ ...HOUSE, callOutPrice: 45 })).toContain("travel is in the call-out");
  expect(watchSentences("2027-01-15")[0]).toContain("15 Jan");
});

test("every work has its words in the past, and every end its own", () => {
  expect(doneSentences(ACTIONS).every((sentence) => sentence.endsWith("."))).toBe(true);
  const card = demoCard(CARDS, "nursery-fan-weak");
  const first = ENDS.map((end) => nowSentences(card, card.assessment, end, [])[0]);
  expect(new Set(first).size).toBe(ENDS.length);
});

test("what was heard is found; what ran before does not work again; an ohmmeter clears no insulation", () => {
  const page = (parts: Parts) => {
    const assessment = assessParts(parts);
    return { found: plainFound(assessment, true), now: nowSentences(demoCard(CARDS, "nursery-fan-weak"), assessment, "repaired", []) };
  };
  const plate = { motorType: "psc", machineKind: "fan", volts: "230", hertz: "50", amps: "1.9" } as const;
  const AT = "2026-01-01T09:00:00.000Z";
  const run: Parts["run-test"] = { behaviour: "starts", lineAmps: readAt("1.3", "current", AT), noises: ["squeal"] };
  const squeals = page({ plate, complaint: { complaints: ["squeals"] }, "run-test": run }).found;
  expect(squeals).toContain("It squeals.");
  expect(squeals.join(" ")).not.toContain("Nothing was found");
  const clear = page({ plate, frame: { readings: ["OL", "OL", "OL"].map((text) => readAt(text, "resistance", AT)) } }).found.join(" ");
  expect(clear).toContain("the windings against its metal (by ohms)");
  expect(clear).not.toContain("insulation");
  expect(page({ plate, complaint: { complaints: ["squeals"] } }).now[0]).toMatch(/^It works again: /);
  expect(page({ plate, complaint: { purpose: "yearly-check" } }).now[0]).toMatch(/^It runs as it should: /);
});
