"use client";
import { useDeferredValue, useMemo, useState } from "react";
import { LineField } from "@/components/LineField";
import type { TravellerId } from "@/records";
import { EVERYTHING } from "@/store/find-cards";
import { makeOneMotor, partMotor, undoMotorChange } from "@/store/motors";
import { useFound, useSummaries } from "@/store/summaries";
import type { Summary } from "@/store/summary";
import { clockDay } from "../vocabulary/clock";
import { changeWords, countedVisits, motorsOf, type MotorFound } from "./one-or-two";

/** Motors that are offered; more words find others. */
const MOST_OFFERED = 6;
const MOST_LOOKED_AT = 60;

/** Two motors that are one, and one that was two: said here, and taken back here. */
export default function OneOrTwo({ visits }: { visits: readonly Summary[] }) {
  const [doing, setDoing] = useState<"nothing" | "make-one" | "part">("nothing");
  const [said, setSaid] = useState("");
  const last = visits.at(-1);
  if (!last) return null;
  const done = (isKept: boolean, words: string): void => {
    setSaid(isKept ? words : "It could not be kept on this device. Nothing was changed; try again.");
    if (isKept) setDoing("nothing");
  };
  return (
    <section aria-labelledby="one-or-two" className="flex flex-col gap-3">
      <h2 id="one-or-two" className="heading-rule">
        One motor or two
      </h2>
      <Changes visits={visits} onUndone={(isKept) => done(isKept, "Taken back: every visit is of the motor it was of before.")} />
      {doing === "nothing" ? (
        <div className="flex flex-wrap gap-2">
          <button type="button" className="btn" onClick={() => setDoing("make-one")}>
            It is the same as another
          </button>
          {visits.length > 1 ? (
            <button type="button" className="btn" onClick={() => setDoing("part")}>
              Some visits are of another
            </button>
          ) : null}
        </div>
      ) : doing === "make-one" ? (
        <MakeOne visits={visits} onDone={done} onLeave={() => setDoing("nothing")} />
      ) : (
        <PartOff visits={visits} onDone={done} onLeave={() => setDoing("nothing")} />
      )}
      <p role="status" className="text-[14px]">
        {said}
      </p>
    </section>
  );
}

/** What was said of these visits before, each with its way back. */
function Changes({ visits, onUndone }: { visits: readonly Summary[]; onUndone: (isKept: boolean) => void }) {
  return (
    <ul>
      {changeWords(visits).map(({ at, words }) => (
        <li key={at} className="flex flex-wrap items-center justify-between gap-2 border-b border-rule-faint py-1 text-[14px]">
          {words}
          <button type="button" className="btn" onClick={() => void undoMotorChange(at).then(onUndone)}>
            Undo
          </button>
        </li>
      ))}
    </ul>
  );
}

interface DoingProps {
  readonly visits: readonly Summary[];
  readonly onDone: (isKept: boolean, words: string) => void;
  readonly onLeave: () => void;
}

function MakeOne({ visits, onDone, onLeave }: DoingProps) {
  const [find, setFind] = useState("");
  const site = visits.at(-1)?.site ?? "";
  const text = useDeferredValue(find.trim() === "" ? site.trim() : find.trim());
  const found = useFound(useMemo(() => (text === "" ? null : { ...EVERYTHING, text }), [text]));
  const ids = useMemo(() => (found ?? []).slice(0, MOST_LOOKED_AT).map(({ id }) => id), [found]);
  const cards = useSummaries(ids);
  const own = visits[0]?.motor ?? "";
  const motors = (cards.state === "ready" ? motorsOf(cards.value) : []).filter(({ motor }) => motor !== own).slice(0, MOST_OFFERED);
  const choose = async ({ motor, name }: MotorFound): Promise<void> =>
    onDone(await makeOneMotor(own, motor), `One motor now, with ${name}. What comes under either name belongs to it.`);
  return (
    <>
      <LineField label="Which one? Words of its machine or site" text={find} kind="word" placeholder={site} onText={setFind} />
      <ul>
        {motors.map((each) => (
          <li key={each.motor} className="border-b border-rule-faint py-1.5">
            <button type="button" className="btn w-full justify-start text-left" onClick={() => void choose(each)}>
              {each.name}
            </button>
            <p className="caption">
              {each.visits}: the last on {clockDay(each.last)}
            </p>
          </li>
        ))}
      </ul>
      {motors.length === 0 ? <p className="caption">No other motor has these words.</p> : null}
      <div>
        <button type="button" className="btn btn-plain" onClick={onLeave}>
          Leave it
        </button>
      </div>
    </>
  );
}

function PartOff({ visits, onDone, onLeave }: DoingProps) {
  const [ticked, setTicked] = useState<ReadonlySet<TravellerId>>(new Set());
  const toggle = (id: TravellerId): void => {
    const next = new Set(ticked);
    if (!next.delete(id)) next.add(id);
    setTicked(next);
  };
  const isAll = ticked.size === visits.length;
  const part = async (): Promise<void> =>
    onDone(await partMotor([...ticked]), `${countedVisits(ticked.size)} parted off: they have a page of their own.`);
  return (
    <>
      <fieldset>
        <legend className="caption mb-1">Which visits are of another motor?</legend>
        {[...visits].reverse().map(({ id, createdAt, line }) => (
          <label key={id} className="flex min-h-[44px] items-center gap-3 border-b border-rule-faint text-[14px]">
            <input type="checkbox" className="h-5 w-5 accent-press" checked={ticked.has(id)} onChange={() => toggle(id)} />
            <span>
              {clockDay(createdAt)} <span className="caption">{line?.complaint ?? ""}</span>
            </span>
          </label>
        ))}
      </fieldset>
      {isAll ? <p className="text-[14px] text-close">One visit at least stays.</p> : null}
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn btn-filled" disabled={ticked.size === 0 || isAll} onClick={() => void part()}>
          Part them off
        </button>
        <button type="button" className="btn btn-plain" onClick={onLeave}>
          Leave it
        </button>
      </div>
    </>
  );
}
