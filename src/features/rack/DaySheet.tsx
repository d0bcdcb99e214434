"use client";
import { useState } from "react";
import Sheet from "@/components/Sheet";
import { FIRST_DAY } from "@/core/kept";
import type { TravellerId } from "@/records";
import { changeDayList } from "@/store/day-list";
import { useDue, useNewest } from "@/store/summaries";
import type { Summary } from "@/store/summary";
import { dayOf } from "../vocabulary/clock";

const MOST_OFFERED = 60;
const NONE: readonly Summary[] = [];

/** Which cards go onto the day's list: what is due by today, and what is on the rack. */
export default function DaySheet({ ids, onClose }: { ids: readonly TravellerId[]; onClose: () => void }) {
  const [today] = useState(() => dayOf(new Date()));
  const due = useDue({ from: FIRST_DAY, to: today }, MOST_OFFERED);
  const open = useNewest(1, MOST_OFFERED);
  const [dueRows, openRows] = [due.state === "ready" ? due.value : NONE, open.state === "ready" ? open.value : NONE];
  const isDue = new Set(dueRows.map(({ id }) => id));
  const rows = [...dueRows, ...openRows.filter(({ id }) => !isDue.has(id))];
  // A tick shows at once; what is kept follows.
  const [chosen, setChosen] = useState(ids);
  const toggle = (id: TravellerId): void => {
    const isOn = !chosen.includes(id);
    setChosen(isOn ? [...chosen, id] : chosen.filter((each) => each !== id));
    void changeDayList((all) => (isOn ? [...all, id] : all.filter((each) => each !== id)));
  };
  return (
    <Sheet title="Cards for the day" onClose={onClose}>
      {rows.length === 0 ? <p>No card is open, and nothing is due.</p> : null}
      <ul>
        {rows.map(({ id, machine, site }) => (
          <li key={id} className="border-b border-rule-faint">
            <label className="flex min-h-[48px] items-center gap-3 text-[15px]">
              <input type="checkbox" className="h-5 w-5 accent-press" checked={chosen.includes(id)} onChange={() => toggle(id)} />
              <span className="min-w-0">
                {machine.trim() || "Machine not named"}
                <span className="caption block">
                  {site.trim() || "no site"}
                  {isDue.has(id) ? " · due" : ""}
                </span>
              </span>
            </label>
          </li>
        ))}
      </ul>
    </Sheet>
  );
}
