import { toHouseFigures } from "@/core/house";
import { NO_STUDY } from "@/core/study";
import { STATION_IDS } from "@/core/stations";
import { assessCard } from "@/store/kept-card";
import { demoCards } from "../../../tests/support/demo-cards";
import { cardFacts } from "../cards/card-facts";
import { saidAt, statementsAt } from "../stations/registry";
import { noted, said } from "./said";

const HOUSE = toHouseFigures({});
const CARDS = demoCards(new Date("2026-11-30T18:00:00.000Z"));

test("an empty text says nothing, and each statement has its kind", () => {
  expect(said("read", "8.9 Ω.", null, "", ["OL."], false)).toEqual([
    { kind: "read", text: "8.9 Ω." },
    { kind: "read", text: "OL." },
  ]);
  expect(noted({ note: "  " })).toEqual([]);
  expect(noted({ note: " wet cellar " })).toEqual([{ kind: "note", text: "wet cellar" }]);
});

test.each(CARDS.map((card) => [card.traveller.id, card] as const))(
  "%s: a note is told as a note, and what is worked out as that",
  (_, card) => {
    const assessment = assessCard(card, HOUSE, NO_STUDY);
    for (const id of STATION_IDS) {
      const record = card.entries[id]?.data;
      const statements = statementsAt(id, record, assessment, HOUSE);
      expect(saidAt(id, record, assessment, HOUSE)).toEqual(statements.map(({ text }) => text));
      const note = record && "note" in record ? record.note.trim() : "";
      for (const { kind, text } of statements) {
        expect(text).not.toBe("");
        if (kind === "note" && id !== "complaint") expect(text).toBe(note);
      }
      const isWorking = statements.some(({ kind }) => kind === "working");
      expect(isWorking && !assessment.stations.windings.detail.isWorking).toBe(false);
    }
  },
);

test("the Rack tells what the loudest station found, and never a figure or a note in its place", () => {
  for (const card of CARDS) {
    const assessment = assessCard(card, HOUSE, NO_STUDY);
    const { stands } = cardFacts(card, assessment, HOUSE);
    const wrong = STATION_IDS.flatMap((id) =>
      statementsAt(id, card.entries[id]?.data, assessment, HOUSE).filter(({ kind }) => kind === "read" || kind === "note"),
    );
    for (const { text } of wrong) if (text.length > 12) expect(stands.startsWith(text)).toBe(false);
  }
});
