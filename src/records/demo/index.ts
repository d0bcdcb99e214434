import { toDemoRecords, type DemoRecords } from "./demo-traveller";
import { STORIES } from "./stories";

/**
 * Records of the demo scenario, dated back from now.
 * @param now the day on which the demo is looked at
 */
export function demoRecords(now: Date): DemoRecords {
  const all = STORIES.map((story) => toDemoRecords(story, now));
  return { travellers: all.flatMap((each) => each.travellers), stations: all.flatMap((each) => each.stations) };
}
