/** What a plate carries beside its figures. */
export interface OrderedBy {
  readonly maker: string;
  readonly model: string;
  readonly partNumber: string;
  readonly serial: string;
}

/**
 * What a motor is ordered by, in one line as printed.
 * @param record the plate
 * @returns maker, model, part and serial number; empty where nothing of it is kept
 */
export function printedAs({ maker, model, partNumber, serial }: OrderedBy): string {
  const named = (name: string, text: string): string => (text.trim() === "" ? "" : `${name} ${text.trim()}`);
  const head = [maker.trim(), model.trim()].filter(Boolean).join(" ");
  return [head, named("part no.", partNumber), named("serial no.", serial)].filter(Boolean).join(", ");
}
