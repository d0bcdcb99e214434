import { complaintSpec, type Complaint } from "../trade";

/**
 * Whether the motor starts by itself, by what is complained of.
 * @param complaints what was said
 * @param isUsual it starts unless something says otherwise, as on a yearly check
 * @returns true where something says so and nothing says otherwise
 */
export function saysItStarts(complaints: readonly Complaint[], isUsual: boolean): boolean {
  const told = complaints.map((each) => complaintSpec(each).comesUp);
  return (isUsual || told.includes("by-itself")) && !told.includes("hardly") && !told.includes("never");
}

/**
 * Whether something says that the motor never comes up, so that nothing is read while it runs.
 * @param complaints what was said
 * @returns true where one does
 */
export const saysItStands = (complaints: readonly Complaint[]): boolean =>
  complaints.some((each) => complaintSpec(each).comesUp === "never");
