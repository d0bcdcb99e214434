"use client";
import { lazy, Suspense, useState } from "react";
import { openPage } from "@/components/open-page";
import { areLettersOff, useHouseBasics } from "@/store/house-basics";
import { benchStationOf } from "../stations/labels";
import { startChord, useLetterKeys } from "./useLetterKeys";

const KeysSheet = lazy(() => import("./KeysSheet"));

const benchHref = (station: string | null): string => (station === null ? "/bench" : `/bench?station=${station}`);

/** Keys that work on every screen: find, keys, the places, and the bench in two keys. */
export function GlobalKeys() {
  const house = useHouseBasics();
  const [isShown, setShown] = useState(false);
  useLetterKeys(house?.hasLetterKeys ?? false, (key) => {
    if (areLettersOff()) return false;
    if (key === "?") {
      setShown(true);
      return true;
    }
    if (key === "/") {
      const find = document.querySelector<HTMLInputElement>("input[type=search]");
      if (find) find.focus();
      else openPage("/?find");
      return true;
    }
    if (key === "b") {
      startChord(
        (second) => openPage(benchHref(benchStationOf(second))),
        () => openPage("/bench"),
      );
      return true;
    }
    const place = { r: "/", x: "/shelf", g: "/ledger", h: "/house-rules" }[key];
    if (place) openPage(place);
    return place !== undefined;
  });
  return isShown ? (
    <Suspense>
      <KeysSheet onClose={() => setShown(false)} />
    </Suspense>
  ) : null;
}
