import { toDemoRecords, type DemoRecords } from "./demo-traveller";
import type { Part } from "../part-record";
import { PART_STORIES } from "./part-stories";
import { SHELF } from "./shelf";
import { STORIES } from "./stories";

/**
 * Records of the demo scenario, dated back from now.
 * @param now the day on which the demo is looked at
 */
export function demoRecords(now: Date): DemoRecords {
  const all = [...STORIES, ...PART_STORIES].map((story) => toDemoRecords(story, now));
  const travellers = all.flatMap((each) => each.travellers);
  return {
    // A card that came back remembers the day.
    travellers: travellers.map((card) => ({
      ...card,
      cameBackAt: travellers.filter(({ callbackOf }) => callbackOf === card.id).map(({ createdAt }) => createdAt),
    })),
    stations: all.flatMap((each) => each.stations),
  };
}

/** The demo shelf: capacitors at hand. */
export function demoParts(now: Date): Part[] {
  const updatedAt = now.toISOString();
  return SHELF.map((line, index) => ({ ...line, id: `demo-part-${index + 1}`, isDemo: true, updatedAt }));
}
