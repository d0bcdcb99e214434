import type { Walked } from "./walk-job";

/** One job line by line: what is hidden, what was said and done minute by minute, and what was broken. */
export function tellJob({ job, broken, first }: Walked): string {
  const { motor, place, flaws, behaviour } = job.asFound;
  const { type, kind, plate, foreign } = motor;
  return [
    `seed ${job.seed}, ${job.policy}: ${type} ${kind}, ${plate.volts} V ${plate.powerW} W, ${place.purpose}, ${place.ambientC} °C${foreign ? `, ${foreign}` : ""}`,
    `hidden: ${flaws.map(({ id, body }) => `${id} ${JSON.stringify(body)}`).join("; ") || "nothing"}; ${behaviour}`,
    ...job.told.map(({ minute, what }) => `${String(minute).padStart(4)}  ${what}`),
    ...(first ? [`first decision: ${first.action} after ${Math.round(first.minutes)} min, ${first.isRight ? "right" : "not right"}`] : []),
    ...broken.map(({ code, what }) => `BROKEN ${code}: ${what}`),
  ].join("\n");
}
