"use client";
import { useState } from "react";
import { PickOne } from "@/components/Choice";
import { cardOf, parseTravellerId, type Choice, type Conflict } from "@/records";
import { useCard, useHouse } from "@/store/queries";
import { dayAndTime } from "../vocabulary/clock";
import { useMoment } from "@/components/useNow";
import { conflictLines, conflictTitle } from "./conflict-words";

interface ConflictsProps {
  readonly conflicts: readonly Conflict[];
  /** the other device */
  readonly from: string;
  readonly onChosen: (choices: Readonly<Record<string, Choice>>) => void;
}

/** Shown at once; the next ones follow when these are chosen. */
const SHOWN = 20;

/** What both sides have changed, side by side; nothing is taken before it is chosen, and what is not chosen stays. */
export function Conflicts({ conflicts, from, onChosen }: ConflictsProps) {
  const [choices, setChoices] = useState<Readonly<Record<string, Choice>>>({});
  const shown = conflicts.slice(0, SHOWN);
  const made = Object.keys(choices).filter((key) => shown.some(({ mine }) => mine.version.key === key)).length;
  const pick = (key: string, choice: Choice | null): void => {
    const others = Object.fromEntries(Object.entries(choices).filter(([other]) => other !== key));
    setChoices(choice === null ? others : { ...others, [key]: choice });
  };
  const all = (choice: Choice): void => setChoices(Object.fromEntries(shown.map(({ mine }) => [mine.version.key, choice])));
  return (
    <div className="mt-3 border-l-4 border-close pl-3">
      <h3 className="font-semibold">Changed on both sides</h3>
      <p className="caption">
        Here and on {from}, without knowing of one another. What is not chosen stays as it is here, and is asked again.
      </p>
      <ul>
        {shown.map((conflict) => (
          <li key={conflict.mine.version.key} className="border-b border-rule py-3">
            <Sides
              conflict={conflict}
              from={from}
              choice={choices[conflict.mine.version.key] ?? null}
              onPick={(choice) => pick(conflict.mine.version.key, choice)}
            />
          </li>
        ))}
      </ul>
      {conflicts.length > SHOWN ? <p className="caption mt-2">{conflicts.length - SHOWN} more follow.</p> : null}
      <div className="mt-3 flex flex-wrap gap-2">
        <button type="button" className="btn btn-filled" disabled={made === 0} onClick={() => onChosen(choices)}>
          {made === 0 ? "Choose first" : `Take what was chosen (${made})`}
        </button>
        {shown.length > 1 ? (
          <>
            <button type="button" className="btn" onClick={() => all("mine")}>
              Choose all of here
            </button>
            <button type="button" className="btn" onClick={() => all("theirs")}>
              Choose all of {from}
            </button>
          </>
        ) : null}
      </div>
    </div>
  );
}

interface SidesProps {
  readonly conflict: Conflict;
  readonly from: string;
  readonly choice: Choice | null;
  readonly onPick: (choice: Choice | null) => void;
}

function Sides({ conflict, from, choice, onPick }: SidesProps) {
  const now = useMoment();
  const house = useHouse();
  const row = conflict.mine.row ?? conflict.theirs.row;
  const cardId = row === null || conflict.name === "traveller" ? null : parseTravellerId(cardOf(conflict.name, row));
  const card = useCard(cardId);
  const kept = card.state === "ready" ? card.value : null;
  if (house === null || (cardId !== null && kept === null && card.state === "loading")) return null;
  const title = conflictTitle(conflict, kept);
  return (
    <>
      <p className="font-semibold break-words">{title}</p>
      <div className="mt-1 overflow-x-auto">
        <table className="w-full text-[14px]">
          <thead>
            <tr className="border-b border-rule text-left">
              <th className="py-1 pr-3 font-normal text-ink-soft" />
              <th className="w-[42%] py-1 pr-3 font-semibold">Here, {dayAndTime(conflict.mine.version.at, now)}</th>
              <th className="w-[42%] py-1 font-semibold">
                {from}, {dayAndTime(conflict.theirs.version.at, now)}
              </th>
            </tr>
          </thead>
          <tbody>
            {conflictLines(conflict, kept, house.figures).map(({ what, mine, theirs }) => (
              <tr key={what} className="border-b border-rule align-top last:border-0">
                <th scope="row" className="py-1 pr-3 text-left font-normal text-ink-soft">
                  {what}
                </th>
                <td className="py-1 pr-3 break-words">{mine}</td>
                <td className="py-1 break-words">{theirs}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <div className="mt-2">
        <PickOne
          legend={`Which one is right: ${title}`}
          options={[
            { id: "mine", label: "Here" },
            { id: "theirs", label: from },
          ]}
          picked={choice}
          onPick={onPick}
        />
      </div>
    </>
  );
}
