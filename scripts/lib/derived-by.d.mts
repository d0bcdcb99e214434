/** Every source that is reached from where a line of a list is made, by path from the root, in order. */
export function sourcesOfLines(): readonly string[];
/** One short text for one state of what runs of them. */
export function derivedByState(): string;
