import { UF } from "./spelling";
import type { Strike } from "./strike";

/* What a label says beside its capacitance, volts and tolerance. */

const HZ = String.raw`(?:hz|c\/s|cycles?|cyc?|cps)(?![a-z])`;
/* A unit of microfarads behind it takes the figure, unless it has one of its own: HZ 50 uF 12. */
const HERTZ: readonly RegExp[] = [
  // Names before figures all through: uF 60 HZ 50.
  new RegExp(String.raw`(?<=(?<!\d\s*)${UF}[.:=\s]*(?:50|60)\s*)hz\s*[:=]?\s*(50|60)(?![\d.])`),
  new RegExp(String.raw`(?<![\d.])(?<!(?<!\d\s*)${UF}[.:=\s]*)(50|60)\s*(?:${HZ})?(?:\s*[/-]\s*|,|\s)(50|60)\s*${HZ}`),
  new RegExp(String.raw`(?<![\d.])(50|60)\s*${HZ}`),
  new RegExp(
    String.raw`(?<![a-z])hz\s*[:=]?\s*(50|60)(?:(?:\s*\/\s*|[,-])(50|60)(?![+/]))?(?![\d.])(?!\s*(?:${UF})[.:=\s]*(?![.:=\s]|\d{1,2}(?!\d)|\d{3}\s*(?:-|to)))`,
  ),
];

/** Every frequency on it is struck out; the first is the one. */
export function takeFrequency(rest: Strike): number[] {
  const found = HERTZ.flatMap((pattern) => rest.out(pattern));
  const [first] = found;
  return first ? [Number(first[1]), ...(first[2] ? [Number(first[2])] : [])] : [];
}

/** Air temperatures the part is made for; the lower one is often not printed. */
export interface TemperatureRange {
  readonly minC: number | null;
  readonly maxC: number;
}

const RANGE = /(?:(?<!\d)-|(?<!\d\s*)-\s)(\d{2})\s*(?:°\s*c?|c)?\s*(?:(?:\/|\.\.\.?|…|to|-|~)+\s*\+?|\s\+)\s*(\d{2,3})\s*°?\s*c(?![a-z])/;
const CATEGORY = /(?<!\d)-?(\d{2})\/(\d{2,3})\/(?:21|56|10|04)(?!\d)(?:\s*°?\s*c(?![a-z]))?/;
// A C that stands apart and goes before a figure is the sign of capacitance: VAC 125 C 400 µF.
const HIGHEST = /(?<![\d.])\+?(\d{2}|1[0-2]\d)(?:\s*°\s*c|c|\s*c(?!\s*[:=]?\s*\d))(?![a-z])(?!\s*\d+\s*(?:herm|fan))/;

/** A temperature range (`-40/+70 °C`), a climatic category (`40/085/21`: −40 to 85 °C, 21 days damp), or a highest temperature. */
export function takeTemperature(rest: Strike): TemperatureRange | null {
  // All are struck out, or a slash of the second would be read as a dual.
  const [low] = [...rest.out(RANGE), ...rest.out(CATEGORY)];
  const [highest] = rest.out(HIGHEST);
  if (low) return { minC: -Number(low[1]), maxC: Number(low[2]) };
  return highest ? { minC: null, maxC: Number(highest[1]) } : null;
}

/** What happens inside when the part fails: P0–P2 (older) or S0–S3, IEC 60252-1. */
export function takeProtection(rest: Strike): string | null {
  return rest.out(/(?<![a-z\d])(p[0-2]|s[0-3])(?![a-z\d])/)[0]?.[1]?.toUpperCase() ?? null;
}

/** A dot, arrow or dash on the terminal that belongs to the line (run) side. */
export function takeLineMark(rest: Strike): boolean {
  return rest.out(/(?<![a-z])(?:line\s?mark|marked|red\s?dot|dot|arrow|dash)(?![a-z])|[●•►▶→]/).length > 0;
}
