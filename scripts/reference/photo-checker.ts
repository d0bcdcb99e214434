import { readFileSync } from "node:fs";
import { dirname, join } from "node:path";
import { decode, encodePng, type Image } from "image-js";
import { createWorker, OEM, PSM } from "tesseract.js";
import { parseDesignation } from "../../src/core/bearing";
import { readPlateField, type PlateFieldId } from "../../src/core/motor";
import { makeReady, readCapacitorLabel, readLines, readPlate, readStamp, type ReadLine } from "../../src/core/photo-text";
import { findPlate } from "../../src/core/picture";
import type { CaseFile, Miss, ReferenceCase } from "./case-file";

/** Part of the fields that must be right first, or among the first three; and how many may be sure and wrong. */
const GOALS = {
  clean: { first: 0.98 },
  light: { first: 0.93 },
  heavy: { top3: 0.75 },
} as const;
const MOST_SURE_AND_WRONG = 0.005;

/** What one field came to. */
interface Judged {
  readonly field: string;
  readonly expected: string | null;
  readonly got: readonly string[];
  readonly isFirst: boolean;
  readonly isTop3: boolean;
  readonly isSure: boolean;
  /** the printed text stands in what the reader of text makes of the whole picture */
  readonly isInRawText: boolean;
}

const isSamePlate = (field: PlateFieldId, a: string, b: string): boolean => {
  const [one, other] = [readPlateField(field, a), readPlateField(field, b)];
  return one.ok && other.ok && JSON.stringify(one.value) === JSON.stringify(other.value);
};
const plain = (text: string): string => text.replace(/[^\d.\-/]/g, (sign) => (sign === "+" ? "/" : ""));
const isSameText = (a: string, b: string): boolean => plain(a) === plain(b);
const isSameBearing = (a: string, b: string): boolean => {
  const [one, other] = [parseDesignation(a), parseDesignation(b)];
  if (!one.ok || !other.ok) return false;
  const meaning = ({ value }: typeof one): string => JSON.stringify([value.candidates[0]?.number, value.closure, value.clearance]);
  return meaning(one) === meaning(other);
};

/** A field as it is read: its texts, whether the first is sure, and when a text says what is printed. */
interface Read {
  readonly field: string;
  readonly texts: readonly string[];
  readonly isSure: boolean;
  readonly isSame: (text: string, printed: string) => boolean;
}

/** The two figures of a plate's capacitor, each in its own field. */
function capacitorReads(texts: readonly string[], isSure: boolean): Read[] {
  const part = (pattern: RegExp): string[] => [...new Set(texts.flatMap((text) => pattern.exec(text)?.[1] ?? []))];
  return [
    { field: "capacitor_uf", texts: part(/^([\d.]+) µF/), isSure, isSame: isSameText },
    { field: "capacitor_v", texts: part(/µF (\d+) V/), isSure, isSame: isSameText },
  ];
}

const PLATE_NAMES: Readonly<Record<string, string>> = { volts: "volts", hertz: "hz", amps: "amps", rpm: "rpm" };
const LABEL_NAMES: Readonly<Record<string, string>> = { capacitance: "capacitance", tolerance: "tolerance_pct", volts: "volts" };

function readsOf(asked: string, lines: readonly ReadLine[], outputs: ReferenceCase["outputs"]): Read[] {
  if (asked === "bearing")
    return readStamp([lines]).map(({ candidates, isSure }) => ({
      field: "designation",
      texts: candidates.map(({ text }) => text),
      isSure,
      isSame: isSameBearing,
    }));
  if (asked === "capacitor")
    return readCapacitorLabel([lines]).map(({ field, candidates, isSure }) => ({
      field: LABEL_NAMES[field] ?? field,
      texts: candidates.map(({ text }) => text),
      isSure,
      isSame: isSameText,
    }));
  const powerName = outputs.hp === undefined ? "kw" : "hp";
  return readPlate([lines]).flatMap(({ field, candidates, isSure }) => {
    const texts = candidates.map(({ text }) => text);
    if (field === "capacitor") return capacitorReads(texts, isSure);
    const unit = field === "power" ? ` ${powerName}` : "";
    return [
      {
        field: field === "power" ? powerName : (PLATE_NAMES[field] ?? field),
        texts,
        isSure,
        isSame: (text: string, printed: string) => isSamePlate(field, text, printed + unit),
      },
    ];
  });
}

type Reader = Awaited<ReturnType<typeof createWorker>>;
const DATA = "node_modules/@tesseract.js-data/eng/4.0.0_best_int";
const startReader = (): Promise<Reader> => createWorker("eng", OEM.LSTM_ONLY, { langPath: DATA, cacheMethod: "none" });
const textOf = async (reader: Reader, picture: Image): Promise<string> =>
  (await reader.recognize(Buffer.from(encodePng(picture)), {}, { text: true })).data.text.trim();

async function judge(folder: string, reference: ReferenceCase, reader: Reader): Promise<Judged[]> {
  const { file, asked } = reference.inputs as { file: string; asked: string };
  const bytes = readFileSync(join(folder, file));
  const picture = decode(bytes);
  await reader.setParameters({ tessedit_pageseg_mode: PSM.AUTO });
  const raw = (await reader.recognize(bytes, {}, { text: true })).data.text;
  await reader.setParameters({ tessedit_pageseg_mode: PSM.SINGLE_LINE, user_defined_dpi: "150" });
  const ready = makeReady(picture.grey(), findPlate(picture).corners);
  const lines = await readLines(ready, (line) => textOf(reader, line));
  return readsOf(asked, lines, reference.outputs).map(({ field, texts, isSure, isSame }) => {
    const printed = reference.outputs[field];
    const expected = printed === undefined ? null : String(printed);
    const isRight = (text: string | undefined): boolean => text !== undefined && expected !== null && isSame(text, expected);
    return {
      field,
      expected,
      got: texts,
      isFirst: isRight(texts[0]),
      isTop3: texts.slice(0, 3).some(isRight),
      isSure,
      isInRawText: expected !== null && new RegExp(`(?<![\\d.])${expected.replace(/[.*+?^${}()|[\]\\/]/g, "\\$&")}(?![\\d.])`).test(raw),
    };
  });
}

const isWrongAndSure = ({ expected, isFirst, isSure }: Judged): boolean => isSure && (expected === null || !isFirst);
const isMissed = (grade: string, one: Judged): boolean =>
  isWrongAndSure(one) || (one.expected !== null && !(grade === "heavy" ? one.isTop3 : one.isFirst));

/** How many of each grade came out right. */
interface Row {
  fields: number;
  raw: number;
  first: number;
  top3: number;
  sure: number;
  wrongAndSure: number;
}

/**
 * Reads every picture of a set. Single fields may be missed: a grade fails where it misses its goal.
 * @returns lines to print, and how many cases passed; a grade below its goal counts as one failure more
 */
export async function checkPhotos(
  path: string,
  file: CaseFile,
): Promise<{ readonly lines: readonly string[]; readonly passed: number; readonly failed: number }> {
  const reader = await startReader();
  const rows = new Map<string, Row>();
  const lines: string[] = [];
  let passed = 0;
  let failed = 0;
  for (const reference of file.cases) {
    const group = (reference as { group?: string }).group ?? "";
    const grade = group.split("/").at(-1) ?? "";
    const row = rows.get(grade) ?? { fields: 0, raw: 0, first: 0, top3: 0, sure: 0, wrongAndSure: 0 };
    rows.set(grade, row);
    const misses: Miss[] = [];
    try {
      for (const one of await judge(dirname(path), reference, reader)) {
        if (isWrongAndSure(one)) row.wrongAndSure += 1;
        if (isMissed(grade, one))
          misses.push({ field: one.field, expected: one.expected, got: [one.isSure ? "sure" : "unsure", ...one.got] });
        if (one.expected === null) continue;
        row.fields += 1;
        row.raw += Number(one.isInRawText);
        row.first += Number(one.isFirst);
        row.top3 += Number(one.isTop3);
        row.sure += Number(one.isSure);
      }
    } catch (error) {
      misses.push({ field: "picture", expected: "read", got: error instanceof Error ? error.message : String(error) });
    }
    for (const miss of misses)
      lines.push(`${reference.id}  ${group} ${miss.field}: expected ${JSON.stringify(miss.expected)}, got ${JSON.stringify(miss.got)}`);
    if (misses.length === 0) passed += 1;
    else failed += 1;
  }
  await reader.terminate();
  for (const [grade, row] of rows) {
    const part = (count: number): string => `${((100 * count) / Math.max(1, row.fields)).toFixed(1)} %`;
    const goal = GOALS[grade as keyof typeof GOALS] as { first?: number; top3?: number } | undefined;
    const isBelow =
      row.first < (goal?.first ?? 0) * row.fields ||
      row.top3 < (goal?.top3 ?? 0) * row.fields ||
      row.wrongAndSure > MOST_SURE_AND_WRONG * row.fields;
    if (isBelow) failed += 1;
    lines.push(
      `${grade}  ${row.fields} fields: raw text ${part(row.raw)}, first ${part(row.first)}, first three ${part(row.top3)}, sure ${part(row.sure)}, sure and wrong ${row.wrongAndSure}${isBelow ? "  below its goal" : ""}`,
    );
  }
  return { lines, passed, failed };
}
