import type { RecordFault } from "@/core/result";
import { isStationId } from "@/core/stations";
import { faultWords } from "../messages/fault-words";
import { recordNoun } from "../vocabulary/record-words";
import { STATION_LABELS } from "../stations/labels";

const upperFirst = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;

/** Which record is meant. */
const recordWords = ({ recordType, name, station }: RecordFault): string => {
  const what = station !== null && isStationId(station) ? STATION_LABELS[station].title : upperFirst(recordNoun(recordType));
  if (name === null || recordType === "house") return what;
  return recordType === "station" ? `${what} of “${name}”` : `${what} “${name}”`;
};

/** One record that does not fit, in a short plain sentence. */
export const faultSentence = (fault: RecordFault): string => `${recordWords(fault)}: ${faultWords(fault)}.`;

/** A record that was taken with a text cut to what fits. */
export const shortenedSentence = (fault: RecordFault): string =>
  `${recordWords(fault)}: ${fault.field ?? "a text"} was longer than ${fault.most ?? "what"} signs and is shortened to fit.`;
