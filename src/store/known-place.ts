import { database } from "./database";

/** A machine and its site, as an earlier card has them; the machine is empty where the sentence names the site alone. */
export interface KnownPlace {
  readonly machine: string;
  readonly site: string;
}

/** Names shorter than this are found in too many sentences. */
const LEAST_LETTERS = 5;
/** Motors that are looked through. */
const MOST_MOTORS = 5000;

const plain = (text: string): string =>
  ` ${text
    .toLowerCase()
    .replace(/[^\p{L}\d]+/gu, " ")
    .trim()} `;
const hasName = (said: string, name: string): boolean => name.trim().length >= LEAST_LETTERS && said.includes(name);

/**
 * The site of an earlier card that a sentence names, with its machine where that is named too. Two that fit say nothing.
 * @param said in the person's own words
 * @returns null: no site of this device is named, or several are
 */
export async function knownPlace(said: string): Promise<KnownPlace | null> {
  const text = plain(said);
  if (text.trim().length < LEAST_LETTERS) return null;
  const motors = await database().summaries.orderBy("[motor+createdAt]").limit(MOST_MOTORS).uniqueKeys();
  const keys = new Set(motors.map((key) => String((key as unknown as readonly unknown[])[0] ?? "")));
  const named = [...keys].flatMap((key) => {
    const [machine = "", site = ""] = key.split("\n");
    return hasName(text, plain(site)) ? [{ key, hasMachine: hasName(text, plain(machine)), site }] : [];
  });
  const [best, ...others] = named.some(({ hasMachine }) => hasMachine) ? named.filter(({ hasMachine }) => hasMachine) : named;
  if (!best || others.some(({ site }) => site !== best.site) || (best.hasMachine && others.length > 0)) return null;
  const card = await database().summaries.where("[motor+createdAt]").between([best.key, ""], [best.key, "\uffff"]).last();
  return card ? { machine: best.hasMachine ? card.machine : "", site: card.site } : null;
}
