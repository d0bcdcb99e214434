import { exchangeParts } from "@/core/stations/capacitor";
import type { InstrumentProps } from "../../station/contract";
import { PART_NAMES, type CapacitorDetail, type LabelDetail } from "./sentences";

type Props = InstrumentProps<"capacitor", CapacitorDetail>;

/** Nothing was keyed of the other part yet. */
const UNREAD: CapacitorDetail = { state: "no-label", failure: null, looksBad: false, fromBoard: [] };

/** Whether this motor has two parts, or two were keyed. */
export const hasTwoInHand = (detail: CapacitorDetail): detail is LabelDetail =>
  detail.state === "label" && (detail.isSecondUsual || detail.other !== null);

/** The instrument's props with the other part in hand: every method works on it as on the first. */
export function withOther(props: Props): Props {
  const { detail } = props.assessment;
  const other = detail.state === "label" ? (detail.other ?? UNREAD) : UNREAD;
  return {
    ...props,
    record: exchangeParts(props.record),
    assessment: ofPart({ ...props.assessment, detail: other }),
    change: (apply) => props.change((record, at) => exchangeParts(apply(exchangeParts(record), at))),
  };
}

/** Stamped as the part in hand is by itself; the strip has the worse of the two. */
export const ofPart = (assessment: Props["assessment"]): Props["assessment"] => ({
  ...assessment,
  stamp: assessment.detail.state === "label" ? assessment.detail.stamp : "not-done",
});

/** Names of the two parts, as a choice. */
export function partOptions({ label, other }: LabelDetail): readonly { readonly id: "first" | "other"; readonly label: string }[] {
  const second = other?.state === "label" ? PART_NAMES[other.label.kind] : PART_NAMES[label.kind === "run" ? "start" : "run"];
  return [
    { id: "first", label: PART_NAMES[label.kind] },
    { id: "other", label: second },
  ];
}
