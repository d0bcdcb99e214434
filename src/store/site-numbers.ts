/**
 * Numbers sites in the order in which they are met, however they are spelled; what has none stays without.
 * @returns a function from a site's name to its number
 */
export function createSiteNumbers(): (site: string) => string {
  const numbers = new Map<string, string>();
  return (site) => {
    const key = site.trim().toLowerCase().replace(/\s+/g, " ");
    if (key === "") return "";
    const number = numbers.get(key) ?? `Site ${numbers.size + 1}`;
    numbers.set(key, number);
    return number;
  };
}
