import type { CapacitorLabel, LabelSection } from "./says";
import type { Tolerance } from "./tolerance";

/** Parts of a label that a person may correct one by one. Ids are persisted: do not change without a migration. */
export const LABEL_PARTS = ["capacitance", "tolerance", "volts", "hertz", "temperature", "protection", "mark"] as const;
export type LabelPart = (typeof LABEL_PARTS)[number];

const number = (value: number): string => String(Number(value.toPrecision(12)));

function printTolerance({ lowPercent, highPercent }: Tolerance): string {
  return lowPercent === -highPercent ? `±${number(highPercent)} %` : `−${number(Math.abs(lowPercent))} +${number(highPercent)} %`;
}

/** Tolerance of a section of its own, back from its limits. */
function ownTolerance({ nominalUf, lowUf, highUf }: LabelSection): string {
  if (nominalUf === null || lowUf === null || highUf === null) return "";
  const percent = (limitUf: number): number => Number((100 * (limitUf / nominalUf - 1)).toPrecision(8));
  return printTolerance({ lowPercent: percent(lowUf), highPercent: percent(highUf) });
}

function printSections({ sections, tolerance }: CapacitorLabel): string {
  // Sections that differ carry their tolerances with them.
  if (tolerance === null && sections.length > 1 && sections.every(({ lowUf }) => lowUf !== null))
    return `${sections.map((section) => `${number(section.nominalUf ?? 0)} ${ownTolerance(section)}`).join(" + ")} µF`;
  const isNamed = sections.some(({ terminal }) => terminal !== null);
  const figures = sections.map((section) => {
    const figure = section.nominalUf === null ? `${number(section.lowUf ?? 0)}–${number(section.highUf ?? 0)}` : number(section.nominalUf);
    return section.terminal ? `${figure} ${section.terminal}` : figure;
  });
  return `${figures.join(isNamed ? " " : "+")} µF`;
}

const PRINTERS: { readonly [Part in LabelPart]: (label: CapacitorLabel) => string } = {
  capacitance: printSections,
  tolerance: ({ tolerance }) => (tolerance ? printTolerance(tolerance) : ""),
  volts: ({ ratedV }) => (ratedV === null ? "" : `${number(ratedV)} V`),
  hertz: ({ frequencyHz }) => (frequencyHz.length > 0 ? `${frequencyHz.join("/")} Hz` : ""),
  temperature: ({ temperature }) =>
    temperature === null
      ? ""
      : temperature.minC === null
        ? `${number(temperature.maxC)} °C`
        : `−${number(Math.abs(temperature.minC))}/+${number(temperature.maxC)} °C`,
  protection: ({ protection }) => protection ?? "",
  mark: ({ hasLineMark }) => (hasLineMark ? "●" : ""),
};

/**
 * Each part of a label as a label would print it; empty where it does not say.
 * @param label what the label says
 * @returns text of each part
 */
export function labelParts(label: CapacitorLabel): Record<LabelPart, string> {
  return Object.fromEntries(LABEL_PARTS.map((part) => [part, PRINTERS[part](label)])) as Record<LabelPart, string>;
}

/**
 * Prints a label in one canonical form; reading it again gives the same label.
 * @param label what the label says
 * @returns one line; reading it again gives the same label
 * @example printCapacitorLabel(35 µF, ±6 %, 440 V) -> "35 µF ±6 % 440 V"
 */
export function printCapacitorLabel(label: CapacitorLabel): string {
  return [...Object.values(labelParts(label)), ...label.notes].filter((part) => part !== "").join(" ");
}
