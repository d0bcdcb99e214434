import { toHouseFigures } from "@/core/house";
import { STATION_IDS, STATIONS } from "@/core/stations";
import { assessTraveller, isReadyToFinish, type StationEntries } from "@/core/traveller";
import { demoCards } from "../../tests/support/demo-cards";
import { cardFacts } from "./cards/card-facts";
import { nextMoveWords } from "./line-up/next-move-words";
import { STATION_LABELS } from "./stations/labels";
import { stampWord } from "./stations/stamp-word";
import { placesOf } from "./traveller/answer-card";
import { inSentence } from "./vocabulary/in-sentence";

const HOUSE = toHouseFigures({});
const NOW = new Date("2026-11-23T18:00:00.000Z");

/** The same card before it was made safe, and with the power on again. */
function inEachState(entries: StationEntries): readonly (readonly [string, StationEntries])[] {
  const rest = { ...entries };
  delete rest["make-safe"];
  delete rest["power-back"];
  const on = { ...STATIONS["power-back"].blank, restoredAt: NOW.toISOString() };
  return [
    ["as it is", entries],
    ["live", rest],
    ["live again", { ...entries, "power-back": { data: on, skippedReason: null } as never }],
  ];
}

const cases = demoCards(NOW).flatMap((card) =>
  inEachState(card.entries).map(([state, entries]) => [`${card.traveller.machine}, ${state}`, entries, card] as const),
);

/** Strip, station and Next move speak of one card: where a station is shut, all of them say so, by the same name. */
describe.each(cases)("%s", (_, entries, card) => {
  const assessment = assessTraveller(entries, HOUSE, card.earlier);
  const places = placesOf(assessment, entries);

  test("what stands before the next move is what shuts its station, by the same name", () => {
    const { next } = assessment;
    const words = nextMoveWords(assessment);
    const method = "method" in next ? next.method : null;
    const { ways, beside } = places[next.station];
    const way = ways.find((each) => (each.method?.id ?? null) === method) ?? ways[0];
    expect(beside).toBeNull();
    const isClosed = words.target !== next.station;
    expect(isClosed).toBe(way?.gate !== null);
    expect(words.target).toBe(way?.gate ?? next.station);
    expect(words.button).toContain(
      isClosed ? `${STATION_LABELS[words.target].title} first` : inSentence(STATION_LABELS[next.station].title),
    );
  });

  test("every station is shut exactly where its power is not the circuit's", () => {
    for (const id of STATION_IDS) {
      for (const { power, gate } of places[id].ways) {
        const isOther = (power === "dead" || power === "live") && power !== assessment.facts.power;
        expect([id, gate]).toEqual([id, isOther ? (power === "dead" ? "make-safe" : "power-back") : null]);
      }
      expect(places[id].stampWord).toBe(stampWord(id, assessment));
    }
  });

  test("the list says what comes next as the case does, and stamps it as the strip does", () => {
    const listed = cardFacts({ ...card, entries }, assessment, HOUSE);
    const isSigned = card.traveller.finishedAt !== null;
    if (!isSigned && !isReadyToFinish(assessment))
      expect(listed.stands.toLowerCase()).toContain(`next: ${inSentence(nextMoveWords(assessment).title)}`.toLowerCase());
    const [title, word] = (listed.stampWord ?? "").split(": ");
    const id = STATION_IDS.find((each) => STATION_LABELS[each].title === title);
    if (id !== undefined) expect(places[id].stampWord.toLowerCase()).toBe(word);
  });
});
