import type { Placed } from "./tokens";

/** A capacitance that the label gives to a terminal by its name. */
export interface NamedFigure {
  readonly uf: string;
  readonly terminal: string;
}

/** Sections by name, with the tokens that they are made of. */
export interface NamedFigures {
  readonly sections: readonly NamedFigure[];
  readonly tokens: ReadonlySet<Placed>;
}

type Pair = NamedFigure & { readonly tokens: readonly Placed[] };

/** One name a terminal, however it is spelled. */
const TERMINALS: Readonly<Record<string, string>> = {
  herm: "HERM",
  hermetic: "HERM",
  compressor: "HERM",
  comp: "HERM",
  h: "HERM",
  fan: "FAN",
  f: "FAN",
};

const terminalOf = (token: Placed | undefined): string | undefined => (token?.tag === "word" ? TERMINALS[token.text] : undefined);
const isUf = (token: Placed | undefined): boolean => token?.tag === "unit" && token.of === "uf";
const isVolts = (token: Placed | undefined): boolean => token?.tag === "unit" && token.of === "v";
const isBracket = (token: Placed | undefined): boolean => token?.tag === "break" && /^[()]+$/.test(token.text);

/** Pairs of a figure and a name in one of the two orders. */
function pairs(tokens: readonly Placed[], isNameFirst: boolean): Pair[] {
  return tokens.flatMap((token, index) => {
    if (token.tag !== "figures" || token.values.length !== 1) return [];
    const behind = tokens.slice(index + 1).filter((each) => !isBracket(each));
    const before = tokens.slice(0, index).filter((each) => each.tag !== "sign" && !isBracket(each));
    if (isVolts(behind[0])) return [];
    const name = isNameFirst ? before.at(-1) : behind[isUf(behind[0]) ? 1 : 0];
    const terminal = terminalOf(name);
    return !name || terminal === undefined ? [] : [{ uf: token.values[0] ?? "", terminal, tokens: [token, name] }];
  });
}

const areApart = (found: readonly Pair[]): boolean =>
  found.length > 1 && new Set(found.map(({ terminal }) => terminal)).size === found.length;

/**
 * `C 45 HERM 5 FAN µF` or `HERM 45 FAN 5 µF`: figures and terminal names in turn, whichever comes first.
 * @param tokens of the label
 * @returns the sections in their order; null where names do not go with figures
 */
export function namedFigures(tokens: readonly Placed[]): NamedFigures | null {
  const [names, figures] = [pairs(tokens, true), pairs(tokens, false)];
  const [most, least] = names.length > figures.length ? [names, figures] : [figures, names];
  const found = [most, least].find(areApart);
  return found ? { sections: found, tokens: new Set(found.flatMap((pair) => pair.tokens)) } : null;
}
