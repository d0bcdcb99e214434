"use client";
import { PickOne } from "@/components/Choice";
import { KeyPad } from "@/components/KeyPad";
import { LimitRule } from "@/components/LimitRule";
import type { SeatRepair, SeatVerdict } from "@/core/bearing";
import { formatNumber } from "@/core/quantity";
import { type EndDetail, type SeatDetail } from "@/core/stations/bearing";
import { LENGTH_EXTRAS } from "@/features/form/reading";
import { Verdict } from "../shared/Verdict";
import { Fields } from "@/features/form/Fields";
import { END_ROWS, endForm, ROWS } from "./fields";
import { EndSwitch } from "./EndSwitch";
import { PressDrawing } from "./PressDrawing";
import { withEnd, type PanelProps } from "./props";
import { REPAIR_WORDS, seatSentences } from "./words";

/** Shaft and seat against the fit of this bearing, what to do where they are loose, and what to press with. */
export function FitPanel(props: PanelProps) {
  const { record, assessment, change, end, onEnd } = props;
  const own = record.ends[end];
  const detail = assessment.detail.ends[end];
  const set = (next: Partial<typeof own>): void => change((r) => withEnd(r, end, next));
  const seats = [
    { key: "shaft", repair: "shaftRepair", name: "Shaft", detail: detail.seats.shaft },
    { key: "seat", repair: "seatRepair", name: "Seat", detail: detail.seats.housing },
  ] as const;
  const form = endForm(props);
  const judged = seats.flatMap(({ name, detail: seat }) => seatSentences(name, seat));
  const said = judged.length > 0 ? judged : [askOf(detail)];
  return (
    <>
      <EndSwitch end={end} onEnd={onEnd} />
      <div className="beside-pad">
        <div className="flex min-w-0 flex-col gap-4">
          <div className="grid grid-cols-2 gap-x-6">
            <Fields of={END_ROWS} show={["shaft", "seat"]} given={form} />
          </div>
          <div className="flex flex-wrap gap-x-8 gap-y-3">
            <Fields of={ROWS} show={["gauge"]} given={props} />
            <Fields of={END_ROWS} show={["shaftByHand", "seatByHand", "slides"]} given={form} />
          </div>
          <Verdict assessment={assessment} sentences={said} />
        </div>
        <KeyPad extras={LENGTH_EXTRAS} />
      </div>
      {seats.map(({ key, name, detail: { verdict } }) => (verdict ? <FitRule key={key} name={name} verdict={verdict} /> : null))}
      {seats.map(({ key, name, repair, detail: seat }) => (
        <Repairs key={key} name={name} seat={seat} picked={own[repair]} onPick={(id) => set({ [repair]: id })} />
      ))}
      {detail.press && detail.size ? <PressDrawing size={detail.size} press={detail.press} /> : null}
    </>
  );
}

/** What to do while nothing is measured. */
function askOf({ isSleeve, size }: EndDetail): string {
  if (isSleeve) return "A sleeve is not pressed on here: a dry one is oiled, a worn one is bushed anew or goes with its end bell.";
  return size
    ? "Clean both seats with fine abrasive, then measure them across two diameters and key the worse figure."
    : "Name the bearing first: the fit goes by its size.";
}

/** The measured diameter on a ruler between the two ends of its field. */
function FitRule({ name, verdict }: { name: string; verdict: SeatVerdict }) {
  const { nominalMm, limits, offUm, field, conformity } = verdict;
  const at = (um: number): number => nominalMm + um / 1000;
  const figure = (um: number): string => formatNumber(at(um), 3);
  return (
    <LimitRule
      description={`${name}: ${field} allows ${figure(limits.lowUm)} to ${figure(limits.highUm)} mm; measured ${figure(offUm)} mm`}
      low={{ at: at(limits.lowUm), label: field, figure: figure(limits.lowUm) }}
      high={{ at: at(limits.highUm), label: "", figure: figure(limits.highUm) }}
      rated={{ at: nominalMm, label: "" }}
      pointers={[
        {
          at: at(offUm),
          halfWidth: conformity.expandedUncertainty / 1000,
          label: `${name.toLowerCase()} ${figure(offUm)}`,
          tone: conformity.decision,
        },
      ]}
    />
  );
}

interface RepairsProps {
  readonly name: string;
  readonly seat: SeatDetail;
  readonly picked: SeatRepair | null;
  readonly onPick: (id: SeatRepair | null) => void;
}

/** Ways for a loose seat, each with what it honestly is. */
function Repairs({ name, seat, picked, onPick }: RepairsProps) {
  // What was picked stays to be seen and taken back, also when the figure changes under it.
  const offered = picked && !seat.repairs.includes(picked) ? [...seat.repairs, picked] : seat.repairs;
  if (offered.length === 0) return null;
  return (
    <section className="flex flex-col gap-2">
      <PickOne
        legend={`${name} is loose: what is done about it`}
        options={offered.map((id) => ({ id, label: REPAIR_WORDS[id].name }))}
        picked={picked}
        onPick={onPick}
      />
      {picked ? <p className="border-l-4 border-close pl-3 text-[14px]">{REPAIR_WORDS[picked].honest}</p> : null}
    </section>
  );
}
