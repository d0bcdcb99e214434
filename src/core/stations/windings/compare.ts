import { plainAt } from "../../fields";
import { type EarlierVisit, readPlain } from "../../station";
import { figureOf, type Entry } from "../../quantity";
import {
  compareWinding,
  isWindingClass,
  temperatureRise,
  windingTemperature,
  type ElementClass,
  type WindingComparison,
} from "../../winding";
import * as v from "valibot";
import type { TestLeads } from "./board";
import { testLeadsOf } from "./board";
import type { HouseFigures } from "../../house";
import type { BoardElement } from "./elements";
import { entryAt, isNamedPost, windingsRecord, type PostPair, type WindingsRecord } from "./record";

/** A winding or pair against another figure for it. */
export interface Comparison extends WindingComparison {
  readonly with: "earlier" | "maker" | "sister";
  /** when the earlier figure was read */
  readonly at: string | null;
  readonly pair: PostPair;
  readonly what: "pair" | ElementClass;
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

/** An earlier visit that measured the windings, as a record. */
interface EarlierWindings {
  readonly at: string;
  readonly record: WindingsRecord;
}

/** Earlier visits that measured the windings, the latest first. */
const earlierWindings = (earlier: readonly EarlierVisit[]): EarlierWindings[] =>
  [...earlier].reverse().flatMap(({ at, records }) => {
    const parsed = v.safeParse(windingsRecord.schema, records.windings);
    return parsed.success && parsed.output.pairs.length > 0 ? [{ at, record: parsed.output }] : [];
  });

/** Name of a post that a person gave it; a number or a letter in its place may be another lead on another day. */
const givenName = (record: WindingsRecord, post: number): string =>
  isNamedPost(record.posts[post]?.name ?? "", post) ? nameKey(record.posts[post]?.name) : "";

/** The latest earlier visit that measured the pair between posts of the same given names. */
function earlierPair(
  record: WindingsRecord,
  [a, b]: PostPair,
  before: readonly EarlierWindings[],
  house: HouseFigures,
): { at: string; reading: Nulled; temperatureC: number | null } | null {
  const [first, second] = [givenName(record, a), givenName(record, b)];
  if (first === "" || second === "") return null;
  for (const { at, record: then } of before) {
    const post = (name: string): number => then.posts.findIndex((_, index) => givenName(then, index) === name);
    const reading = nulled(entryAt(then, post(first), post(second)), testLeadsOf(then, house));
    if (reading && reading.ohm > 0) return { at, reading, temperatureC: coldTemperatureC(then) };
  }
  return null;
}

/** Windings of a record, once they could be named; null while that is worked out, or where it cannot be. */
export type NameWindings = (record: WindingsRecord) => readonly BoardElement[] | null;

/** A winding's own uncertainty is that of a reading of its size. */
const elementOhms = (ohm: number, leads: TestLeads): Nulled => ({
  ohm,
  standardUncertainty: Math.hypot(0.005 * ohm, 0.1, leads.standardOhm),
});

/** One winding has ohms of its own in the record: each is compared with the winding of the same place. */
const windingsOf = (elements: readonly BoardElement[]): readonly (BoardElement & { readonly ohm: number })[] =>
  elements.flatMap((each) =>
    isWindingClass(each.cls) && !each.isFaulty && each.ohm !== null && each.ohm > 0 ? [{ ...each, ohm: each.ohm }] : [],
  );

interface Present {
  readonly record: WindingsRecord;
  readonly leads: TestLeads;
  readonly elements: readonly BoardElement[];
}

/** Every winding that was named now and on an earlier visit, by its place in the motor: names of leads need not be the same. */
function byWinding(
  { record, leads, elements }: Present,
  before: readonly EarlierWindings[],
  house: HouseFigures,
  nameWindings: NameWindings,
): Comparison[] {
  const temperatureC = coldTemperatureC(record);
  return windingsOf(elements).flatMap((now): Comparison[] => {
    for (const { at, record: then } of before) {
      const same = windingsOf(nameWindings(then) ?? []).find(({ cls, from, to }) => cls === now.cls && from === now.from && to === now.to);
      if (!same) continue;
      const thenC = coldTemperatureC(then);
      const found = compareWinding(
        { ...elementOhms(now.ohm, leads), temperatureC },
        { ...elementOhms(same.ohm, testLeadsOf(then, house)), temperatureC: thenC },
        true,
      );
      const areTemperaturesKnown = temperatureC !== null && thenC !== null;
      return [{ ...found, with: "earlier", at, pair: now.posts, what: now.cls, areTemperaturesKnown }];
    }
    return [];
  });
}

/** Pairs between posts that a person named the same on both visits, where the windings themselves could not be compared. */
function byPair({ record, leads }: Present, before: readonly EarlierWindings[], house: HouseFigures): Comparison[] {
  const temperatureC = coldTemperatureC(record);
  return record.pairs.flatMap(({ a, b, entry }): Comparison[] => {
    const present = nulled(entry, leads);
    const found = earlierPair(record, [a, b], before, house);
    if (!present || !found || present.ohm <= 0) return [];
    return [
      {
        ...compareWinding({ ...present, temperatureC }, { ...found.reading, temperatureC: found.temperatureC }, true),
        with: "earlier",
        at: found.at,
        pair: [a, b],
        what: "pair",
        areTemperaturesKnown: temperatureC !== null && found.temperatureC !== null,
      },
    ];
  });
}

/** The figure that the maker, or a sister motor, has for a winding: its field by the winding's class. */
function referenceFor({ compare }: WindingsRecord, winding: BoardElement, sections: readonly BoardElement[]): string {
  if (winding.cls === "aux") return compare.referenceStart;
  if (winding.cls === "section") return compare.referenceSections[sections.indexOf(winding)] ?? "";
  return compare.referenceMain;
}

function byReference({ record, leads, elements }: Present): Comparison[] {
  const { referenceOf } = record.compare;
  if (referenceOf === null) return [];
  const temperatureC = coldTemperatureC(record);
  const at = plainAt(windingsRecord.fields.compare, record.compare, "referenceC").value;
  const windings = windingsOf(elements);
  const sections = windings.filter(({ cls }) => cls === "section");
  return windings.flatMap((winding): Comparison[] => {
    const reference = readPlain(referenceFor(record, winding, sections), "windingOhm").value;
    if (reference === null) return [];
    const found = compareWinding(
      { ...elementOhms(winding.ohm, leads), temperatureC },
      { ohm: reference, standardUncertainty: 0.01 * reference, temperatureC: at },
      false,
    );
    const areTemperaturesKnown = temperatureC !== null && at !== null;
    return [{ ...found, with: referenceOf, at: null, pair: winding.posts, what: winding.cls, areTemperaturesKnown }];
  });
}

/**
 * The windings against earlier visits, a sister motor or the maker's figures, the most suspicious first.
 * @param nameWindings names the windings of an earlier record as those of this one were
 */
export function comparisonsOf(
  present: Present,
  earlier: readonly EarlierVisit[],
  house: HouseFigures,
  nameWindings: NameWindings,
): Comparison[] {
  const before = earlierWindings(earlier);
  const windings = byWinding(present, before, house, nameWindings);
  const earlierOnes = windings.length > 0 ? windings : byPair(present, before, house);
  return [...earlierOnes, ...byReference(present)].sort((a, b) => a.score - b.score);
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
