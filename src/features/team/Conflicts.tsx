"use client";
import { useState } from "react";
import { PickOne } from "@/components/Choice";
import { useMoment } from "@/components/useNow";
import type { Failure } from "@/core/result";
import { parseTravellerId } from "@/records";
import { useHouse } from "@/store/house-rules";
import { useCard } from "@/store/queries";
import type { Disagreement, SideOf } from "@/store/team/disagreements";
import { toFileSentence } from "../messages/file-sentences";
import { dayAndTime } from "../vocabulary/clock";
import { conflictLines, conflictTitle } from "./conflict-words";
import { takeChoices } from "./keep-team";
import { useTeam } from "./useTeam";

/** Shown at once; the next ones follow when these are chosen. */
const SHOWN = 20;

const keyOf = ({ document, id, name }: Disagreement): string => `${document} ${name} ${id}`;
/** What a side is called. */
const sideName = ({ isMine, who }: SideOf): string => (isMine ? "Here" : who || "Another device");

/** What several have changed without knowing of one another: nothing is taken before it is chosen, and what is not chosen stays. */
export function Conflicts() {
  const { disagreements } = useTeam();
  const [choices, setChoices] = useState<Readonly<Record<string, number>>>({});
  const [failure, setFailure] = useState<Failure | null>(null);
  const shown = disagreements.slice(0, SHOWN);
  const chosen = shown.filter((each) => choices[keyOf(each)] !== undefined);
  if (shown.length === 0) return null;
  const pick = (each: Disagreement, side: number | null): void =>
    setChoices((now) => {
      const others = Object.fromEntries(Object.entries(now).filter(([key]) => key !== keyOf(each)));
      return side === null ? others : { ...others, [keyOf(each)]: side };
    });
  const all = (isMine: boolean): void => {
    const sideOf = (each: Disagreement): number =>
      Math.max(
        0,
        each.sides.findIndex((side) => side.isMine === isMine),
      );
    setChoices(Object.fromEntries(shown.map((each) => [keyOf(each), sideOf(each)])));
  };
  const take = async (): Promise<void> => {
    const taken: Record<string, Record<string, string>> = {};
    for (const each of chosen) {
      const texts = each.sides[choices[keyOf(each)] ?? 0]?.texts ?? {};
      taken[each.document] = { ...taken[each.document], ...texts };
    }
    setFailure(await takeChoices(taken));
    setChoices({});
  };
  return (
    <section aria-labelledby="both-sides" className="border-l-4 border-close pl-3">
      <h2 id="both-sides" className="font-semibold">
        Changed on both sides: {disagreements.length}
      </h2>
      <p className="caption">
        The same field, here and there, without knowing of one another. What is not chosen stays as it is, and is asked again.
      </p>
      <ul>
        {shown.map((each) => (
          <li key={keyOf(each)} className="border-b border-rule py-3">
            <Sides disagreement={each} picked={choices[keyOf(each)] ?? null} onPick={(side) => pick(each, side)} />
          </li>
        ))}
      </ul>
      {disagreements.length > SHOWN ? <p className="caption mt-2">{disagreements.length - SHOWN} more follow.</p> : null}
      <div className="mt-3 flex flex-wrap gap-2">
        <button type="button" className="btn btn-filled" disabled={chosen.length === 0} onClick={() => void take()}>
          {chosen.length === 0 ? "Choose first" : `Take what was chosen (${chosen.length})`}
        </button>
        {shown.length > 1 ? (
          <>
            <button type="button" className="btn" onClick={() => all(true)}>
              Choose all of here
            </button>
            <button type="button" className="btn" onClick={() => all(false)}>
              Choose all of the others
            </button>
          </>
        ) : null}
      </div>
      {failure ? (
        <p role="alert" className="mt-2 text-[14px] text-out">
          {toFileSentence(failure)}
        </p>
      ) : null}
    </section>
  );
}

interface SidesProps {
  readonly disagreement: Disagreement;
  readonly picked: number | null;
  readonly onPick: (side: number | null) => void;
}

function Sides({ disagreement, picked, onPick }: SidesProps) {
  const { document, sides } = disagreement;
  const now = useMoment();
  const house = useHouse();
  const cardId = document.startsWith("traveller/") ? parseTravellerId(document.slice("traveller/".length)) : null;
  const card = useCard(cardId);
  const kept = card.state === "ready" ? card.value : null;
  if (house === null || (cardId !== null && kept === null && card.state === "loading")) return null;
  const title = conflictTitle(disagreement, kept);
  return (
    <>
      <p className="font-semibold break-words">{title}</p>
      <div className="mt-1 overflow-x-auto">
        <table className="w-full text-[14px]">
          <thead>
            <tr className="border-b border-rule text-left">
              <th className="py-1 pr-3 font-normal text-ink-soft" />
              {sides.map((side, index) => (
                <th key={index} className="py-1 pr-3 font-semibold">
                  {sideName(side)}, {dayAndTime(side.row.updatedAt, now)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {conflictLines(disagreement, kept, house.figures).map(({ what, said }) => (
              <tr key={what} className="border-b border-rule align-top last:border-0">
                <th scope="row" className="py-1 pr-3 text-left font-normal [overflow-wrap:normal] text-ink-soft">
                  {what}
                </th>
                {said.map((words, index) => (
                  <td key={index} className="py-1 pr-3 break-words">
                    {words}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <div className="mt-2">
        <PickOne
          legend={`Which one is right: ${title}`}
          options={sides.map((side, index) => ({ id: String(index), label: sideName(side) }))}
          picked={picked === null ? null : String(picked)}
          onPick={(side) => onPick(side === null ? null : Number(side))}
        />
      </div>
    </>
  );
}
