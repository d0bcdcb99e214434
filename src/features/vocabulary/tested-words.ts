import type { TestedPart } from "@/records";
import { differenceInMonths } from "date-fns";
import { dayOf, dayWords } from "./clock";

/** When and where a spare was tested, and whether that is too long ago. */
export function testedWords({ at, donor }: TestedPart, retestMonths: number): string {
  const months = differenceInMonths(new Date(), new Date(at));
  const when = `Tested ${dayWords(dayOf(new Date(at)))}${donor ? `, from ${donor}` : ""}`;
  return months >= retestMonths ? `${when}: ${months} months ago, test it anew` : when;
}
