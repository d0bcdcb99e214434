import { STATION_IDS } from "@/core/stations";
import { nextMoveWords } from "@/features/line-up/next-move-words";
import { stampWord } from "@/features/stations/stamp-word";
import { PRESENT_VERSIONS, recordTypeOf } from "@/records";
import { assess, nowOf } from "@/core/technicians/job";
import { customerReads, signedOffAt } from "./papers";
import type { Walked } from "./walk-job";

/** A walked job as records of a file, and what the program says of it here: a browser that takes them in has to say the same. */
export function recordsOf({ job }: Walked) {
  const id = `walk-${job.seed}`;
  const createdAt = "2026-11-30T08:00:00.000Z";
  const assessment = assess(job);
  const stations = STATION_IDS.flatMap((stationId) => {
    const entry = job.entries[stationId];
    if (!entry) return [];
    const { data, skippedReason, earlier = [], keyedAt = createdAt } = entry;
    return [{ id: `${id}/${stationId}`, travellerId: id, stationId, data, skippedReason, earlier, updatedAt: keyedAt }];
  });
  return {
    versions: PRESENT_VERSIONS,
    traveller: {
      ...recordTypeOf("traveller").blank(id),
      machine: `Walked machine ${job.seed}`,
      site: "Yard",
      createdAt,
      updatedAt: nowOf(job),
      finishedAt: signedOffAt(job),
    },
    stations,
    says: {
      // What this motor has not is folded away.
      stamps: STATION_IDS.filter((station) => job.entries[station]?.skippedReason === null).map(
        (station) => [station, stampWord(station, assessment)] as const,
      ),
      next: nextMoveWords(assessment).title,
      customer: customerReads(job, assessment),
    },
  };
}
