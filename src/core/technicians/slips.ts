import type { TestId } from "../trade";
import type { Entry } from "../quantity";
import { readingsIn } from "../job";
import { stationForTest, type TravellerAssessment } from "../traveller";
import { key, read, recordOf, tell, type Job } from "./job";

const isEntry = (value: unknown): value is Entry => typeof value === "object" && value !== null && "reading" in value && "text" in value;

/** A record with one entry in another's place. */
function replaced(value: unknown, path: string, entry: Entry): unknown {
  const [, head = "", ...rest] = path.split("/");
  if (head === "") return entry;
  const tail = rest.length === 0 ? "" : `/${rest.join("/")}`;
  if (Array.isArray(value)) return value.map((each, index) => (String(index) === head ? replaced(each, tail, entry) : each));
  return { ...(value as object), [head]: replaced((value as Record<string, unknown>)[head], tail, entry) };
}
const entryAt = (value: unknown, path: string): Entry | null => {
  const found = path
    .split("/")
    .filter(Boolean)
    .reduce<unknown>((at, name) => (at as Record<string, unknown> | undefined)?.[name], value);
  return isEntry(found) ? found : null;
};

/** Ways a figure is keyed wrong: a digit beside the right one, a point left out, a unit forgotten. */
const WAYS: readonly ((text: string, digit: number) => string)[] = [
  (text, digit) => text.replace(/\d(?!.*\d)/, String(digit)),
  (text) => text.replace(".", ""),
  (text) => text.replace(/[kM]$/, ""),
  (text) => (/^\d{2}/.test(text) ? `${text.charAt(1)}${text.charAt(0)}${text.slice(2)}` : `${text}0`),
];

/** Keys one figure of the test just made wrong. */
export function slip(job: Job, test: TestId): void {
  const station = stationForTest(test)?.station;
  if (!station) return;
  const record = recordOf(job, station);
  const figures = readingsIn(record).filter(({ text }) => /^\d/.test(text));
  if (figures.length === 0) return;
  const { path, text } = job.chance.of(figures);
  const right = entryAt(record, path);
  const wrong = job.chance.of(WAYS)(text, Math.floor(job.chance.between(0, 10)));
  if (!right?.reading || wrong === text) return;
  const keyed = replaced(record, path, read(job, wrong, right.reading.quantity));
  job.slipped.set(station, record);
  key(job, station, keyed as object);
  tell(job, `slip: ${text} keyed as ${wrong} at ${station}${path}`);
}

/** Where a figure is asked about it is looked at again, and mended. */
export function askedAgain(job: Job, { stations }: TravellerAssessment): boolean {
  const asked = [...job.slipped].find(([id]) => stations[id].stamp === "unsure" || stations[id].stamp === "contradicts");
  if (!asked) return false;
  const [station, right] = asked;
  job.slipped.delete(station);
  key(job, station, right as object);
  tell(job, `looked again, and mended at ${station}`);
  return true;
}
