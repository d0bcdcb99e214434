import { isLoose } from "@/core/kept";

/** What stands at a place of a value; undefined where the way there ends. */
export const valueAt = (value: unknown, path: readonly unknown[]): unknown =>
  path.reduce(
    (inner, key) => (Array.isArray(inner) ? (inner as unknown[])[Number(key)] : isLoose(inner) ? inner[String(key)] : undefined),
    value,
  );

/** The value with another one at a place; what lies around it is copied, what is missing on the way is made. */
export function withValueAt(value: unknown, path: readonly unknown[], put: unknown): unknown {
  const [key, ...rest] = path;
  if (key === undefined) return put;
  if (Array.isArray(value)) return value.map((each: unknown, index) => (index === key ? withValueAt(each, rest, put) : each));
  const own = isLoose(value) ? value : {};
  return { ...own, [String(key)]: withValueAt(own[String(key)], rest, put) };
}
