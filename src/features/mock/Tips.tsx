"use client";
import { useEffect, useMemo, useState } from "react";
import { shownText } from "@/core/hold";
import { actOn, newPartPlace, safePlaces, TIP_TESTS, tipPlaces, type MockAct, type MockWorld, type TipPlace } from "@/core/mock";
import type { StationId } from "@/core/stations";
import type { TestId } from "@/core/trade";
import { putTips } from "../meter-link/simulated-meter";
import { placeWords, seenWords } from "./mock-words";
import { mishapWords, nothingWords } from "./said";

interface TipsProps {
  readonly station: StationId;
  readonly method: string | null;
  readonly world: MockWorld;
  /** what the card calls its leads */
  readonly names: readonly string[];
  /** label of a capacitor that is to go in; empty: none is named */
  readonly newPart?: string;
  readonly onAct: (act: MockAct) => void;
  readonly onSaid: (sentences: readonly string[]) => void;
  /** beside what the instrument shows */
  readonly children?: React.ReactNode;
}

function placesAt(
  station: StationId,
  tests: readonly TestId[],
  world: MockWorld,
  newPart: string,
): readonly (TipPlace & { readonly test: TestId | null })[] {
  const at = new Date().toISOString();
  if (station === "make-safe") return safePlaces(world, at).map((place) => ({ ...place, test: null }));
  if (newPart !== "") return [newPartPlace(world, newPart, at) ?? []].flat().map((place) => ({ ...place, test: null }));
  const all = tests.flatMap((test) => tipPlaces(world, station, test, at).map((place) => ({ ...place, test })));
  return all.filter((place, index) => all.findIndex(({ id }) => id === place.id) === index);
}

/** Tests whose places stand there: of a part that is read two ways those of the way in hand. */
function testsAt(station: StationId, method: string | null): readonly TestId[] {
  if (station === "capacitor") return [method === "running" ? "capacitor-running" : "capacitor-meter"];
  return TIP_TESTS[station] ?? [];
}

/** Whether an instrument is put on anything at a station. */
export const hasTips = (station: StationId): boolean => station === "make-safe" || TIP_TESTS[station] !== undefined;

/** Places where tips, clamp and tester are put, by a tap; what they show stands there, and goes to the fields by the link. */
export function Tips({ station, method, world, names, newPart = "", onAct, onSaid, children }: TipsProps) {
  const places = useMemo(() => placesAt(station, testsAt(station, method), world, newPart), [station, method, world, newPart]);
  const [on, setOn] = useState<string | null>(null);
  const [begun, setBegun] = useState<ReadonlySet<string>>(new Set());
  const there = places.find((place) => place.id === on);
  const touch = (place: (typeof places)[number]): void => {
    if (on === place.id) {
      setOn(null);
      putTips(null);
      return;
    }
    const { test } = place;
    if (test !== null) {
      // Every touch meets the power as it is; its minutes are those of the first.
      const done: MockAct = { kind: "tips", test };
      const after = actOn(world, done, new Date().toISOString());
      const mishap = mishapWords(world, after.world);
      const isFirst = !begun.has(test);
      if (isFirst || mishap) onAct(done);
      if (mishap || after.seen === null) return onSaid(mishap ?? nothingWords(world, done));
      setBegun(new Set([...begun, test]));
      if (isFirst) onSaid(seenWords(after.seen));
    }
    setOn(place.id);
    putTips({ quantity: place.quantity, entry: place.entry });
  };
  useEffect(() => () => putTips(null), []);
  return (
    <div className="flex flex-col gap-2">
      <p className="caption">Put the instrument on; tap again to lift it.</p>
      <div role="group" aria-label="Where the instrument is put" className="flex flex-wrap gap-2">
        {places.map((place) => (
          <button
            key={place.id}
            type="button"
            aria-pressed={on === place.id}
            className={`btn ${on === place.id ? "btn-filled" : ""}`}
            onClick={() => touch(place)}
          >
            {placeWords(place, names)}
          </button>
        ))}
      </div>
      <div className="flex flex-wrap items-baseline gap-4">
        <p className="num text-[26px] font-medium" aria-label="The simulated meter shows">
          {there ? shownText(there.entry) : "–"}
        </p>
        {children}
      </div>
    </div>
  );
}
