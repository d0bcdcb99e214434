import { figureOf, type Entry } from "../../quantity";
import { compareWinding, temperatureRise, windingTemperature, type WindingComparison } from "../../winding";
import * as v from "valibot";
import type { EarlierVisit } from "../contract";
import { readPlain } from "../fields";
import type { TestLeads } from "./board";
import { testLeadsOf } from "./board";
import type { HouseFigures } from "../../house";
import type { BoardElement } from "./elements";
import { entryAt, WindingsRecordSchema, type PostPair, type WindingsRecord } from "./record";

/** A winding or pair against another figure for it. */
export interface Comparison extends WindingComparison {
  readonly with: "earlier" | "maker" | "sister";
  /** when the earlier figure was read */
  readonly at: string | null;
  readonly pair: PostPair;
  readonly what: "pair" | "main" | "aux";
  readonly areTemperaturesKnown: boolean;
}

/** Temperature of a winding after a run, from its ohms. */
export interface HotRun {
  readonly pair: PostPair;
  readonly coldOhm: number;
  readonly hotOhm: number;
  readonly coldC: number;
  readonly windingC: number;
  /** null while the air was not measured */
  readonly riseK: number | null;
  /** hot-spot limit of the plate's class; null: not known */
  readonly limitC: number | null;
}

const valueOf = (entry: Entry | null, quantity: string): number | null =>
  entry?.reading?.quantity === quantity ? (figureOf(entry)?.value ?? null) : null;

/** Temperature of the windings when they were measured; null where nobody wrote it down. */
export const coldTemperatureC = (record: WindingsRecord): number | null => valueOf(record.compare.temperature, "temperature");

const nameKey = (name: string | undefined): string => (name ?? "").trim().toLowerCase();

interface Nulled {
  readonly ohm: number;
  readonly standardUncertainty: number;
}

function nulled(entry: Entry | null, leads: TestLeads): Nulled | null {
  const figure = entry?.reading?.quantity === "resistance" ? figureOf(entry) : null;
  return figure && { ohm: figure.value - leads.ohm, standardUncertainty: Math.hypot(figure.standardUncertainty, leads.standardOhm) };
}

/** The latest earlier visit that measured the pair between posts of the same names. */
function earlierOf(
  record: WindingsRecord,
  [a, b]: PostPair,
  earlier: readonly EarlierVisit[],
  house: HouseFigures,
): { at: string; reading: Nulled; temperatureC: number | null } | null {
  const [first, second] = [nameKey(record.posts[a]?.name), nameKey(record.posts[b]?.name)];
  if (first === "" || second === "") return null;
  for (const visit of [...earlier].reverse()) {
    const parsed = v.safeParse(WindingsRecordSchema, visit.records.windings);
    if (!parsed.success) continue;
    const then = parsed.output;
    const at = (name: string): number => then.posts.findIndex((post) => nameKey(post.name) === name);
    const reading = nulled(entryAt(then, at(first), at(second)), testLeadsOf(then, house));
    if (reading && reading.ohm > 0) return { at: visit.at, reading, temperatureC: valueOf(then.compare.temperature, "temperature") };
  }
  return null;
}

/** The windings against earlier visits, a sister motor or the maker's figures, the most suspicious first. */
export function comparisonsOf(
  record: WindingsRecord,
  leads: TestLeads,
  elements: readonly BoardElement[],
  earlier: readonly EarlierVisit[],
  house: HouseFigures,
): Comparison[] {
  const temperatureC = valueOf(record.compare.temperature, "temperature");
  const pairs = record.pairs.flatMap(({ a, b, entry }): Comparison[] => {
    const present = nulled(entry, leads);
    const before = earlierOf(record, [a, b], earlier, house);
    if (!present || !before || present.ohm <= 0) return [];
    const found = compareWinding({ ...present, temperatureC }, { ...before.reading, temperatureC: before.temperatureC }, true);
    return [
      {
        ...found,
        with: "earlier",
        at: before.at,
        pair: [a, b],
        what: "pair",
        areTemperaturesKnown: temperatureC !== null && before.temperatureC !== null,
      },
    ];
  });
  const { referenceOf, referenceMain, referenceStart, referenceC } = record.compare;
  const typed = (
    [
      ["main", referenceMain],
      ["aux", referenceStart],
    ] as const
  ).flatMap(([what, text]): Comparison[] => {
    const reference = readPlain(text, "windingOhm").value;
    const element = elements.find(({ cls }) => cls === what);
    if (referenceOf === null || reference === null || !element || element.ohm === null || element.ohm <= 0) return [];
    const at = readPlain(referenceC, "windingTemperature").value;
    // The element's own uncertainty is that of a reading of its size.
    const standardUncertainty = Math.hypot(0.005 * element.ohm, 0.1, leads.standardOhm);
    const found = compareWinding(
      { ohm: element.ohm, standardUncertainty, temperatureC },
      { ohm: reference, standardUncertainty: 0.01 * reference, temperatureC: at },
      false,
    );
    return [
      { ...found, with: referenceOf, at: null, pair: element.posts, what, areTemperaturesKnown: temperatureC !== null && at !== null },
    ];
  });
  return [...pairs, ...typed].sort((a, b) => a.score - b.score);
}

/** Winding temperature by resistance after a run; null until cold, hot and the cold temperature are there. */
export function hotRunOf(record: WindingsRecord, leads: TestLeads, limitC: number | null): HotRun | null {
  const pair = record.compare.hotPair ?? firstPair(record);
  const coldC = valueOf(record.compare.temperature, "temperature");
  const hot = nulled(record.compare.hot, leads);
  const cold = pair ? nulled(entryAt(record, ...pair), leads) : null;
  if (!pair || !cold || !hot || coldC === null || cold.ohm <= 0 || hot.ohm <= 0) return null;
  const windingC = windingTemperature(cold.ohm, coldC, hot.ohm);
  const ambientC = valueOf(record.compare.ambient, "temperature");
  return {
    pair,
    coldOhm: cold.ohm,
    hotOhm: hot.ohm,
    coldC,
    windingC,
    riseK: ambientC === null ? null : temperatureRise(windingC, ambientC),
    limitC,
  };
}

function firstPair(record: WindingsRecord): PostPair | null {
  const found = record.pairs.find(({ entry }) => valueOf(entry, "resistance") !== null);
  return found ? [found.a, found.b] : null;
}
