import { DEFAULT_METER, toHouseFigures } from "../house";
import { takeReading, type Entry } from "../quantity";
import { BLANK_GEAR, judgeGear, type GearMeasures } from "./gear-measures";
import type { GearSort } from "./gear-table";
import { judgeCurrentRelay, judgeSwitch, judgeTimed, type ContactState, type SwitchSigns, type TimedSigns } from "./patterns";

const HOUSE = toHouseFigures({});
const ohms = (text: string): Entry => takeReading(text, "resistance", DEFAULT_METER, "2026-11-23T12:00:00.000Z", "typed").entry;

type Found = { readonly [Part in "switch" | "relay" | "ptc" | "timed"]?: Partial<GearMeasures[Part]> };
const judged = (sort: GearSort | null, found: Found = {}) =>
  judgeGear(
    {
      sort,
      switch: { ...BLANK_GEAR.switch, ...found.switch },
      relay: { ...BLANK_GEAR.relay, ...found.relay },
      ptc: { ...BLANK_GEAR.ptc, ...found.ptc },
      timed: { ...BLANK_GEAR.timed, ...found.timed },
    },
    HOUSE,
  );
const OUT = { isUnplugged: true } as const;

test.each<[string, GearSort | null, Found, string | null]>([
  ["nothing is picked", null, {}, null],
  ["nothing is fitted", "none", {}, null],
  ["a switch nobody measured", "switch", {}, "more-needed"],
  ["a switch, near zero and over limit", "switch", { switch: { atRest: ohms("0.3"), actuated: ohms("OL") } }, "works"],
  ["a switch that stays near zero", "switch", { switch: { atRest: ohms("0.3"), actuated: ohms("0.4") } }, "welded"],
  ["a relay, unplugged and sound", "potential-relay", { relay: { ...OUT, coil: ohms("8.2k"), contact: ohms("0.3") } }, "works"],
  ["its coil over limit", "potential-relay", { relay: { ...OUT, coil: ohms("OL"), contact: ohms("0.3") } }, "coil-open"],
  ["its contact over limit", "potential-relay", { relay: { ...OUT, coil: ohms("8.2k"), contact: ohms("OL") } }, "contact-open"],
  [
    "in its circuit no figure counts",
    "potential-relay",
    { relay: { isUnplugged: false, coil: ohms("8.2k"), contact: ohms("OL") } },
    "more-needed",
  ],
  ["nor where nobody said whether it is", "potential-relay", { relay: { coil: ohms("8.2k"), contact: ohms("OL") } }, "more-needed"],
  ["a current relay, unplugged", "current-relay", { relay: { ...OUT, coil: ohms("0.4"), contact: ohms("OL") } }, "works"],
  ["a switch asks for no unplugging", "switch", { switch: { atRest: ohms("OL"), actuated: ohms("0.3") } }, "not-pressed"],
  ["a PTC of tens of ohms", "ptc", { ptc: { isCold: true, cold: ohms("25") } }, "works"],
  ["one over limit that is cold", "ptc", { ptc: { isCold: true, cold: ohms("OL") } }, "ptc-open"],
  ["one that stays low when hot", "ptc", { ptc: { isCold: true, cold: ohms("25"), hot: ohms("40") } }, "ptc-cold-when-hot"],
  ["a time relay that lets go in time", "time-relay", { timed: { contact: ohms("OL"), letsGo: "in-time" } }, "works"],
  ["one near zero at rest", "time-relay", { timed: { contact: ohms("0.3"), letsGo: "in-time" } }, "welded"],
])("%s: %s", (_, sort, found, verdict) => expect(judged(sort, found).verdict).toBe(verdict));

test("a coil without its k is asked for again, and judges nothing", () => {
  const slipped = judged("potential-relay", { relay: { ...OUT, coil: ohms("8.2"), contact: ohms("0.3") } });
  expect(slipped.coilSlip).not.toBeNull();
  expect(slipped.verdict).toBeNull();
  // A coil of a current relay is near zero: there is nothing to be asked.
  expect(judged("current-relay", { relay: { ...OUT, coil: ohms("0.4") } }).coilSlip).toBeNull();
  expect(judged(null, { relay: { ...OUT, coil: ohms("8.2") } }).coilSlip).toBeNull();
});

test.each<[string, GearSort | null, Partial<GearMeasures["relay"]>, boolean, boolean]>([
  ["said to be in its circuit", "potential-relay", { isUnplugged: false, coil: ohms("8k") }, true, false],
  ["figures, and nobody said", "potential-relay", { coil: ohms("8k") }, false, true],
  ["a contact alone, and nobody said", "current-relay", { contact: ohms("OL") }, false, true],
  ["no figure, and nobody said", "potential-relay", {}, false, false],
  ["unplugged", "potential-relay", { isUnplugged: true, coil: ohms("8k") }, false, false],
  ["no relay at all", "switch", { isUnplugged: false, coil: ohms("8k") }, false, false],
  ["figures, and no relay", "switch", { coil: ohms("8k") }, false, false],
  ["nothing picked", null, { isUnplugged: false, coil: ohms("8k") }, false, false],
])("a relay, %s", (_, sort, relay, isPluggedIn, isUnplugAsked) =>
  expect(judged(sort, { relay })).toMatchObject({ isPluggedIn, isUnplugAsked }),
);

const SOUND: SwitchSigns = { atRest: "closed", actuated: "open", isCoverSeated: true, travel: "moves", contacts: "clean" };
const UNSEEN: SwitchSigns = { atRest: "open", actuated: "unknown", isCoverSeated: null, travel: null, contacts: null };
test.each<[string, SwitchSigns, string]>([
  ["open, nobody pressed it or saw the cover", UNSEEN, "press-first"],
  ["ohms, nobody pressed it or saw the cover", { ...UNSEEN, atRest: "high" }, "press-first"],
  ["the end is open to reach it", { ...UNSEEN, isCoverSeated: false }, "not-pressed"],
  ["the disc does not reach it", { ...UNSEEN, travel: "not-pressed" }, "not-pressed"],
  ["ohms, and the disc does not reach it", { ...UNSEEN, atRest: "high", travel: "not-pressed" }, "not-pressed"],
  ["the cover sits", { ...UNSEEN, isCoverSeated: true }, "open-at-rest"],
  ["its contacts were seen", { ...UNSEEN, contacts: "clean" }, "open-at-rest"],
  ["dirty to the eye", { ...UNSEEN, atRest: "high", contacts: "dirty" }, "contacts-dirty"],
  ["open, though pressed", { ...UNSEEN, actuated: "open" }, "open-at-rest"],
  ["ohms, closes when pressed", { ...UNSEEN, atRest: "high", actuated: "closed" }, "not-pressed"],
  ["burnt, and open", { ...UNSEEN, contacts: "burnt" }, "contacts-burnt"],
  ["burnt to the eye, and it works", { ...SOUND, contacts: "burnt" }, "works"],
  ["burnt to the eye, nobody measured", { ...SOUND, atRest: "unknown", contacts: "burnt" }, "more-needed"],
  ["a loose cover, and near zero at rest", { ...SOUND, isCoverSeated: false }, "works"],
  ["nothing at all", { atRest: "unknown", actuated: "unknown", isCoverSeated: null, travel: null, contacts: null }, "more-needed"],
])("a switch: %s", (_, signs, verdict) => expect(judgeSwitch(signs)).toBe(verdict));

test.each<[ContactState, ContactState, string]>([
  ["high", "open", "coil-open"],
  ["closed", "high", "welded"],
  ["closed", "unknown", "more-needed"],
  ["unknown", "closed", "welded"],
])("current relay, coil %s, contacts %s: %s", (coil, contact, verdict) => expect(judgeCurrentRelay(coil, contact)).toBe(verdict));

test.each<[TimedSigns["contact"], TimedSigns["letsGo"], string]>([
  ["closed", null, "welded"],
  ["open", "never", "welded"],
  ["open", "late", "welded"],
  ["open", "no-start", "contact-open"],
  ["open", "in-time", "works"],
  ["open", null, "more-needed"],
  ["unknown", null, "more-needed"],
])("gear that drops out by time, contact %s, lets go %s: %s", (contact, letsGo, verdict) =>
  expect(judgeTimed({ contact, letsGo })).toBe(verdict),
);
