"use client";
import { useRouter } from "next/navigation";
import { lazy, Suspense, useState } from "react";
import { useHouse } from "@/store/queries";
import { useLetterKeys } from "./useLetterKeys";

const KeysSheet = lazy(() => import("./KeysSheet"));

/** Keys that work on every screen: find, keys, and the three places. */
export function GlobalKeys() {
  const router = useRouter();
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
      else router.push("/?find");
      return true;
    }
    const place = { r: "/", g: "/ledger", h: "/house-rules" }[key];
    if (place) router.push(place);
    return place !== undefined;
  });
  return isShown ? (
    <Suspense>
      <KeysSheet onClose={() => setShown(false)} />
    </Suspense>
  ) : null;
}
