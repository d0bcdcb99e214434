import { plainAt } from "../../fields";
import { bearingMigrations } from "./migrations";
import { defineStation, plainAssessment, type Stamp } from "../../station";
import type { Facts } from "../../facts";
import {
  BEARING_ENDS,
  type BearingEnd,
  bearingJob,
  defectBands,
  geometryOf,
  greaseGrams,
  isClosedBothSides,
  oilDrops,
  readLength,
  upkeepMonths,
  type BearingJob,
  type DefectBand,
  type Duty,
  type SeatRepair,
} from "../../bearing";
import type { HouseFigures } from "../../house";
import { speedAndPoles } from "../../motor";
import { type WorkingStep, formatNumber, figureOf } from "../../quantity";
import { geometriesOf, judgeEnd, type EndDetail, type NameState } from "./end";
import { bearingRecord, type BearingRecord } from "./record";

export type { EndDetail, NameState, SeatDetail } from "./end";
export { bearingRecord, endRecord, type BearingRecord, type EndRecord, type Gauge } from "./record";

/** What upkeep asks for at one end. */
export interface UpkeepDetail {
  readonly end: BearingEnd;
  readonly kind: "ball" | "sleeve";
  /** sleeve: drops of oil; ball: null */
  readonly drops: number | null;
  /** closed on both sides; null: nobody could read it */
  readonly isClosed: boolean | null;
  /** where it is greased anew because a side is open [g] */
  readonly greaseG: number | null;
}

/** Where the speed for the frequencies comes from. */
export type SpeedSource = "keyed" | "measured" | "plate";

export interface BearingDetail {
  readonly ends: Readonly<Record<BearingEnd, EndDetail>>;
  /** bearings inside a welded shell are nobody's work here */
  readonly isWelded: boolean;
  readonly job: BearingJob;
  /** as the house or the technician has it */
  readonly both: boolean;
  readonly repairs: readonly SeatRepair[];
  readonly upkeep: readonly UpkeepDetail[];
  /** months between; null until the duty is told */
  readonly months: number | null;
  /** frequencies by end, where the bearing is named and a speed is known */
  readonly bands: Readonly<Partial<Record<BearingEnd, readonly DefectBand[]>>>;
  readonly speed: { readonly source: SpeedSource; readonly rpm: readonly number[] } | null;
}

/** Speeds the motor may run at: as keyed, as measured, or between the plate's rpm and the field's. */
function speedOf(record: BearingRecord, { runFound, fullLoadRpm, frequencyHz }: Facts): BearingDetail["speed"] {
  const keyed = plainAt(bearingRecord, record, "rpm").value;
  if (keyed !== null) return { source: "keyed", rpm: [keyed] };
  const measured = figureOf(runFound.speed ?? null);
  if (measured && measured.value > 0) return { source: "measured", rpm: [measured.value] };
  if (fullLoadRpm === null) return null;
  const sync = frequencyHz === null ? null : (speedAndPoles(fullLoadRpm, frequencyHz)?.syncRpm ?? null);
  return { source: "plate", rpm: sync === null ? [fullLoadRpm] : [fullLoadRpm, sync] };
}

function upkeepOf(record: BearingRecord, ends: BearingDetail["ends"]): UpkeepDetail[] {
  return BEARING_ENDS.flatMap((end): UpkeepDetail[] => {
    const { isSleeve, size, designation, widthMm } = ends[end];
    if (isSleeve) {
      const shaft = readLength(record.ends[end].shaft, record.unit);
      return [{ end, kind: "sleeve", drops: oilDrops(shaft.ok ? shaft.value.valueMm : null), isClosed: null, greaseG: null }];
    }
    if (!size) return [];
    const closure = designation?.closure ?? null;
    const isClosed = closure === null ? null : isClosedBothSides(closure);
    const greaseG = isClosed === true ? null : greaseGrams(size.outsideMm, widthMm ?? size.widthMm);
    return [{ end, kind: "ball", drops: null, isClosed, greaseG }];
  });
}

/** Months of upkeep for a motor: sleeves ask oftener than balls, and the plate before both. */
function monthsOf(upkeep: readonly UpkeepDetail[], duty: Duty | null, house: HouseFigures, plateMonths: number | null): number | null {
  if (plateMonths !== null && upkeep.length > 0) return plateMonths;
  if (duty === null || upkeep.length === 0) return null;
  return Math.min(...upkeep.map(({ kind }) => upkeepMonths(kind, duty, house)));
}

function stampOf(record: BearingRecord, ends: readonly EndDetail[]): Stamp {
  const seats = ends.flatMap((end) => [end.seats.shaft, end.seats.housing]);
  // What the hand finds stands before a gauge that cannot decide.
  const decisions = seats.flatMap(({ verdict, byHand }) => {
    const measured = verdict?.conformity.decision ?? null;
    const isSettledByHand = measured === "too-close" && byHand !== null;
    return [...(measured === null || isSettledByHand ? [] : [measured]), ...(byHand ? [byHand.decision] : [])];
  });
  if (decisions.includes("out")) return "out";
  const isSome = (...states: readonly NameState[]): boolean => ends.some(({ state }) => states.includes(state));
  if (isSome("conflict")) return "contradicts";
  if (isSome("slip")) return "unsure";
  if (isSome("misfit", "several") || decisions.includes("too-close")) return "too-close";
  if (decisions.length > 0) return "holds";
  const isNamed = ends.some(({ state }) => state === "named");
  return isNamed || record.note.trim() !== "" || record.lastDone !== null ? "noted" : "not-done";
}

const um = (value: number): string => `${value > 0 ? "+" : value < 0 ? "−" : ""}${formatNumber(Math.abs(value), 1)} µm`;

function workingOfEnd(name: string, { seats, size }: EndDetail): WorkingStep[] {
  const steps = (["shaft", "housing"] as const).flatMap((seat): WorkingStep[] => {
    const { verdict } = seats[seat];
    if (!verdict) return [];
    const { field, nominalMm, limits, offUm, play, conformity } = verdict;
    return [
      {
        what: `${name}, ${seat === "shaft" ? "shaft" : "seat"} against ${field}`,
        formula: "measured − nominal within the field, guard band w = guard factor × U",
        numbers: `${um(offUm)} from ${formatNumber(nominalMm, 3)} mm; ${field}: ${um(limits.lowUm)} to ${um(limits.highUm)}; U = ${formatNumber(conformity.expandedUncertainty, 1)} µm`,
        result: `${{ holds: "holds", out: "out", "too-close": "too close" }[conformity.decision]}; a new bearing would have ${um(play.lowUm)} to ${um(play.highUm)} of play`,
        source: "ISO 286-2:2010; ISO 492:2014, normal class; JCGM 106:2012",
      },
    ];
  });
  if (!size) return steps;
  const { balls, ballDiameterMm, pitchDiameterMm, isListed } = geometryOf(size);
  return [
    ...steps,
    {
      what: `${name}, balls of ${size.number}`,
      formula: isListed ? "usual design of this size" : "pitch (d + D)/2, balls 0.29 (D − d), as many as fill an arc of 195°",
      numbers: `${balls} balls of ${formatNumber(ballDiameterMm, 3)} mm on ${formatNumber(pitchDiameterMm, 2)} mm`,
      result: isListed ? "listed" : "estimated: a maker may put in one more or fewer, and 10 % larger or smaller",
      source: "Eschmann, Hasbargen & Weigand, Ball and Roller Bearings (1985); Harris & Kotzalas, Rolling Bearing Analysis (2007)",
    },
  ];
}

const END_NAMES: Record<BearingEnd, string> = { "drive-end": "Drive end", "other-end": "Other end" };

type EndOfBearing = BearingRecord["ends"]["drive-end"];
const namedOnly = ({ kind, stamped, bore, outside, width }: EndOfBearing): EndOfBearing => ({
  ...bearingRecord.blank.ends["drive-end"],
  kind,
  stamped,
  bore,
  outside,
  width,
});

/** Bearings: what they are, how they sit, what the job costs, how they are kept, and where their defects ring. */
export const bearingStation = defineStation({
  definition: {
    id: "bearing",
    power: "either",
    reads: ["bearings"],
    minutes: 6,
    tests: [],
    needs: "bearings",
    cautions: [],
    methods: [
      { id: "name", power: "either", tests: [], cautions: [] },
      { id: "fit", power: "dead", tests: [], cautions: ["press-and-pull"] },
      { id: "job", power: "either", tests: [], cautions: ["local-codes"] },
      { id: "upkeep", power: "either", tests: [], cautions: ["moving-parts"] },
      { id: "tones", power: "either", tests: [], cautions: [] },
    ],
  },
  ...bearingRecord,
  migrations: bearingMigrations,
  // A bearing by its stamp or its sizes, and its upkeep; how its seats measured, and what the job was to cost, was of then.
  lasts: ({ unit, ends, around, duty, plateMonths, plateOil, lastDone }) => ({
    unit,
    ends: { "drive-end": namedOnly(ends["drive-end"]), "other-end": namedOnly(ends["other-end"]) },
    around,
    duty,
    plateMonths,
    plateOil,
    lastDone,
  }),
  assess(record, { facts, house }) {
    const ends = {
      "drive-end": judgeEnd(record.ends["drive-end"], record, house),
      "other-end": judgeEnd(record.ends["other-end"], record, house),
    };
    const isWelded = facts.machineKind === "hermetic-compressor";
    const both = record.both ?? house.bearingsBoth === "both";
    const repairs = BEARING_ENDS.flatMap((end) => [record.ends[end].shaftRepair, record.ends[end].seatRepair]).filter(
      (id): id is SeatRepair => id !== null,
    );
    const quoted = plainAt(bearingRecord, record, "price").value;
    const areSleeves = BEARING_ENDS.every((end) => ends[end].isSleeve);
    const job = bearingJob({ both, tier: record.tier ?? "good", repairs, quotedPrice: quoted, areSleeves }, house);
    const isPutTogether = record.both !== null || record.tier !== null || repairs.length > 0 || quoted !== null;
    const plateMonths = plainAt(bearingRecord, record, "plateMonths").value;
    const upkeep = upkeepOf(record, ends);
    const months = monthsOf(upkeep, record.duty, house, plateMonths);
    const speed = speedOf(record, facts);
    const bands = Object.fromEntries(
      BEARING_ENDS.flatMap((end) => (speed && ends[end].size ? [[end, defectBands(geometriesOf(ends[end]), speed.rpm)]] : [])),
    );
    const detail: BearingDetail = {
      ends,
      isWelded,
      job,
      both,
      repairs,
      upkeep,
      months,
      bands,
      speed,
    };
    const isOiled = upkeep.some(({ kind }) => kind === "sleeve");
    const stamp = stampOf(record, Object.values(ends));
    return plainAssessment<BearingDetail>(isWelded && stamp === "not-done" ? "noted" : stamp, detail, {
      facts: {
        ...(upkeep.length > 0 ? { hasSleeves: isOiled } : {}),
        bearings: Object.fromEntries(
          BEARING_ENDS.flatMap((end) => {
            const { size, designation } = ends[end];
            return size
              ? [
                  [
                    end,
                    {
                      ...size,
                      closure: designation?.closure ?? null,
                      clearance: designation?.clearance ?? null,
                      isWorn: designation?.isWorn ?? false,
                    },
                  ],
                ]
              : [];
          }),
        ),
        ...(isPutTogether ? { bearingJob: job } : {}),
        isSeatLoose: Object.values(ends).some(({ seats }) =>
          Object.values(seats).some(({ verdict, byHand }) => verdict?.isLoose === true || byHand?.decision === "out"),
        ),
        bearingsAround: record.around,
      },
      due:
        months === null
          ? []
          : [
              {
                kind: isOiled ? "oil-bearings" : "listen-bearings",
                when: { after: record.lastDone, months: Math.max(1, Math.round(months)) },
              },
            ],
      working: BEARING_ENDS.flatMap((end) => workingOfEnd(END_NAMES[end], ends[end])),
    });
  },
});
