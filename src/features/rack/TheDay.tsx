"use client";
import { lazy, Suspense, useState } from "react";
import { useDayList } from "@/store/day-list";

const DayList = lazy(() => import("./DayList"));

/** The day's list where there is one, and the way to begin one; what moves it is loaded with it. */
export function TheDay() {
  const ids = useDayList();
  const [isBegun, setBegun] = useState(false);
  if (ids === null) return null;
  return ids.length > 0 || isBegun ? (
    <Suspense>
      <DayList ids={ids} isOpened={isBegun && ids.length === 0} />
    </Suspense>
  ) : (
    <div>
      <button type="button" className="btn" onClick={() => setBegun(true)}>
        Plan the day
      </button>
    </div>
  );
}
