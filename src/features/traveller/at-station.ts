import { isPowerBack } from "@/core/job";
import type { CardFacts, StationId } from "@/core/stations";
import type { House } from "@/records";
import type { LinkPlace } from "../meter-link/link";
import { stampWordOf } from "../station/stamp-word-of";
import { clockTime } from "../vocabulary/clock";
import type { Worked } from "./worked";

/** The station in hand, as a meter on the line has to know it. */
export function placeOf(station: StationId, { hand, facts, assessment }: Worked, { figures, meter }: House): Omit<LinkPlace, "next"> {
  return {
    station,
    // Where it is made safe the tester is proved on a live source, before and after.
    isDead: facts.power === "dead" && station !== "make-safe",
    safeVolts: figures.safeVolts,
    meter,
    stamp: assessment.stamp,
    stampWord: stampWordOf(hand.view, assessment),
    hasMotor: true,
  };
}

/** How the power stands, in words, at a station that is worked with it on or off. */
export function stateLine({ power: now, deadSince, restoredAt }: CardFacts, power: string): string {
  if (now === "dead") return `Power off · made safe ${deadSince ? clockTime(deadSince) : ""}`;
  if (power === "live") return "Power on · live work";
  if (deadSince === null) return "Taken to be live until made safe";
  return isPowerBack(restoredAt, deadSince) && restoredAt
    ? `Power on again since ${clockTime(restoredAt)}`
    : "Taken to be live until made safe once more";
}
