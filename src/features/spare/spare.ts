import { fittedNumber } from "@/core/bearing";
import { printCapacitorLabel } from "@/core/capacitor";
import { isSimulated } from "@/core/job";
import { readSheet } from "@/core/match";
import type { HouseFigures } from "@/core/house";
import { NO_STUDY, type Study } from "@/core/study";
import { figureOf } from "@/core/quantity";
import { sheetOfCard, spareState, speakOf, type Spare, type TravellerAssessment } from "@/core/traveller";
import type { ElementClass } from "@/core/winding";
import type { PartWindings } from "@/records";
import { fitText } from "@/core/kept";
import { assessCard, type KeptCard } from "@/store/kept-card";
import type { NewPart } from "@/store/parts";
import { motorLine } from "../match/sheet-words";
import { STATION_LABELS } from "../stations/labels";
import { statementsAt } from "../stations/registry";

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
  const sheet = spare === "motor" ? sheetOfCard(entries) : null;
  const label =
    sheet !== null
      ? [[entries.plate?.data.model.trim() ?? "", motorLine(readSheet(sheet).spec)].filter(Boolean).join(" "), traveller.machine].find(
          (words) => words.trim() !== "",
        )
      : spare === "capacitor"
        ? facts.fittedCapacitor && printCapacitorLabel(facts.fittedCapacitor)
        : Object.values(facts.bearings).map(fittedNumber)[0];
  if (!label) return null;
  const read = speakOf(spare).filter(
    (id) => entries[id] !== undefined && !isSimulated(entries[id]) && stations[id].stamp !== "not-done" && stations[id].stamp !== "skipped",
  );
  return {
    kind: spare,
    label: fitText(label, "printed"),
    place: "Shelf",
    sheet,
    windings: spare === "motor" && !isSimulated(entries.windings) ? windingsOf(card, assessment) : null,
    state: spareState(spare, stations, entries),
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
