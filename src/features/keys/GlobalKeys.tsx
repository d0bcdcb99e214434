"use client";
import { lazy, Suspense, useState } from "react";
import { openPage } from "@/components/open-page";
import { useHouse } from "@/store/queries";
import { useLetterKeys } from "./useLetterKeys";

const KeysSheet = lazy(() => import("./KeysSheet"));

/** Keys that work on every screen: find, keys, and the three places. */
export function GlobalKeys() {
  const house = useHouse();
  const [isShown, setShown] = useState(false);
  useLetterKeys(house?.hasLetterKeys ?? false, (key) => {
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
    const place = { r: "/", g: "/ledger", h: "/house-rules" }[key];
    if (place) openPage(place);
    return place !== undefined;
  });
  return isShown ? (
    <Suspense>
      <KeysSheet onClose={() => setShown(false)} />
    </Suspense>
  ) : null;
}
