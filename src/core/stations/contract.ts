import type * as v from "valibot";
import type { CapacitorLabel } from "../capacitor";
import type { ActionId, Complaint, Drive, Finding, GearSort, History, RuledOut, TestId } from "../diagnosis";
import type { BearingJob, BearingSize } from "../bearing";
import type { HouseFigures } from "../house";
import type { Behaviour, MachineKind, MotorType, PlateConnection, WindingKnowledge } from "../motor";
import type { Entry, Figure } from "../quantity";
import type { Due } from "./due";
import type { HandFeel } from "./hand-feel";
import type { HotPlace, Noise, RunFigures } from "./run-figures";

/**
 * The verdict on a station; `unsure`: a figure looks like a slip of the finger, so nothing is concluded from it;
 * `contradicts`: readings that cannot all be right of one thing.
 */
export type Stamp = "holds" | "out" | "too-close" | "contradicts" | "unsure" | "noted" | "not-done" | "skipped";

/** State the circuit must be in; a change of state is a station of its own; `either`: the state does not matter. */
export type StationPower = "dead" | "live" | "either" | "to-dead" | "to-live";

/** Dangers that are told at the step where they bite; the sentences live with the interface. */
export type CautionCode =
  | "stored-charge"
  | "prove-dead"
  | "line-voltage"
  | "moving-parts"
  | "pressurised-terminals"
  | "oil-filled-can"
  | "motor-at-rest"
  | "local-codes"
  | "hot-surfaces"
  | "bare-metal"
  | "test-voltage"
  | "short-tries"
  | "flying-key"
  | "push-with-stick"
  | "interlock"
  | "press-and-pull"
  | "springs-and-rings";

/** One of several ways to work at a station; each has its own power state. The first is the usual one. */
export interface StationMethod {
  readonly id: string;
  readonly power: "dead" | "live" | "either";
  readonly tests: readonly TestId[];
  readonly cautions: readonly CautionCode[];
  /** has nothing to go on without the other stations of a card */
  readonly needsCard?: true;
}

export interface StationDefinition<Id extends string = string> {
  readonly id: Id;
  readonly power: StationPower;
  readonly minutes: number;
  /** tests of the diagnosis this station makes */
  readonly tests: readonly TestId[];
  /** asked before any test is proposed: what is known decides what can be at fault */
  readonly isOpening?: true;
  readonly cautions: readonly CautionCode[];
  /** where a station is worked in several ways; power and cautions of the way in hand then hold */
  readonly methods?: readonly StationMethod[];
}

/** A winding, several joined inside, or a part on posts of its own, that stands alone on an insulation test. Ids are persisted in cells. */
export const WINDING_GROUPS = ["all", "main", "start", "half-1", "half-2", "switch", "capacitor"] as const;
export type WindingGroup = (typeof WINDING_GROUPS)[number];

/** The two bearings of a motor. Ids are persisted: do not change without a migration. */
export const BEARING_ENDS = ["drive-end", "other-end"] as const;
export type BearingEnd = (typeof BEARING_ENDS)[number];

/** What stations learn about the motor and hand on to those after them, in working order. */
export interface Facts {
  readonly complaints: readonly Complaint[];
  /** somebody spoke of a trip, if only in passing */
  readonly mayTrip: boolean;
  /** a visit that no complaint brought about */
  readonly isRoutine: boolean;
  /** since when, and after what, as far as somebody said or an earlier card tells */
  readonly history: readonly History[];
  /** what a person ruled out by ear or eye */
  readonly ruledOut: readonly RuledOut[];
  readonly motorType: MotorType;
  readonly machineKind: MachineKind;
  /** how it drives its machine; null: nobody said */
  readonly drive: Drive | null;
  /** volts of the connection in hand; the middle of its band */
  readonly supplyV: number | null;
  /** the band a plate names for that connection [V]; both ends the same where it names one figure */
  readonly supplyBand: readonly [lowV: number, highV: number] | null;
  /** every way the plate says it can be connected */
  readonly plateConnections: readonly PlateConnection[];
  readonly frequencyHz: number | null;
  readonly powerW: number | null;
  readonly fullLoadA: number | null;
  readonly fullLoadRpm: number | null;
  /** what the plate asks for; the run part where it asks for two */
  readonly plateCapacitor: CapacitorLabel | null;
  /** the other part of a plate that asks for two */
  readonly plateSecondCapacitor: CapacitorLabel | null;
  readonly fittedCapacitor: CapacitorLabel | null;
  /** bulged, leaking or burnt: condemned by the eye */
  readonly isCapacitorDamaged: boolean;
  /** run capacitor as measured, by whatever method counts [µF] */
  readonly capacitorFoundUf: number | null;
  /** amps and volts of the run capacitor while running */
  readonly capacitorRunning: { readonly amps: Figure; readonly volts: Figure } | null;
  /** capacitors confirmed between two posts of the board, with the names of the posts */
  readonly boardCapacitors: readonly { readonly posts: readonly [string, string]; readonly entry: Entry }[];
  /** ohms of the main and of the start winding, test leads taken off */
  readonly mainWinding: WindingKnowledge | null;
  readonly startWinding: WindingKnowledge | null;
  /** figures as found on the run test, and what was heard */
  readonly runFound: Partial<RunFigures>;
  readonly noisesFound: readonly Noise[];
  /** where it was hottest as found */
  readonly hotPlaceFound: HotPlace | null;
  readonly behaviourFound: Behaviour | null;
  /** volts at the motor, standing, as found at the supply */
  readonly supplyFound: Figure | null;
  /** start gear that was seen on it */
  readonly startGear: GearSort | null;
  /** turned by hand and free; null: nobody could say */
  readonly turnsFree: boolean | null;
  /** what the hand felt as found, and after it was put back; null: nothing yet */
  readonly handFound: HandFeel | null;
  readonly handAfter: HandFeel | null;
  /** bearings that could be named, by end */
  /** a sleeve bearing was told; null: nobody said what it turns on */
  readonly hasSleeves: boolean | null;
  readonly bearings: Readonly<Partial<Record<BearingEnd, BearingSize>>>;
  /** the bearing job as it was put together; null: the house's usual one */
  readonly bearingJob: BearingJob | null;
  /** something that came off is not back yet */
  readonly isApart: boolean;
  /** age of the motor, about [years] */
  readonly ageYears: number | null;
  /** what was decided */
  readonly action: ActionId | null;
  /** posts or leads as the technician names them */
  readonly leadNames: readonly string[];
  /** what each of them is, as far as it is settled: ids of roles */
  readonly leadRoles: readonly (readonly string[] | null)[];
  /** windings that no path joins */
  readonly windingGroups: readonly WindingGroup[];
  /** hot-spot limit of the plate's insulation class [°C] */
  readonly hotSpotC: number | null;
  /** felt at the shell: it is cool, so nothing in it is open for heat */
  readonly isShellCool: boolean;
  /** it was waited for once, on this card or the one before */
  readonly hasWaited: boolean;
  /** a path to the frame was found; power waits until what was faulty is out and the frame test repeated */
  readonly isGrounded: boolean;
  /** what was faulty is out, and its frame test repeated and clear */
  readonly isGroundCleared: boolean;
  readonly power: "live" | "dead";
  /** when the circuit was last made safe, ISO 8601; null: never */
  readonly deadSince: string | null;
}

export const NO_FACTS: Facts = {
  complaints: [],
  mayTrip: false,
  isRoutine: false,
  history: [],
  ruledOut: [],
  motorType: "unknown",
  machineKind: "other",
  drive: null,
  supplyV: null,
  supplyBand: null,
  plateConnections: [],
  frequencyHz: null,
  powerW: null,
  fullLoadA: null,
  fullLoadRpm: null,
  plateCapacitor: null,
  plateSecondCapacitor: null,
  fittedCapacitor: null,
  isCapacitorDamaged: false,
  capacitorFoundUf: null,
  capacitorRunning: null,
  boardCapacitors: [],
  mainWinding: null,
  startWinding: null,
  runFound: {},
  noisesFound: [],
  hotPlaceFound: null,
  behaviourFound: null,
  supplyFound: null,
  startGear: null,
  turnsFree: null,
  handFound: null,
  handAfter: null,
  hasSleeves: null,
  bearings: {},
  bearingJob: null,
  isApart: false,
  ageYears: null,
  action: null,
  leadNames: ["1", "2", "3"],
  leadRoles: [null, null, null],
  windingGroups: ["all"],
  hotSpotC: null,
  isShellCool: false,
  hasWaited: false,
  isGrounded: false,
  isGroundCleared: false,
  // A motor nobody has made safe is taken to be live.
  power: "live",
  deadSince: null,
};

/** One line of a sum as a person would write it. */
export interface WorkingStep {
  readonly what: string;
  readonly formula: string;
  readonly numbers: string;
  readonly result: string;
  readonly source: string;
}

/** Always derived from the record, never stored. */
export interface Assessment<Detail = unknown> {
  readonly stamp: Stamp;
  readonly detail: Detail;
  readonly facts: Partial<Facts>;
  readonly findings: readonly Finding[];
  readonly working: readonly WorkingStep[];
  /** follow-ups it asks for */
  readonly due?: readonly Due[];
  /** tests of this station still worth proposing; without it: all while the stamp says not done, then none */
  readonly openTests?: readonly TestId[];
}

/** What was keyed on an earlier visit to the same motor: record by station id, as the station's schema has it. */
export interface EarlierVisit {
  readonly at: string;
  readonly records: Readonly<Record<string, unknown>>;
}

export interface StationContext {
  readonly facts: Facts;
  readonly house: HouseFigures;
  /** earlier visits to the same motor, the oldest first */
  readonly earlier: readonly EarlierVisit[];
  readonly study: Study;
  /** what the stations before this one found */
  readonly findings: readonly Finding[];
  /** stations before this one that were worked, or skipped with a reason */
  readonly worked?: ReadonlySet<string>;
  /** when the card was made, ISO 8601; absent: not known */
  readonly at?: string | null;
}

/**
 * Answers a question that takes more than a few milliseconds (studies.ts has who answers). On a screen it is worked out
 * away from it, and null meanwhile; the assessment is made again when the answer is there.
 */
export type Study = (station: string, question: unknown) => unknown;

/** Leaves every such question open. */
export const NO_STUDY: Study = () => null;

/** A station: what it is, what it keeps, and how it judges. */
export interface Station<Id extends string = string, Schema extends v.GenericSchema = v.GenericSchema, Detail = unknown> {
  readonly definition: StationDefinition<Id>;
  readonly schema: Schema;
  readonly blank: v.InferOutput<Schema>;
  readonly assess: (record: v.InferOutput<Schema>, context: StationContext) => Assessment<Detail>;
  /** facts that stand whatever the other stations say, so that stations before this one have them too */
  readonly early?: (record: v.InferOutput<Schema>) => Partial<Facts>;
}

/** Keeps the types of one station together; a record of another shape does not compile. */
export function defineStation<const Id extends string, Schema extends v.GenericSchema, Detail>(
  station: Station<Id, Schema, Detail>,
): Station<Id, Schema, Detail> {
  return station;
}

/** An assessment with nothing to say beyond its stamp and detail. */
export function plainAssessment<Detail>(stamp: Stamp, detail: Detail, rest: Partial<Assessment<Detail>> = {}): Assessment<Detail> {
  return { stamp, detail, facts: {}, findings: [], working: [], ...rest };
}
