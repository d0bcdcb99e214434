const NAME = new Intl.DateTimeFormat("en-GB", { month: "long", year: "numeric", timeZone: "UTC" });

/** A month of the calendar, `YYYY-MM`. */
export interface Month {
  readonly id: string;
  readonly name: string;
  readonly before: string;
  readonly after: string;
  /** its first moment and that of the next one, in the device's own zone, ISO 8601 */
  readonly from: string;
  readonly to: string;
}

const idOf = (year: number, month: number): string => `${String(year).padStart(4, "0")}-${String(month + 1).padStart(2, "0")}`;
const step = (year: number, month: number, by: number): string => {
  const moved = year * 12 + month + by;
  return idOf(Math.floor(moved / 12), ((moved % 12) + 12) % 12);
};

/**
 * A month by its name in an address; anything else is the present one.
 * @param id `YYYY-MM`
 * @param now the present
 */
export function monthOf(id: string | null, now: Date): Month {
  const parts = /^(19[7-9]\d|2[01]\d\d)-(0[1-9]|1[0-2])$/.exec(id ?? "");
  const [year, month] = parts ? [Number(parts[1]), Number(parts[2]) - 1] : [now.getFullYear(), now.getMonth()];
  return {
    id: idOf(year, month),
    name: NAME.format(new Date(Date.UTC(year, month, 1))),
    before: step(year, month, -1),
    after: step(year, month, 1),
    from: new Date(year, month, 1).toISOString(),
    to: new Date(year, month + 1, 1).toISOString(),
  };
}
