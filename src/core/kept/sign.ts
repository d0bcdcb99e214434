/**
 * A short sign of a text: its length and two 32-bit hashes, FNV-1a over its even and odd characters.
 * @param text whatever is to be told apart
 * @returns letters, digits and dashes; the same for the same text
 * @source Fowler, Noll, Vo: FNV hash, offset basis 2166136261, prime 16777619
 */
export function signOf(text: string): string {
  const hashes = [0x811c9dc5, 0x811c9dc5];
  for (let index = 0; index < text.length; index += 1) {
    const at = index & 1;
    hashes[at] = Math.imul((hashes[at] ?? 0) ^ text.charCodeAt(index), 0x01000193);
  }
  return `${text.length.toString(36)}-${hashes.map((hash) => (hash >>> 0).toString(36)).join("-")}`;
}
