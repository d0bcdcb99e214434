import { fail, ok, type Failure, type Result } from "../result";
import { OVERLOAD_WORDS } from "./functions";

/** What can be named in a line. */
const GROUPS = ["value", "unit", "function", "any"] as const;
export type LineGroup = (typeof GROUPS)[number];

/** What stands in a line, by name; what is not named is not there. */
export type LineParts = Readonly<Partial<Record<Exclude<LineGroup, "any">, string>>>;

/** A way a line is built, ready to read lines. */
export interface LineTemplate {
  readonly text: string;
  readonly names: readonly LineGroup[];
  readonly pattern: RegExp;
}

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\/-]/g, "\\$&");
const NUMBER = String.raw`[+-]?\s?(?:\d{1,20}(?:[.,]\d{0,20})?|[.,]\d{1,20})(?:[eE][+-]?\d{1,3})?`;

function patternOf(group: LineGroup, next: string, overload: readonly string[]): string {
  switch (group) {
    case "value": {
      const words = [...OVERLOAD_WORDS, ...overload].sort((a, b) => b.length - a.length).map(escaped);
      return `(?<value>${NUMBER}|[+-]?(?:${words.join("|")}))`;
    }
    case "unit":
      // A figure over the range often stands without its unit.
      return String.raw`(?<unit>[^\s\d,;:"'+.-]{1,12})?`;
    case "function":
      return `(?<function>[A-Za-z~=][A-Za-z0-9:~=_-]{0,19})`;
    case "any":
      // Up to the sign that comes next: whatever stands there is gone over once.
      return next === "" ? ".*" : next.trim() === "" ? String.raw`\S*` : `[^${escaped(next)}]*`;
  }
}

const named = (piece: string | undefined): string | undefined => /^<([^<>]*)>$/.exec(piece ?? "")?.[1];
const isWord = (group: string | undefined): boolean => group === "unit" || group === "function";

/**
 * Makes a way a line is built ready to read: `<value>`, `<unit>`, `<function>` and `<any>` stand for what changes, everything
 * else for itself, and a gap for any gap or none.
 * @param text as a person writes it, such as `<function>,<value> <unit>`
 * @param overload words for over the range, beside the usual ones
 * @errors 'profile-unknown-group', 'profile-group-twice', 'profile-groups-touch'
 */
export function toTemplate(text: string, overload: readonly string[] = []): Result<LineTemplate, Failure> {
  const pieces = text.trim().split(/(<[^<>]*>)/);
  const names: LineGroup[] = [];
  let pattern = "";
  let isAfterGroup = false;
  for (const [index, piece] of pieces.entries()) {
    const name = named(piece);
    if (name === undefined) {
      if (piece === "") continue;
      // Two words need a gap between them; every other gap may be wider, or not there at all.
      const isBetweenWords = piece.trim() === "" && isWord(names.at(-1)) && isWord(named(pieces[index + 1]));
      pattern += isBetweenWords
        ? String.raw`\s+`
        : piece
            .split(/\s+/)
            .map(escaped)
            .join(String.raw`\s*`);
      isAfterGroup = false;
      continue;
    }
    const group = GROUPS.find((each) => each === name);
    if (group === undefined) return fail({ code: "profile-unknown-group", group: name });
    if (group !== "any" && names.includes(group)) return fail({ code: "profile-group-twice", group });
    const last = names.at(-1);
    if (isAfterGroup && (group === "any" || last === "any" || last === "function")) return fail({ code: "profile-groups-touch" });
    names.push(group);
    const behind = pieces[index + 1] ?? "";
    const next = behind.trim().charAt(0) || behind.charAt(0);
    if (group === "any" && next === "" && index < pieces.length - 2) return fail({ code: "profile-groups-touch" });
    pattern += String.raw`\s*` + patternOf(group, next, overload);
    isAfterGroup = true;
  }
  return ok({ text, names, pattern: new RegExp(String.raw`^\s*${pattern}\s*$`) });
}

/** Longer lines are none of a meter. */
export const LONGEST_LINE = 200;

/**
 * What stands in a line, by the first way of building it that fits.
 * @param templates in the order they are tried
 * @param line without its end
 * @returns null: none fits
 */
export function partsOf(templates: readonly LineTemplate[], line: string): LineParts | null {
  if (line.length > LONGEST_LINE) return null;
  for (const { pattern } of templates) {
    const match = pattern.exec(line);
    if (match) return Object.fromEntries(Object.entries(match.groups ?? {}).filter(([, part]) => part !== undefined));
  }
  return null;
}
