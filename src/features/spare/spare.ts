import { fittedNumber } from "@/core/bearing";
import { printCapacitorLabel } from "@/core/capacitor";
import { BLANK_SHEET, readSheet, type MotorSheet } from "@/core/match";
import type { HouseFigures } from "@/core/house";
import type { StationId } from "@/core/stations";
import { NO_STUDY, type Study } from "@/core/study";
import { figureOf } from "@/core/quantity";
import type { TravellerAssessment } from "@/core/traveller";
import type { ElementClass } from "@/core/winding";
import type { PartWindings } from "@/records";
import { fitText } from "@/core/kept";
import { assessCard, type KeptCard } from "@/store/kept-card";
import type { NewPart } from "@/store/parts";
import { motorLine } from "../match/sheet-words";
import { STATION_LABELS } from "../stations/labels";
import { statementsAt } from "../stations/registry";

/** Parts of a card that can lie on a shelf as spares. */
export const SPARES = ["motor", "capacitor", "bearing"] as const;
export type Spare = (typeof SPARES)[number];

/** Stations that speak of each, in the order a tester reads them. */
const SPEAK: Record<Spare, readonly StationId[]> = {
  motor: ["windings", "frame", "insulation", "start-gear", "hand-turn", "bearing", "run-test", "prove"],
  capacitor: ["capacitor"],
  bearing: ["hand-turn", "bearing"],
};
/** What condemns the whole: such a one is for parts. */
const CONDEMNS: Record<Spare, readonly StationId[]> = {
  motor: ["windings", "frame", "insulation", "hand-turn"],
  capacitor: ["capacitor"],
  bearing: ["hand-turn"],
};

/** What makes it a tested spare: of each group one station that holds. */
const TESTED_BY: Record<Spare, readonly (readonly StationId[])[]> = {
  motor: [["windings"], ["frame", "insulation"]],
  capacitor: [["capacitor"]],
  bearing: [["hand-turn"]],
};
/** What is wrong with it and can be mended: no tested spare, and not for parts either. */
const MENDED: Record<Spare, readonly StationId[]> = { motor: ["start-gear", "bearing"], capacitor: [], bearing: [] };

/** Plate and measures of the card's motor as one sheet. */
function sheetOf({ entries }: KeptCard): MotorSheet {
  const plate = entries.plate?.data;
  const old = entries["out-in"]?.data.old ?? BLANK_SHEET;
  const own = (field: "volts" | "hertz" | "power" | "amps" | "rpm" | "capacitor"): string => old[field] || (plate?.[field] ?? "");
  const type = old.type ?? plate?.motorType ?? null;
  return {
    ...old,
    type: type === "unknown" ? null : type,
    volts: own("volts"),
    hertz: own("hertz"),
    power: own("power"),
    amps: own("amps"),
    rpm: own("rpm"),
    capacitor: own("capacitor"),
    rotation: old.rotation ?? entries["out-in"]?.data.rotationBefore ?? null,
  };
}

/** Ohms of the windings as they were named; null: they were not. */
function windingsOf({ entries }: KeptCard, { stations }: TravellerAssessment): PartWindings | null {
  const { elements } = stations.windings.detail;
  const ohmsOf = (...classes: readonly ElementClass[]): number[] =>
    elements.flatMap(({ cls, isFaulty, ohm }) => (classes.includes(cls) && !isFaulty && ohm !== null && ohm > 0 ? [ohm] : []));
  const [mainOhm = null] = ohmsOf("main", "half", "coil");
  const [startOhm = null] = ohmsOf("aux");
  if (mainOhm === null && startOhm === null) return null;
  const temperature = entries.windings?.data.compare.temperature ?? null;
  return { mainOhm, startOhm, sectionsOhm: ohmsOf("section"), windingC: temperature && (figureOf(temperature)?.value ?? null) };
}

/** Names of the photos that show a part, the one that shows most of it first. */
export function photosOf(spare: Spare, { entries }: KeptCard): readonly string[] {
  const steps = (entries["take-apart"]?.data.steps ?? []).filter(({ part }) => spare === "motor" || part === spare);
  const board = spare === "motor" ? [entries.windings?.data.photo] : [];
  return [...board, ...steps.map(({ photo }) => photo)].filter((photo) => photo !== null && photo !== undefined);
}

/**
 * A part of a card as a line of the shelf: its plate or label, what each station read of it, when, and from which machine.
 * @param study who answers what takes long, as far as it is answered
 * @returns null: the card does not say what it is
 */
export function spareOf(spare: Spare, card: KeptCard, house: HouseFigures, study: Study = NO_STUDY): NewPart | null {
  const assessment = assessCard(card, house, study);
  const { traveller, entries } = card;
  const { stations, facts } = assessment;
  const sheet = spare === "motor" ? sheetOf(card) : null;
  const label =
    sheet !== null
      ? [[entries.plate?.data.model.trim() ?? "", motorLine(readSheet(sheet).spec)].filter(Boolean).join(" "), traveller.machine].find(
          (words) => words.trim() !== "",
        )
      : spare === "capacitor"
        ? facts.fittedCapacitor && printCapacitorLabel(facts.fittedCapacitor)
        : Object.values(facts.bearings).map(fittedNumber)[0];
  if (!label) return null;
  const read = SPEAK[spare].filter(
    (id) => entries[id] !== undefined && stations[id].stamp !== "not-done" && stations[id].stamp !== "skipped",
  );
  const isOut = (id: StationId): boolean => stations[id].stamp === "out";
  const isTested = TESTED_BY[spare].every((group) => group.some((id) => stations[id].stamp === "holds"));
  const state = CONDEMNS[spare].some(isOut) ? "for-parts" : MENDED[spare].some(isOut) ? "used" : isTested ? "tested" : "untested";
  return {
    kind: spare,
    label: fitText(label, "printed"),
    place: "Shelf",
    sheet,
    windings: spare === "motor" ? windingsOf(card, assessment) : null,
    state,
    tested: {
      at: traveller.finishedAt ?? traveller.updatedAt,
      cardId: traveller.id,
      donor: fitText([traveller.machine, traveller.site].filter(Boolean).join(", "), "printed"),
      readings: read.flatMap((id) => {
        // What is still being worked out is no reading.
        const told = statementsAt(id, entries[id]?.data, assessment, house).filter(({ kind }) => kind !== "working");
        const words = told.map(({ text }) => text).join(" ");
        return told.length === 0 ? [] : [{ what: STATION_LABELS[id].title, said: fitText(words, "note") }];
      }),
    },
  };
}
