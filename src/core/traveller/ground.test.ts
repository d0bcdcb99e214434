import { demoCards } from "../../../tests/support/demo-cards";
import { toHouseFigures } from "../house";
import { STATION_IDS, stationOf } from "../stations";
import { NO_STUDY } from "../study";
import { assessStation, assessTraveller, earlyFacts, factsWith, groundBefore, type Ground } from ".";
import { stamped } from "./ground";

const HOUSE = toHouseFigures({});
/** Lines of trends are functions: what they say is compared. */
const plain = (value: unknown): string => JSON.stringify(value);
const cards = demoCards(new Date("2026-11-25T12:00:00Z")).filter(({ entries }) => Object.keys(entries).length > 2);

test.each(cards.map((card) => [card.traveller.id, card] as const))(
  "every station of %s assessed alone says what it says on the whole card",
  (_, { entries, earlier, traveller }) => {
    const at = traveller.createdAt;
    const whole = assessTraveller(entries, HOUSE, earlier, NO_STUDY, { at });
    const ground: Ground = { early: earlyFacts(entries), stations: whole.handed };
    for (const id of STATION_IDS) {
      const entry = entries[id];
      const { assessment, alone } = assessStation(stationOf(id), entry, {
        ...groundBefore(id, ground),
        house: HOUSE,
        earlier,
        study: NO_STUDY,
        at,
      });
      expect(plain(assessment)).toBe(plain(whole.stations[id]));
      expect(plain(factsWith(id, alone.facts, ground))).toBe(plain(whole.facts));
    }
  },
);

test("a later station's word stands over that of the one in hand", () => {
  const [card] = cards;
  if (!card) throw new Error("no demo card");
  const { stations, handed, facts } = assessTraveller(card.entries, HOUSE);
  const ground: Ground = {
    early: earlyFacts(card.entries),
    stations: {
      ...handed,
      "power-back": { facts: { power: "live" }, findings: [], isWorked: true },
    },
  };
  expect(factsWith("make-safe", { power: "dead" }, ground).power).toBe("live");
  expect(factsWith("plate", { ...stations.plate.facts, supplyV: 12 }, ground)).toMatchObject({ supplyV: 12, motorType: facts.motorType });
});

test("skipped with a reason is a stamp only while nothing was worked", () => {
  const none = { stamp: "not-done", detail: null, facts: {}, findings: [], working: [] } as const;
  expect(stamped(none, "shop closed").stamp).toBe("skipped");
  expect(stamped(none, null).stamp).toBe("not-done");
  expect(stamped({ ...none, stamp: "holds" }, "shop closed").stamp).toBe("holds");
});
