import { fail, ok, type Failure, type Result } from "../result";

/* A plate names up to three currents: full load, with the service factor, and with the rotor held. */
type Current = "full-load" | "service" | "locked";

const NAMES: readonly { readonly of: Current; readonly name: string }[] = [
  {
    of: "locked",
    name: String.raw`l\.?\s?r\.?\s?a\b\.?|locked(?:[- ]rotor)?(?:\s*(?:amps?|current|a))?\b|start(?:ing)?[- ](?:amps?|current)\b`,
  },
  { of: "service", name: String.raw`s\.?\s?f\.?\s?a\b\.?(?:mps\b)?|(?:service[- ]factor|s\.?\s?f\.?)\s*(?:amps?|current)\b` },
  {
    of: "full-load",
    name: String.raw`[fr]\.?\s?l\.?\s?a(?:mps?)?\b\.?|(?:full|rated)[- ]?load(?:\s*(?:amps?|current|a))?\b|rated\b|amps\b|amp\b(?=\s*[:=]?\s*\d)|(?:i[nN]?|a)\s*[:=]?\s*(?=[\d.])`,
  },
];
const ANY = new RegExp(NAMES.map(({ name }) => `(?<![a-z])(${name})`).join("|"), "gi");

type Part = { readonly name: Current } | { readonly figures: string };

/** Names and figures of the field in their order. */
function partsOf(text: string): readonly Part[] {
  const parts: Part[] = [];
  let from = 0;
  const figures = (piece: string): void => {
    const own = piece.replace(/^[\s,;:=/()]+|[\s,;:=/()]+$/g, "");
    if (own !== "") parts.push({ figures: own });
  };
  for (const match of text.matchAll(ANY)) {
    figures(text.slice(from, match.index));
    const row = NAMES[match.slice(1).findIndex((group) => group !== undefined)];
    if (row) parts.push({ name: row.of });
    from = match.index + match[0].length;
  }
  figures(text.slice(from));
  return parts;
}

type Named = { readonly of: Current; readonly figures: string };

/** Every name takes the figures behind it, or those before it. */
function given(parts: readonly Part[], step: 1 | -1): readonly Named[] | null {
  const left = new Map(parts.flatMap((part, index) => ("figures" in part ? [[index, part.figures] as const] : [])));
  const named: Named[] = [];
  for (const [index, part] of parts.entries()) {
    if (!("name" in part)) continue;
    const figures = left.get(index + step);
    if (figures === undefined) return null;
    left.delete(index + step);
    named.push({ of: part.name, figures });
  }
  // What no name took is what the field is for.
  return [...named, ...[...left.values()].map((figures) => ({ of: "full-load" as const, figures }))];
}

const leastOf = (figures: string): number =>
  Math.min(...[...figures.replace(/(\d),(?=\d)/g, "$1.").matchAll(/\d*\.?\d+/g)].map(([text]) => Number(text)));

/** Full load draws the least of the three. */
function isInOrder(named: readonly Named[]): boolean {
  const least = (of: Current): number[] => named.flatMap((each) => (each.of === of ? [leastOf(each.figures)] : []));
  const most = Math.max(0, ...least("full-load"));
  return [...least("service"), ...least("locked")].every((amps) => amps >= most);
}

/**
 * The full-load amps of a field that may also name those with the service factor or with the rotor held, before or behind
 * their figures.
 * @param text the field as stamped
 * @returns the text of the full-load figures alone
 * @errors 'plate-locked-amps', 'plate-service-amps' where the field holds no other current
 * @example fullLoadText("13.5 RLA 72 LRA") -> "13.5"
 */
export function fullLoadText(text: string): Result<string, Failure> {
  const parts = partsOf(text);
  if (!parts.some((part) => "name" in part)) return ok(text);
  const ways = ([1, -1] as const).flatMap((step) => {
    const named = given(parts, step);
    return named ? [named] : [];
  });
  const named = ways.find((way) => way.some(({ of }) => of === "full-load") && isInOrder(way)) ?? ways[0];
  const own = (named ?? []).flatMap(({ of, figures }) => (of === "full-load" ? [figures] : []));
  if (own.length > 0) return ok(own.join(" / "));
  const isLocked = parts.some((part) => "name" in part && part.name === "locked");
  const isService = parts.some((part) => "name" in part && part.name === "service");
  return isLocked || isService ? fail({ code: isLocked ? "plate-locked-amps" : "plate-service-amps", text }) : ok(text);
}
