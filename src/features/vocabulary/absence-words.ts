import type { Absence } from "@/core/relevance";
import { inSentence } from "./in-sentence";
import { MOTOR_TYPE_WORDS } from "./words";

const ofType = (motorType: keyof typeof MOTOR_TYPE_WORDS): string => `A ${inSentence(MOTOR_TYPE_WORDS[motorType])} motor`;

/** Why there is nothing to do at a station on this motor, in a sentence. */
export function absenceSentence(absence: Absence): string {
  switch (absence.code) {
    case "type-without-capacitor":
      return `${ofType(absence.motorType)} has no capacitor. If there is one all the same, key it here.`;
    case "type-without-start-gear":
      return `${ofType(absence.motorType)} on a fan or blower has no start gear. If there is some all the same, pick it here.`;
    case "type-without-start-lead":
      return `${ofType(absence.motorType)} has no start winding of its own to clamp.`;
    case "welded-shell":
      return "A welded shell: no shaft to turn, no bearing to reach, no load to take off.";
    case "sleeves":
      return "It turns on sleeves: nothing is pulled or pressed here.";
  }
}
