import { MOST_RANGES, type MeterRange } from "@/core/quantity";

/** A row as the data sheet prints it: `10: 1% + 3 x 0.01`. */
const ROW = /^\s*([\d.]+)\s*([kMG]?)\s*:\s*([\d.]+)\s*%\s*\+\s*(\d+)\s*[x×]\s*([\d.]+)\s*([kMG]?)\s*$/;
const PREFIX: Record<string, number> = { "": 1, k: 1e3, M: 1e6, G: 1e9 };

/** Writes a range as it can be read again. */
export function writeRow({ upTo, percent, digits, resolution }: MeterRange): string {
  const scale = upTo >= 1e6 ? "M" : upTo >= 1e4 ? "k" : "";
  const by = PREFIX[scale] ?? 1;
  return `${Number((upTo / by).toPrecision(6))}${scale}: ${percent}% + ${digits} x ${Number((resolution / by).toPrecision(6))}${scale}`;
}

/** Reads the rows of one quantity, or says which row cannot be read. */
export function readRows(text: string): { readonly ranges: MeterRange[] } | { readonly problem: string } {
  const ranges: MeterRange[] = [];
  for (const line of text.split(";").filter((part) => part.trim() !== "")) {
    const match = ROW.exec(line);
    if (!match)
      return {
        problem: `“${line.trim()}” cannot be read. Type each range as  top: percent% + digits x worth,  for example  10: 1% + 3 x 0.01`,
      };
    const [, upTo, upToScale = "", percent, digits, worth, worthScale = ""] = match;
    const range = {
      upTo: Number(upTo) * (PREFIX[upToScale] ?? 1),
      percent: Number(percent),
      digits: Number(digits),
      resolution: Number(worth) * (PREFIX[worthScale] ?? 1),
    };
    if (
      !Object.values(range).every(Number.isFinite) ||
      range.percent > 50 ||
      range.upTo <= 0 ||
      range.upTo > 1e12 ||
      range.resolution > 1e12 ||
      range.digits > 1e6
    )
      return { problem: `“${line.trim()}” is not a range of a meter. Type percent up to 50 and a top above zero.` };
    ranges.push(range);
  }
  if (ranges.length > MOST_RANGES) return { problem: `A meter has up to ${MOST_RANGES} ranges here. Leave some out.` };
  return { ranges: ranges.sort((a, b) => a.upTo - b.upTo) };
}
