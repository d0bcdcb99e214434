import { capacitanceIn } from "../exchange";
import { isSimulated, type JobFacts } from "../job";
import type { ActionId } from "../trade";
import { insulationAt40C, varnishOf } from "../insulation";
import { ampsLimits } from "../motor";
import { figureOf, type Entry } from "../quantity";
import { resistanceAt, type ElementClass } from "../winding";
import { isReadAfter } from "./read-after";
import type { StationEntries } from "./entries";
import type { TravellerAssessment } from "./assess-traveller";
import type { HouseFigures } from "../house";

/** What is followed over the visits to a motor, each in one unit and at one condition. Kept with what is derived of a card. */
export const FOLLOWED = [
  "capacitor",
  "start-capacitor",
  "main-winding",
  "start-winding",
  "insulation",
  "line-amps",
  "speed",
  "shell",
  "coast-down",
] as const;
export type Followed = (typeof FOLLOWED)[number];

/** One figure of one visit: as found, or once the repair was done. */
export interface VisitFigure {
  readonly of: Followed;
  readonly when: "found" | "after";
  readonly value: number;
  readonly standardUncertainty: number;
  /** what it has to lie between; null: no limit on that side */
  readonly low: number | null;
  readonly high: number | null;
  /** brought to the condition it is followed at; false: what that takes was not noted */
  readonly isCorrected: boolean;
}

const PERCENT = 100;
const NO_LIMIT = { low: null, high: null, isCorrected: true } as const;
/** Ohms of windings are compared at this temperature [°C]. */
const WINDINGS_AT_C = 20;

/** When the part of an exchange went in, ISO 8601. */
const exchangedAt = ({ worksDone }: Pick<JobFacts, "worksDone">, action: ActionId): string | undefined =>
  worksDone.find(({ work }) => work === action)?.at;

function capacitorFigures({ stations, facts }: TravellerAssessment, entries: StationEntries): VisitFigure[] {
  const { detail } = stations.capacitor;
  // Read once the new part was in, it is the new part that was read.
  const isAfter = (work: "replace-run-capacitor" | "replace-start-capacitor"): boolean =>
    isReadAfter(entries.capacitor?.data.readings, exchangedAt(facts, work) ?? exchangedAt(facts, "replace-motor"));
  const found: VisitFigure[] = [];
  if (detail.state === "label") {
    const section = detail.sections[detail.ownSection ?? 0];
    if (section?.meter)
      found.push({
        of: detail.label.kind === "start" ? "start-capacitor" : "capacitor",
        when: isAfter(detail.label.kind === "start" ? "replace-start-capacitor" : "replace-run-capacitor") ? "after" : "found",
        value: section.meter.capacitanceUf,
        standardUncertainty: section.meter.standardUncertaintyUf,
        low: section.limits?.lowUf ?? null,
        high: section.limits?.highUf ?? null,
        isCorrected: true,
      });
  }
  const fitted = stations["out-in"].detail.works.flatMap(({ action, exchange, incoming }): VisitFigure[] => {
    const read = exchange.fittedAt === null ? null : capacitanceIn(incoming);
    return read?.figure
      ? [
          {
            of: action === "replace-start-capacitor" ? "start-capacitor" : "capacitor",
            when: "after",
            value: read.figure.value,
            standardUncertainty: read.figure.standardUncertainty,
            low: read.limits?.lowUf ?? null,
            high: read.limits?.highUf ?? null,
            isCorrected: true,
          },
        ]
      : [];
  });
  return [...found, ...fitted];
}

const MAIN: readonly ElementClass[] = ["main", "half", "coil"];

function windingFigures({ stations, facts }: TravellerAssessment, entries: StationEntries): VisitFigure[] {
  const when = isReadAfter(entries.windings?.data.pairs, exchangedAt(facts, "replace-motor")) ? "after" : "found";
  const at = entries.windings ? (figureOf(entries.windings.data.compare.temperature)?.value ?? null) : null;
  const of = (name: Followed, classes: readonly ElementClass[]): VisitFigure[] => {
    const element = stations.windings.detail.elements.find(
      ({ cls, isFaulty, ohm }) => classes.includes(cls) && !isFaulty && ohm !== null && ohm > 0,
    );
    const ohm = element?.ohm ?? null;
    if (ohm === null) return [];
    const value = at === null ? ohm : resistanceAt(ohm, at, WINDINGS_AT_C);
    return [{ ...NO_LIMIT, of: name, when, value, standardUncertainty: Math.hypot(0.005 * ohm, 0.1), isCorrected: at !== null }];
  };
  return [...of("main-winding", MAIN), ...of("start-winding", ["aux"])];
}

function insulationFigures({ stations, facts }: TravellerAssessment, entries: StationEntries): VisitFigure[] {
  const when = isReadAfter(entries.insulation?.data.cells, exchangedAt(facts, "replace-motor")) ? "after" : "found";
  const { worst, temperatureC, limitMegohm } = stations.insulation.detail;
  const reading: Entry["reading"] = worst?.entry?.reading ?? null;
  // Over the end of its range a tester gives no figure to follow.
  if (reading?.kind !== "value" || reading.value === null) return [];
  return [
    {
      of: "insulation",
      when,
      value: temperatureC === null ? reading.value : insulationAt40C(reading.value, temperatureC, varnishOf(facts)),
      standardUncertainty: reading.standardUncertainty ?? 0,
      low: limitMegohm,
      high: null,
      isCorrected: temperatureC !== null,
    },
  ];
}

/** Figures of the run, before and after, each against the plate of the motor it was taken on. */
function runFigures({ stations, facts }: TravellerAssessment, house: HouseFigures): VisitFigure[] {
  const { rows, before, after, plateA } = stations.prove.detail;
  const limits = ampsLimits(PERCENT, house);
  const amps = [
    { when: "found" as const, verdict: before, plate: facts.fullLoadA },
    { when: "after" as const, verdict: after, plate: plateA },
  ].flatMap(({ when, verdict, plate }): VisitFigure[] =>
    verdict?.fractionOfPlate == null || plate === null || plate <= 0
      ? []
      : [
          {
            of: "line-amps",
            when,
            value: verdict.fractionOfPlate * PERCENT,
            standardUncertainty: (verdict.standardUncertaintyA / plate) * PERCENT,
            ...limits,
            isCorrected: true,
          },
        ],
  );
  const others = (["speed", "shell", "coastDown"] as const).flatMap((field): VisitFigure[] => {
    const row = rows.find((each) => each.field === field);
    const of = field === "coastDown" ? "coast-down" : field;
    const one = (when: VisitFigure["when"], value: number | null | undefined, standardUncertainty: number): VisitFigure[] =>
      value == null ? [] : [{ ...NO_LIMIT, of, when, value, standardUncertainty }];
    return [...one("found", row?.before, row?.beforeSd ?? 0), ...one("after", row?.after, row?.afterSd ?? 0)];
  });
  return [...amps, ...others];
}

/**
 * Figures of a card that are followed over the visits to its motor.
 * @param entries what was keyed at each station
 * @param assessment the card as it is assessed
 * @param house house rules in force
 * @returns µF, ohms at 20 °C, MΩ at 40 °C, amps in percent of the plate, rpm, °C, s; as found and after
 */
export const visitFigures = (entries: StationEntries, assessment: TravellerAssessment, house: HouseFigures): readonly VisitFigure[] =>
  // What a simulated motor gave is no figure of this one.
  isSimulated(entries)
    ? []
    : [
        ...capacitorFigures(assessment, entries),
        ...windingFigures(assessment, entries),
        ...insulationFigures(assessment, entries),
        ...runFigures(assessment, house),
      ];
