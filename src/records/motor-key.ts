import type { Traveller } from "./traveller";

/** A machine at a site is one motor, however it is spelled; a card without either is alone (null). */
export const motorKey = ({ machine, site }: Pick<Traveller, "machine" | "site">): string | null => {
  const [m, s] = [machine, site].map((text) => text.trim().toLowerCase().replace(/\s+/g, " "));
  return m && s ? `${m}\n${s}` : null;
};
