import { demoRecords } from "@/records/demo";
import { joinCards } from "../../../tests/support/join-cards";
import { toHouseFigures } from "../house";
import { NO_STUDY } from "../study";
import { assessTraveller } from "./assess-traveller";
import { followUps } from "./follow-ups";

const { travellers, stations } = demoRecords(new Date("2026-11-23T18:00:00.000Z"));
const card = joinCards(travellers, stations).find(({ traveller }) => traveller.id === "demo-lido-fan-4");
if (!card) throw new Error("no such card");
const assessed = assessTraveller(card.entries, toHouseFigures({}), card.earlier, NO_STUDY, { at: card.traveller.createdAt }).stations;
const due = (putOff: Parameters<typeof followUps>[3]) => followUps(card.entries, assessed, "2026-11-20", putOff);
const [first] = due([]);
if (!first) throw new Error("nothing is due");
const { kind, on } = first;
const dayAfter = (day: string): string => new Date(Date.parse(day) + 86_400_000).toISOString().slice(0, 10);

test("what is put off falls on its new day, and says from which and why", () => {
  const until = dayAfter(on);
  const [moved] = due([{ kind, until, why: "closed" }]);
  expect(moved).toEqual({ ...first, on: until, putOff: { from: on, why: "closed" } });
});
test("it moves back, never forward: an earlier day changes nothing", () => {
  expect(due([{ kind, until: "2020-01-01", why: "slip" }])[0]).toEqual(first);
  expect(due([{ kind, until: on, why: "the same" }])[0]).toEqual(first);
});
test("another kind that is put off leaves this one where it is", () => {
  const other = kind === "part-expected" ? "oil-bearings" : "part-expected";
  expect(due([{ kind: other, until: "2199-01-01", why: "" }])[0]).toEqual(first);
});
