import { isSimulated } from "@/core/job";
import { printedAs } from "@/core/stations/plate";
import type { Part } from "@/records";
import type { KeptCard } from "@/store/kept-card";
import { dayOf, dayWords, visitDayOf } from "../vocabulary/clock";
import { FATE_WORDS, PART_KIND_WORDS, PART_STATE_WORDS } from "../vocabulary/swap-words";
import type { LabelSaid } from "./label-square";

/** The label of a line of the shelf. */
export const labelOfPart = (part: Part): LabelSaid => ({
  id: part.id,
  heading: part.state === "new" ? PART_KIND_WORDS[part.kind].one : PART_STATE_WORDS[part.state],
  lines: [
    part.maker && !part.label.startsWith(part.maker) ? `${part.maker} ${part.label}` : part.label,
    part.tested ? `${dayWords(dayOf(new Date(part.tested.at)))}${part.tested.donor ? `, from ${part.tested.donor}` : ""}` : "",
    ...(part.tested?.readings.slice(0, 1).map(({ what, said }) => `${what}: ${said}`) ?? []),
    part.note,
    part.place,
  ],
});

/** Labels of what came out on a card, with why; and the marks of its wires. */
export function labelsOfCard({ traveller, entries }: KeptCard): readonly LabelSaid[] {
  const where = [traveller.machine, traveller.site].filter(Boolean).join(", ");
  const day = dayWords(visitDayOf(traveller));
  const notMeasured = isSimulated(entries) ? ["Simulated, not measured"] : [];
  const identity = entries.plate ? printedAs(entries.plate.data) : "";
  const out = Object.entries(entries["out-in"]?.data.works ?? {}).flatMap(([work, { out: part }]) =>
    part.fate === null
      ? []
      : [
          {
            id: traveller.id,
            heading: part.fate === "scrap" ? "Scrap, no good" : FATE_WORDS[part.fate],
            lines: [
              work === "replace-motor" && identity !== "" ? identity : part.label,
              part.why.trim() || part.reading,
              where,
              ...notMeasured,
            ],
            day,
          },
        ],
  );
  const wires = (entries["take-apart"]?.data.wires ?? []).map(({ mark, post }) => ({
    id: traveller.id,
    heading: mark,
    lines: [post ? `to ${post}` : "", where],
  }));
  return [...out, ...wires];
}
