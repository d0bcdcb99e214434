"use client";
import { BLANK_SHEET, readSheet, sisterhood, type AlikeLine, type Sisterhood, type SisterPlate } from "@/core/match";
import { formatQuantity } from "@/core/quantity";
import type { WindingsRecord } from "@/core/stations/windings";
import { testedWords } from "@/features/vocabulary/tested-words";
import type { Part, PartWindings } from "@/records";
import { useParts } from "@/store/parts";
import type { WindingsProps } from "./props";

const RANK = { alike: 0, unsure: 1, other: 2 } as const;
const LINE_WORDS: Record<AlikeLine, string> = { volts: "volts", power: "power", speed: "speed" };

const sisterWords = ({ kind, unknown }: Sisterhood): string =>
  kind === "alike" ? "Same volts, power and speed" : `Not known whether it is one: ${unknown.map((line) => LINE_WORDS[line]).join(", ")}`;

const ohms = (value: number | null): string => (value === null ? "" : formatQuantity("resistance", value));
const ohmsWords = ({ mainOhm, startOhm, windingC }: PartWindings): string =>
  [
    mainOhm === null ? "" : `main ${ohms(mainOhm)}`,
    startOhm === null ? "" : `start ${ohms(startOhm)}`,
    windingC === null ? "temperature not noted" : `at ${formatQuantity("temperature", windingC)}`,
  ]
    .filter(Boolean)
    .join(", ");

/** Figures as they are keyed: the field reads them as if a person had typed them. */
const keyed = (value: number | null): string => (value === null ? "" : String(Number(value.toPrecision(4))));
const asReference = ({ mainOhm, startOhm, sectionsOhm, windingC }: PartWindings): Partial<WindingsRecord["compare"]> => ({
  referenceOf: "sister",
  referenceMain: keyed(mainOhm),
  referenceStart: keyed(startOhm),
  referenceSections: sectionsOhm.map(keyed),
  referenceC: keyed(windingC),
});

const ownPlate = ({ supplyBand, fullLoadA, powerW, fullLoadRpm }: WindingsProps["facts"]): SisterPlate => ({
  connections: supplyBand === null ? [] : [{ lowV: supplyBand[0], highV: supplyBand[1], fullLoadA }],
  powerW,
  rpm: fullLoadRpm,
});

interface SistersProps extends Pick<WindingsProps, "facts" | "house"> {
  readonly onTake: (compare: Partial<WindingsRecord["compare"]>) => void;
}

/** Motors of the shelf whose windings were measured, and that may be this one's sister; one press takes their ohms. */
export default function SistersOnShelf({ facts, house, onTake }: SistersProps) {
  const parts = useParts();
  if (parts.state !== "ready") return <p className="caption">Looking on the Shelf.</p>;
  const own = ownPlate(facts);
  const sisters = parts.value
    .flatMap((part: Part) =>
      part.kind === "motor" && part.windings !== null
        ? [{ part, windings: part.windings, is: sisterhood(own, readSheet(part.sheet ?? BLANK_SHEET).spec) }]
        : [],
    )
    .filter(({ is }) => is.kind !== "other")
    .sort((a, b) => RANK[a.is.kind] - RANK[b.is.kind]);
  if (sisters.length === 0)
    return <p className="caption">No motor on the Shelf has its ohms noted and the volts, power and speed of this one.</p>;
  return (
    <ul aria-label="Sister motors on the Shelf" className="border-l-4 border-press pl-3">
      {sisters.map(({ part, windings, is }) => (
        <li key={part.id} className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-rule-faint py-1">
          <div className="min-w-0 flex-1 basis-48">
            <p className="num text-[13.5px]">{part.label}</p>
            <p className="caption">
              {[sisterWords(is), ohmsWords(windings), part.tested ? testedWords(part.tested, house.figures.retestMonths) : ""]
                .filter(Boolean)
                .join(" · ")}
            </p>
          </div>
          <button type="button" className="btn" aria-label={`Compare with ${part.label}`} onClick={() => onTake(asReference(windings))}>
            Compare
          </button>
        </li>
      ))}
    </ul>
  );
}
