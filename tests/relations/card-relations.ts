import type { TravellerAssessment, StationEntries } from "@/core/traveller";
import type { Suspect } from "@/core/trade";
import { takeReading, type Entry, type Quantity } from "@/core/quantity";
import { DEFAULT_METER } from "@/core/house";

/** What must hold between a card and the same card changed, where nobody can say what is right for either. */
export interface CardRelation {
  readonly name: string;
  /** the card changed; null: this card has nothing to change so */
  readonly change: (entries: StationEntries) => StationEntries | null;
  /** what of the two differs that must not */
  readonly differs: (before: TravellerAssessment, after: TravellerAssessment) => readonly string[];
}

const chances = ({ standing }: TravellerAssessment): ReadonlyMap<string, number> =>
  new Map(standing.suspects.map(({ suspect, probability }) => [suspect, probability]));

/** The chances of all suspects are the same, to so much. */
const alike =
  (room: number) =>
  (before: TravellerAssessment, after: TravellerAssessment): readonly string[] => {
    const now = chances(after);
    return [...chances(before)].flatMap(([suspect, chance]) =>
      Math.abs(chance - (now.get(suspect) ?? 0)) > room
        ? [`${suspect} ${chance.toFixed(3)} became ${(now.get(suspect) ?? 0).toFixed(3)}`]
        : [],
    );
  };
const stampsAlike = (before: TravellerAssessment, after: TravellerAssessment): readonly string[] =>
  Object.entries(before.stations).flatMap(([id, { stamp }]) => {
    const now = after.stations[id as keyof typeof after.stations].stamp;
    return now === stamp ? [] : [`${id} ${stamp} became ${now}`];
  });
const nextAlike = (before: TravellerAssessment, after: TravellerAssessment): readonly string[] =>
  before.next.kind === after.next.kind && before.next.station === after.next.station
    ? []
    : [`next ${before.next.kind} ${before.next.station} became ${after.next.kind} ${after.next.station}`];
const same = (before: TravellerAssessment, after: TravellerAssessment): readonly string[] => [
  ...alike(1e-9)(before, after),
  ...stampsAlike(before, after),
  ...nextAlike(before, after),
];

const isEntry = (value: object): value is Entry => "reading" in value && "text" in value;
/** Every entry of the records, one by one. */
function mapEntries(value: unknown, map: (entry: Entry) => Entry): unknown {
  if (Array.isArray(value)) return value.map((each) => mapEntries(each, map));
  if (typeof value !== "object" || value === null) return value;
  if (isEntry(value)) return map(value);
  return Object.fromEntries(Object.entries(value).map(([name, each]) => [name, mapEntries(each, map)]));
}

const MOMENT = /^\d{4}-\d\d-\d\dT[\d:.]+Z$/;
const moved =
  (byMs: number) =>
  (value: unknown): unknown => {
    if (typeof value === "string") return MOMENT.test(value) ? new Date(Date.parse(value) + byMs).toISOString() : value;
    if (Array.isArray(value)) return value.map(moved(byMs));
    if (typeof value !== "object" || value === null) return value;
    return Object.fromEntries(Object.entries(value).map(([name, each]) => [name, moved(byMs)(each)]));
  };

/** The same figure in another unit: kilo-ohms for ohms, milliamps for amps. */
const REWRITTEN: Partial<Record<Quantity, (value: number) => string>> = {
  resistance: (value) => `${value / 1000}k`,
  current: (value) => `${value * 1000} mA`,
  voltage: (value) => `${value} V`,
};
function inOtherUnits(entry: Entry): Entry {
  const { reading } = entry;
  const rewrite = reading && REWRITTEN[reading.quantity];
  if (!reading || !rewrite || reading.value === null || !/^\d/.test(entry.text)) return entry;
  const taken = takeReading(rewrite(reading.value), reading.quantity, DEFAULT_METER, reading.at, "simulation").entry;
  // The meter showed what it showed: its resolution is that of the figure as it was read first.
  return taken.reading?.value === reading.value ? { ...taken, reading } : entry;
}

type Windings = NonNullable<StationEntries["windings"]>;
/** Leads numbered another way: the first is the second, the second the third. */
function renumbered(windings: Windings): Windings {
  const next = (post: number): number => (post + 1) % 3;
  return {
    ...windings,
    data: { ...windings.data, pairs: windings.data.pairs.map(({ a, b, entry }) => ({ a: next(a), b: next(b), entry })) },
  };
}

/** Capacitor readings of two parts, keyed the other way round. */
function partsExchanged(capacitor: NonNullable<StationEntries["capacitor"]>): NonNullable<StationEntries["capacitor"]> | null {
  const { data } = capacitor;
  if (data.second.label === "" || data.label === "") return null;
  const fields = Object.keys(data.second) as (keyof typeof data.second)[];
  const first = Object.fromEntries(fields.map((field) => [field, data[field]]));
  const second = Object.fromEntries(fields.map((field) => [field, data.second[field]]));
  return { ...capacitor, data: { ...data, ...second, second: first } as typeof data };
}

const chanceOf = (assessment: TravellerAssessment, suspect: Suspect): number => chances(assessment).get(suspect) ?? 0;

/** A run capacitor that reads less is never less likely to be at fault. */
function weaker(capacitor: NonNullable<StationEntries["capacitor"]>): NonNullable<StationEntries["capacitor"]> | null {
  const { data } = capacitor;
  const [entry] = data.readings;
  const value = entry?.reading?.value ?? null;
  if (!/run$/.test(data.label) || value === null || !entry?.reading || data.readings.length !== 1 || value < 1) return null;
  // What reads too much comes nearer to right by reading less.
  if (value > 1.05 * Number.parseFloat(data.label)) return null;
  const text = (0.8 * value).toPrecision(3);
  const taken = takeReading(text, "capacitance", DEFAULT_METER, entry.reading.at, "simulation").entry;
  return { ...capacitor, data: { ...data, readings: [{ ...taken, isSure: true }] } };
}

const DAY_MS = 86_400_000;

/** Relations between cards, a row each. */
export const CARD_RELATIONS: readonly CardRelation[] = [
  {
    name: "the order in which stations were keyed",
    change: (entries) => Object.fromEntries(Object.entries(entries).reverse()) as StationEntries,
    differs: same,
  },
  { name: "the same job a hundred days later", change: moved(100 * DAY_MS) as CardRelation["change"], differs: same },
  { name: "the same job in another zone, across midnight", change: moved(13 * 3_600_000) as CardRelation["change"], differs: same },
  {
    name: "the same figures in other units", // At the windings a single digit counts, so that the figure itself is part of what was read.
    change: ({ windings, ...entries }) => ({ ...(mapEntries(entries, inOtherUnits) as StationEntries), ...(windings ? { windings } : {}) }),
    differs: same,
  },
  {
    name: "leads numbered another way",
    change: (entries) =>
      entries.windings && entries.windings.data.posts.length === 3 ? { ...entries, windings: renumbered(entries.windings) } : null,
    differs: (before, after) => [...alike(1e-6)(before, after), ...nextAlike(before, after)],
  },
  {
    name: "both parts of a motor with two, the other first",
    change: (entries) => {
      const exchanged = entries.capacitor && partsExchanged(entries.capacitor);
      return exchanged ? { ...entries, capacitor: exchanged } : null;
    },
    differs: (before, after) => alike(1e-6)(before, after),
  },
  {
    name: "what was read is read once more, the same",
    change: (entries) =>
      entries.frame && (entries.frame.earlier ?? []).length === 0
        ? {
            ...entries,
            frame: { ...entries.frame, earlier: [{ why: "repeat", at: "2026-11-30T08:00:00.000Z", data: entries.frame.data }] },
          }
        : null,
    differs: same,
  },
  {
    name: "a run capacitor that reads less",
    change: (entries) => {
      const less = entries.capacitor && weaker(entries.capacitor);
      return less ? { ...entries, capacitor: less } : null;
    },
    differs: (before, after) =>
      chanceOf(after, "run-capacitor") + 1e-9 >= chanceOf(before, "run-capacitor")
        ? []
        : [`run-capacitor ${chanceOf(before, "run-capacitor").toFixed(3)} fell to ${chanceOf(after, "run-capacitor").toFixed(3)}`],
  },
  {
    name: "a note at every station",
    change: (entries) =>
      Object.fromEntries(
        Object.entries(entries).map(([id, entry]) => [
          id,
          "note" in entry.data && entry.data.note !== ""
            ? entry
            : { ...entry, data: "note" in entry.data ? { ...entry.data, note: "seen to in the rain" } : entry.data },
        ]),
      ) as StationEntries,
    differs: (before, after) => alike(1e-9)(before, after),
  },
];
