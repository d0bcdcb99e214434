import { bearingRecord, endRecord, type BearingRecord, type EndDetail, type EndRecord } from "@/core/stations/bearing";
import { rowsOf, type Form } from "@/features/form/rows";
import { toMachineSentence } from "@/features/messages/machine-sentences";
import { dayOf } from "@/features/vocabulary/clock";
import { DUTY_WORDS, SURROUNDING_WORDS, TIER_WORDS } from "./panel-words";
import type { PanelProps } from "./props";
import { HAND_FIT_WORDS } from "./words";
import { timedRowsOf } from "@/features/form/timed-rows";

type Seat = "shaft" | "housing";
/** One of the two bearings in hand. */
export interface EndForm extends Form<EndRecord> {
  readonly detail: EndDetail;
  readonly unit: BearingRecord["unit"];
}

/** The bearing in hand as a form of its own. */
export const endForm = ({ record, assessment, change, end }: PanelProps): EndForm => ({
  record: record.ends[end],
  detail: assessment.detail.ends[end],
  unit: record.unit,
  change: (apply) => change((r, at) => ({ ...r, ends: { ...r.ends, [end]: apply(r.ends[end], at) } })),
});

const measured = (seat: Seat, label: string) => ({
  label,
  isKeyed: true as const,
  unit: ({ unit }: EndForm) => (unit === "mm" ? "mm" : "in"),
  problem: ({ detail }: EndForm) => {
    const { failure } = detail.seats[seat];
    return failure ? toMachineSentence(failure) : null;
  },
});

export const END_ROWS = rowsOf<EndForm>()(endRecord, {
  kind: { label: "It turns on a", words: { ball: "Ball bearing", sleeve: "Sleeve" } },
  stamped: {
    label: "As stamped",
    isFigure: true,
    size: "large",
    example: "6203-2RS C3",
    problem: ({ detail }) => (detail.designationFailure ? toMachineSentence(detail.designationFailure) : null),
    hint: () => "? for each sign that cannot be read",
  },
  shaft: measured("shaft", "Shaft, measured"),
  seat: measured("housing", "Seat in the end bell, measured"),
  shaftByHand: { label: "Shaft, by hand", words: HAND_FIT_WORDS.shaft },
  seatByHand: { label: "Seat, by hand", words: HAND_FIT_WORDS.housing },
  slides: { label: "Outer ring slides (spring washer)" },
});

export const ROWS = timedRowsOf<PanelProps>()(bearingRecord, {
  unit: { label: "Calliper in", words: { mm: "mm", inch: "inch" }, stays: true },
  gauge: { label: "Measured with", words: { micrometer: "Micrometer", calliper: "Calliper" }, stays: true },
  around: { label: "Where it runs", words: SURROUNDING_WORDS },
  both: {
    label: "Changed",
    words: { yes: "Both", no: "Only the bad one" },
    shown: ({ assessment }) => assessment.detail.both,
  },
  tier: { label: "Quality", words: TIER_WORDS, shown: () => "good" as const },
  price: { label: "One bearing, as quoted", unit: "money" },
  duty: { label: "It runs", words: DUTY_WORDS },
  plateOil: { label: "Oil, as the plate names it" },
  plateMonths: { label: "Interval on the plate" },
  lastDone: { label: "Last seen to", max: (): string => dayOf(new Date()) },
  rpm: { label: "Speed" },
  note: { label: "Note", rows: 1 },
});
