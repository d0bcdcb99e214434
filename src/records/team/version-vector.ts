import * as v from "valibot";

/*
 * How often each device has changed a record. Of two versions one comes after the other where no device has changed it less
 * often; otherwise both were changed without knowing of one another. Parker et al., Detection of Mutual Inconsistency in
 * Distributed Systems (1983).
 */

const DeviceIdSchema = v.pipe(v.string(), v.regex(/^[a-z0-9]{4,16}$/, "4 to 16 small letters and digits"));
const MOST_DEVICES = 200;

/** Changes of a record by device: `{ k3x9: 4, mm02: 1 }`; a device that never changed it is not named. */
export const VersionVectorSchema = v.pipe(
  v.record(DeviceIdSchema, v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(Number.MAX_SAFE_INTEGER))),
  v.check((vector) => Object.keys(vector).length <= MOST_DEVICES, "too many devices"),
);
export type VersionVector = Readonly<Record<string, number>>;

export const isDeviceId = (text: string): boolean => v.is(DeviceIdSchema, text);

const hasAll = (a: VersionVector, b: VersionVector): boolean => Object.entries(b).every(([device, count]) => (a[device] ?? 0) >= count);

/** How one version stands to another: `newer`: it knows all the other knows, and more; `both`: each has changes the other has not. */
export function compareVersions(one: VersionVector, other: VersionVector): "same" | "newer" | "older" | "both" {
  const [isAhead, isBehind] = [hasAll(one, other), hasAll(other, one)];
  if (isAhead) return isBehind ? "same" : "newer";
  return isBehind ? "older" : "both";
}

/** A version that comes after both. */
export function joinVersions(one: VersionVector, other: VersionVector): VersionVector {
  const devices = [...new Set([...Object.keys(one), ...Object.keys(other)])].sort();
  return Object.fromEntries(devices.map((device) => [device, Math.max(one[device] ?? 0, other[device] ?? 0)]));
}

/** The version after one more change by a device. */
export const nextVersion = (vector: VersionVector, device: string): VersionVector => ({ ...vector, [device]: (vector[device] ?? 0) + 1 });
