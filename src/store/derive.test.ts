/** @jest-environment node */
import "fake-indexeddb/auto";
import { RECORD_TYPES, type Traveller } from "@/records";
import { deriveAll, type Deriver } from "./derive";
import type { KeptCard } from "./kept-card";
import type { CardLine } from "./summary";
import { putTravellers, VemmickDatabase } from "./vemmick-database";

const LINE: CardLine = {
  complaint: "",
  stands: "",
  stamp: "noted",
  stampWord: "",
  due: [],
  words: [],
  marks: [],
  figures: [],
  exchanges: [],
  deed: null,
};

test("cards that came in at once are derived once each, whatever their ids: a motor's first visit goes before its later ones", async () => {
  const db = new VemmickDatabase("derive-once");
  await db.open();
  const visits = Array.from({ length: 40 }, (_, index): Traveller => {
    const at = new Date(Date.UTC(2026, 0, 40 - index)).toISOString();
    return {
      ...(RECORD_TYPES.traveller.blank(`card-${String(index).padStart(2, "0")}`) as Traveller),
      machine: `Fan ${index % 4}`,
      site: "Tollgate Cinema",
      createdAt: at,
      updatedAt: at,
    };
  });
  await putTravellers(db, visits);
  const made: string[] = [];
  const derived = ({ traveller }: KeptCard) => {
    made.push(traveller.id);
    return { line: LINE, isOpen: false };
  };
  const deriver: Deriver = { by: "now", quick: derived, full: derived };
  await deriveAll(db, () => Promise.resolve(deriver));
  expect(made).toHaveLength(visits.length);
  expect(new Set(made).size).toBe(visits.length);
  expect((await db.summaries.toArray()).every(({ derivedBy }) => derivedBy === "now")).toBe(true);
  db.close();
});
