"use client";
import type { Facts } from "@/core/facts";
import type { LayoutRole } from "@/core/winding";
import { MOST_WIRES, type Wire } from "@/core/stations/take-apart";
import { rolesWord } from "@/features/vocabulary/board-words";
import type { ChangeRecord, InstrumentProps } from "../../station/contract";
import { Fields } from "@/features/form/Fields";
import { WIRE_ROWS } from "./fields";
import { toldApart } from "./ledger";
import type { Detail } from "./words";

type Props = Pick<InstrumentProps<"take-apart", Detail>, "record" | "assessment" | "facts" | "change">;

/** Leads as the windings station named them; nothing where it was not done. */
const namedLeads = ({ leadNames, leadRoles }: Facts): Wire[] =>
  leadNames.flatMap((mark, index) => {
    const roles = leadRoles[index];
    return roles && roles.length > 0 ? [{ mark, post: rolesWord(roles as LayoutRole[]), backAt: null }] : [];
  });

/** Every wire by its mark and the post it belongs to; those of the windings station in one press. */
export function Wires({ record, assessment, facts, change }: Props) {
  const known = namedLeads(facts).filter(({ mark }) => !record.wires.some((wire) => wire.mark === mark));
  const add = (wires: readonly Wire[]): void =>
    change((r) => ({ ...r, wires: [...r.wires, ...wires].slice(0, MOST_WIRES), closedAt: null }));
  const set = (place: number, apply: ChangeRecord<Wire>): void =>
    change((r, at) => ({ ...r, wires: r.wires.map((wire, index) => (index === place ? apply(wire, at) : wire)) }));
  return (
    <section aria-labelledby="wires" className="flex flex-col gap-3">
      <h2 id="wires" className="heading-rule">
        Wires <span className="caption font-normal">{record.wires.length}</span>
      </h2>
      {record.wires.map((wire, index) => (
        <div key={index} className="grid grid-cols-[1fr_1fr_auto] items-end gap-x-4" role="group" aria-label={`Wire ${index + 1}`}>
          <Fields of={WIRE_ROWS} given={{ record: wire, change: (apply) => set(index, apply) }} />
          <button
            type="button"
            className="btn btn-plain"
            aria-label={`Strike wire ${wire.mark || index + 1}`}
            onClick={() => change((r) => ({ ...r, wires: r.wires.filter((_, at) => at !== index) }))}
          >
            Strike
          </button>
        </div>
      ))}
      {assessment.detail.sameMarks.map(({ mark, count }) => (
        <p key={mark} className="flex flex-wrap items-center gap-3 border-l-4 border-close pl-3 text-[14px]">
          {count} wires are called “{mark}” and do not belong together: tape a number on each before they come off.
          <button type="button" className="btn" onClick={() => change((r) => toldApart(r, mark))}>
            Call them {mark} 1, {mark} 2
          </button>
        </p>
      ))}
      <div className="flex flex-wrap gap-2">
        {known.length > 0 ? (
          <button type="button" className="btn btn-filled" onClick={() => add(known)}>
            Take the {known.length} leads from Windings
          </button>
        ) : null}
        <button
          type="button"
          className="btn"
          disabled={record.wires.length >= MOST_WIRES}
          onClick={() => add([{ mark: "", post: "", backAt: null }])}
        >
          Add a wire
        </button>
      </div>
    </section>
  );
}
