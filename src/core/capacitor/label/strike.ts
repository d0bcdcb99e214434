/** Stands for what was recognised and taken out; each piece keeps its place, so that the order of the others stays. */
export const STRUCK = "\u0001";
/** Stands for a percentage: it may lie between a figure and its unit. */
export const PERCENT = "\u0002";

/** What was struck out, by the place where it began. */
export interface Struck {
  readonly at: number;
  readonly text: string;
}

/** Text of a label from which parts are struck out one after another, none of them twice. */
export class Strike {
  constructor(public text: string) {}

  /**
   * Strikes out every match, or the first alone.
   * @returns the matches, in their order
   */
  out(pattern: RegExp, fill: string = STRUCK, isFirstOnly = false): RegExpExecArray[] {
    const found: RegExpExecArray[] = [];
    for (const match of this.text.matchAll(new RegExp(pattern, "g"))) {
      if (match[0] === "" || (isFirstOnly && found.length > 0)) continue;
      found.push(match);
    }
    for (const match of found) this.blank(match.index, match[0].length, fill);
    return found;
  }

  /** Strikes out one stretch. */
  blank(at: number, length: number, fill: string = STRUCK): void {
    this.put(at, fill.repeat(length));
  }

  /** Writes over one stretch. */
  put(at: number, text: string): void {
    this.text = this.text.slice(0, at) + text + this.text.slice(at + text.length);
  }
}
