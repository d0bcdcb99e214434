import type { KnownVersion } from "./team-section";
import { nextVersion } from "./version-vector";

/**
 * Versions of what was changed here since they were last noted: a record with another `updatedAt` than its version was, one
 * that has no version yet, and one that is gone.
 * @param present `updatedAt` of every record that is here, by `type/id`
 * @param device id of this device
 * @param now for what is gone, ISO 8601
 * @returns the versions that are other than before
 */
export function noteChanges(
  known: ReadonlyMap<string, KnownVersion>,
  present: ReadonlyMap<string, string>,
  device: string,
  now: string,
): KnownVersion[] {
  const noted: KnownVersion[] = [];
  for (const [key, at] of present) {
    const was = known.get(key);
    if (was === undefined || was.isGone || was.at !== at) noted.push({ key, of: nextVersion(was?.of ?? {}, device), at, isGone: false });
  }
  for (const was of known.values())
    if (!was.isGone && !present.has(was.key)) noted.push({ key: was.key, of: nextVersion(was.of, device), at: now, isGone: true });
  return noted;
}
